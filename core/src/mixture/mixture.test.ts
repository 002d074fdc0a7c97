import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { baseOf, known, oilOf } from '../catalog/known.testing';
import { shippedCatalog } from '../catalog';
import { strengthOfTotal } from './strength';
import { mix, sureWeights, weightedShare } from './mixture';

const exact = (ml: number) => ({ low: ml, likely: ml, high: ml });

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
        { oil: oilOf('lavender'), drops: null, ml: exact(0.5) },
        { oil: oilOf('vetiver'), drops: null, ml: exact(0.25) },
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
      [{ oil: oilOf('lavender'), drops: null, ml: exact(0.5) }],
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

const { oils } = shippedCatalog;
const carriers = shippedCatalog.bases.filter(({ kind }) => kind === 'oil');

const anyOils = fc.uniqueArray(fc.tuple(fc.constantFrom(...oils), anyRange), {
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
      const ml = [...mixture.oils, ...mixture.bases].reduce(
        (sum, entry) => sum + entry.ml.likely,
        0,
      );
      const g = [...mixture.oils, ...mixture.bases].reduce(
        (sum, entry) => sum + known(entry.g).likely,
        0,
      );
      expect(ml).toBeCloseTo(9.5, 9);
      expect(g).toBeCloseTo(known(mixture.totalG).likely, 9);
      const shares = mixture.oils.reduce(
        (sum, oilInBlend) => sum + known(oilInBlend.byWeight).likely,
        0,
      );
      expect(shares).toBeCloseTo(known(mixture.strength.byWeight).likely, 9);
      for (const range of [
        mixture.totalG,
        mixture.strength.byWeight,
        ...mixture.oils.flatMap((oilInBlend) => [
          oilInBlend.byVolume,
          oilInBlend.byWeight,
          oilInBlend.percent,
        ]),
        ...mixture.bases.map((baseInBlend) => baseInBlend.ml),
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
        // Two bits for each oil: its volume low or high, and its density where that is assumed.
        for (let corner = 0; corner < 4 ** measured.length; corner += 1) {
          let part = 0;
          let whole = density * 9.5;
          measured.forEach(({ oil, ml }, i) => {
            const volume = corner & (1 << (2 * i)) ? ml.high : ml.low;
            const assumed = corner & (2 << (2 * i)) ? 1 : 0.85;
            const own = oil.densityGPerMl ?? assumed;
            part += (weights[i] ?? 0) * own * volume;
            whole += (own - density) * volume;
          });
          shares.push((100 * part) / whole);
        }
        expect(known(byWeight).low).toBeCloseTo(Math.min(...shares), 9);
        expect(known(byWeight).high).toBeCloseTo(Math.max(...shares), 9);
      },
    ),
  );
});

test('an oil of unknown density weighs what is assumed of it: by hand', () => {
  const { oils: mixed, totalG } = mix(
    [
      { oil: oilOf('vanilla'), drops: 2, ml: exact(0.1) },
      { oil: oilOf('lavender'), drops: 2, ml: exact(0.1) },
    ],
    [{ base: baseOf('jojoba'), parts: 1 }],
    10,
  );
  const lavender = 0.1 * known(oilOf('lavender').densityGPerMl);
  const rest = 9.8 * 0.867 + lavender;
  // 0.1 ml at 0.85, 0.92 and 1 g to the ml.
  expect(mixed[0]?.g).toEqual({
    low: expect.closeTo(0.085),
    likely: expect.closeTo(0.092),
    high: expect.closeTo(0.1),
  });
  expect(totalG).toEqual({
    low: expect.closeTo(rest + 0.085, 9),
    likely: expect.closeTo(rest + 0.092, 9),
    high: expect.closeTo(rest + 0.1, 9),
  });
  expect(mixed[0]?.byWeight.high).toBeCloseTo((100 * 0.1) / (rest + 0.1), 9);
  // What is known is the less of the whole, the more the other weighs.
  expect(mixed[1]?.byWeight.low).toBeCloseTo((100 * lavender) / (rest + 0.1), 9);
});

test('on a scale its grams are known, and its ml are the range', () => {
  const { oils: mixed } = mix(
    [
      {
        oil: oilOf('vanilla'),
        drops: null,
        ml: { low: 0.2, likely: 0.22, high: 0.24 },
        weighedG: 0.2,
      },
    ],
    [{ base: baseOf('jojoba'), parts: 1 }],
    10,
  );
  expect(mixed[0]?.g).toEqual({ low: 0.2, likely: 0.2, high: 0.2 });
  // The fill line is fixed: 0.2 g in what 0.24 and 0.2 ml leave of the jojoba.
  expect(mixed[0]?.byWeight).toMatchObject({
    low: expect.closeTo((100 * 0.2) / (9.8 * 0.867 + 0.2), 9),
    high: expect.closeTo((100 * 0.2) / (9.76 * 0.867 + 0.2), 9),
  });
});

test('so much of all oils is a strength: in proportion to what is there, else by volume', () => {
  // 6 drops are 3.2 %, so that 12 are 6.4 %.
  expect(strengthOfTotal(12, { total: 6, percent: 3.2 }, 20, 9.5)).toBeCloseTo(6.4, 12);
  // 19 drops at 20 to the ml are 0.95 ml: a tenth of 9.5 ml.
  expect(strengthOfTotal(19, { total: 0, percent: 0 }, 20, 9.5)).toBeCloseTo(10, 12);
});
