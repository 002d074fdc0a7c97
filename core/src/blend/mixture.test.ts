import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { baseOf, known, oilOf } from '../testing';
import { carriers, oils } from '../library/library';
import { mix, sureWeights, weightedShare } from './mixture';

const sure = (ml: number) => ({ low: ml, likely: ml, high: ml });

describe('one bottle', () => {
  test('by hand: half a ml of lavender and a quarter of vetiver in jojoba, to 9.5 ml', () => {
    // Densities: lavender d1, vetiver d2, jojoba 0.867.
    const [d1, d2] = [
      known(oilOf('lavender').densityGPerMl),
      known(oilOf('vetiver').densityGPerMl),
    ];
    const {
      strength,
      totalG,
      bases,
      oils: mixed,
    } = mix(
      [
        { oil: oilOf('lavender'), drops: null, ml: sure(0.5) },
        { oil: oilOf('vetiver'), drops: null, ml: sure(0.25) },
      ],
      [{ base: baseOf('jojoba'), parts: 1 }],
      9.5,
    );
    const whole = 0.5 * d1 + 0.25 * d2 + 8.75 * 0.867;
    expect(bases[0]?.ml.likely).toBeCloseTo(8.75, 12);
    expect(known(totalG).likely).toBeCloseTo(whole, 12);
    expect(strength.byVolume.likely).toBeCloseTo((100 * 0.75) / 9.5, 12);
    expect(known(strength.byWeight).likely).toBeCloseTo((100 * (0.5 * d1 + 0.25 * d2)) / whole, 12);
    // Vetiver is denser than the whole, so that weight says more than volume.
    expect(known(mixed[1]?.byWeight).likely).toBeCloseTo((100 * 0.25 * d2) / whole, 12);
    expect(mixed[1]?.percent).toEqual(mixed[1]?.byWeight);
    expect(mixed[1]?.byVolume.likely).toBeLessThan(known(mixed[1]?.percent).likely);
  });

  test('bases share by volume what the oils leave free', () => {
    const { bases } = mix(
      [{ oil: oilOf('lavender'), drops: null, ml: sure(0.5) }],
      [
        { base: baseOf('jojoba'), parts: 7 },
        { base: baseOf('camellia_seed'), parts: 3 },
      ],
      9.5,
    );
    expect(bases.map(({ ml }) => ml.likely)).toEqual([expect.closeTo(6.3), expect.closeTo(2.7)]);
  });
});

const anyRange = fc
  .tuple(
    fc.double({ min: 0, max: 0.4, noNaN: true }),
    fc.double({ min: 0, max: 0.4, noNaN: true }),
    fc.double({ min: 0, max: 0.4, noNaN: true }),
  )
  .map((values) => {
    const [low = 0, likely = 0, high = 0] = [...values].sort((a, b) => a - b);
    return { low, likely, high };
  });

const dense = oils.filter(({ densityGPerMl }) => densityGPerMl !== null);

const anyOils = fc.uniqueArray(fc.tuple(fc.constantFrom(...dense), anyRange), {
  minLength: 1,
  maxLength: 6,
  selector: ([oil]) => oil.id,
});

test('amounts add up to the fill line, in volume and in weight, and ranges keep their order', () => {
  fc.assert(
    fc.property(anyOils, fc.constantFrom(...carriers), (given, base) => {
      const mixture = mix(
        given.map(([oil, ml]) => ({ oil, drops: null, ml })),
        [{ base, parts: 1 }],
        9.5,
      );
      const ml = [...mixture.oils, ...mixture.bases].reduce((sum, one) => sum + one.ml.likely, 0);
      const g = [...mixture.oils, ...mixture.bases].reduce(
        (sum, one) => sum + known(one.g).likely,
        0,
      );
      expect(ml).toBeCloseTo(9.5, 9);
      expect(g).toBeCloseTo(known(mixture.totalG).likely, 9);
      const shares = mixture.oils.reduce((sum, one) => sum + known(one.byWeight).likely, 0);
      expect(shares).toBeCloseTo(known(mixture.strength.byWeight).likely, 9);
      for (const range of [
        mixture.totalG,
        mixture.strength.byWeight,
        ...mixture.oils.flatMap((one) => [one.byVolume, one.byWeight, one.percent]),
        ...mixture.bases.map((one) => one.ml),
      ].map(known)) {
        expect(range.low).toBeLessThanOrEqual(range.likely + 1e-12);
        expect(range.likely).toBeLessThanOrEqual(range.high + 1e-12);
      }
    }),
  );
});

test('the ends of a share by weight are what trying every end of every drop finds', () => {
  fc.assert(
    fc.property(
      anyOils,
      fc.constantFrom(...carriers),
      fc.array(fc.constantFrom(0, 0.5, 1, 2.5), { minLength: 6, maxLength: 6 }),
      (given, base, weights) => {
        const measured = given.map(([oil, ml]) => ({ oil, drops: null, ml }));
        const density = base.densityGPerMl;
        const { byWeight } = weightedShare(measured, sureWeights(weights), {
          fillMl: 9.5,
          baseDensity: density,
        });
        const shares: number[] = [];
        for (let corner = 0; corner < 2 ** measured.length; corner += 1) {
          let part = 0;
          let whole = density * 9.5;
          measured.forEach(({ oil, ml }, i) => {
            const volume = corner & (1 << i) ? ml.high : ml.low;
            part += (weights[i] ?? 0) * known(oil.densityGPerMl) * volume;
            whole += (known(oil.densityGPerMl) - density) * volume;
          });
          shares.push((100 * part) / whole);
        }
        expect(known(byWeight).low).toBeCloseTo(Math.min(...shares), 9);
        expect(known(byWeight).high).toBeCloseTo(Math.max(...shares), 9);
      },
    ),
  );
});

test('an oil of unknown density leaves every weight not known, and volumes as they are', () => {
  const {
    oils: mixed,
    strength,
    totalG,
  } = mix(
    [
      { oil: oilOf('vanilla'), drops: 2, ml: sure(0.1) },
      { oil: oilOf('lavender'), drops: 2, ml: sure(0.1) },
    ],
    [{ base: baseOf('jojoba'), parts: 1 }],
    10,
  );
  expect([totalG, strength.byWeight, mixed[0]?.g, mixed[1]?.byWeight]).toEqual([
    null,
    null,
    null,
    null,
  ]);
  expect(strength.byVolume.likely).toBeCloseTo(2, 12);
  expect(known(mixed[1]?.g).likely).toBeCloseTo(0.1 * known(oilOf('lavender').densityGPerMl), 12);
});
