import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { baseOf } from '../catalog/known.testing';
import { settleBases, type AskedBase, type AskedOil, type BaseMeasure } from './bases';
import type { By } from '../recipe';

const measured = (measures: Record<string, BaseMeasure>): AskedBase[] =>
  Object.entries(measures).map(([id, measure]) => ({ base: baseOf(id), measure }));
const parts = (count: number): BaseMeasure => ({ by: 'parts', parts: count });
const percent = (value: number): BaseMeasure => ({ by: 'percent', percent: value });
const g = (value: number): BaseMeasure => ({ by: 'g', g: value });
const ml = (value: number): BaseMeasure => ({ by: 'ml', ml: value });
const oil = (value: number, densityGPerMl: number | null = 0.9): AskedOil => ({
  densityGPerMl,
  amount: { by: 'ml', ml: value },
});

const settled = (
  measures: Record<string, BaseMeasure>,
  oils: readonly AskedOil[],
  by: By,
  wholeMl = 100,
) => {
  const found = settleBases(measured(measures), oils, by, wholeMl);
  if (!found.ok) throw new Error(found.code);
  const of = (id: string) => found.bases.find(({ base }) => base.id === id)?.ml ?? 0;
  return { ...found, of };
};

describe('bases by hand', () => {
  test('one part of weight is not one part of volume', () => {
    // Jojoba 0.867, castor 0.96: equal weights fill 100 ml as 1/0.867 to 1/0.96.
    const { of } = settled({ jojoba: parts(1), castor: parts(1) }, [], 'weight');
    expect(of('jojoba')).toBeCloseTo((100 * (1 / 0.867)) / (1 / 0.867 + 1 / 0.96), 9);
    expect(of('jojoba') * 0.867).toBeCloseTo(of('castor') * 0.96, 9);
    const { of: byVolume } = settled({ jojoba: parts(1), castor: parts(1) }, [], 'volume');
    expect(byVolume('jojoba')).toBeCloseTo(50, 12);
  });

  test('a quarter of beeswax by weight, jojoba the rest, 3 ml of oil at 0.9', () => {
    // M = (2.7 + 0.867 x 97) / (1 - 0.25 + 0.867 x 0.25 / 0.96) = 88.6988... g
    const mass = (2.7 + 0.867 * 97) / (0.75 + (0.867 * 0.25) / 0.96);
    const { of, wholeMl } = settled(
      { beeswax_yellow: percent(25), jojoba: parts(1) },
      [oil(3)],
      'weight',
    );
    expect(wholeMl).toBe(100);
    expect(of('beeswax_yellow') * 0.96).toBeCloseTo(0.25 * mass, 9);
    expect(of('beeswax_yellow') + of('jojoba') + 3).toBeCloseTo(100, 9);
  });

  test('vitamin E at one percent is counted in', () => {
    const { of } = settled({ vitamin_e: percent(1), jojoba: parts(1) }, [oil(2)], 'volume');
    expect(of('vitamin_e')).toBeCloseTo(1, 12);
    expect(of('jojoba')).toBeCloseTo(97, 12);
  });

  test('amounts alone make the whole what they come to', () => {
    const { wholeMl, of } = settled({ jojoba: ml(15), beeswax_yellow: g(4.8) }, [oil(1)], 'volume');
    // 4.8 g at 0.96 are 5 ml.
    expect(of('beeswax_yellow')).toBeCloseTo(5, 12);
    expect(wholeMl).toBeCloseTo(21, 12);
  });

  test('amounts and two percent of oil by weight: the whole grows by what the oil takes', () => {
    const share: AskedOil = { densityGPerMl: 0.9, amount: { by: 'share', share: 0.02 } };
    const { oilMl, wholeMl } = settled({ jojoba: g(49), shea_butter: g(49) }, [share], 'weight');
    expect((oilMl[0] ?? 0) * 0.9).toBeCloseTo(2, 9);
    expect(wholeMl).toBeCloseTo(49 / 0.867 + 49 / 0.91 + 2 / 0.9, 9);
  });

  test('percents alone are shares among each other', () => {
    const { of } = settled({ jojoba: percent(30), castor: percent(30) }, [oil(10)], 'volume');
    expect([of('jojoba'), of('castor')]).toEqual([expect.closeTo(45), expect.closeTo(45)]);
  });
});

describe('grains', () => {
  test('sugar in enough oil takes up its own volume, not its volume as it lies', () => {
    // 65 g sugar to 35 g oil: gaps 65 x (1/0.847 - 1/1.587) = 35.8 ml, oil 35/0.867 = 40.4 ml.
    const { of, grain, wholeMl } = settled({ white_sugar: g(65), jojoba: g(35) }, [], 'weight');
    expect(grain).toBe('paste');
    expect(of('white_sugar')).toBeCloseTo(65 / 1.587, 9);
    expect(wholeMl).toBeCloseTo(65 / 1.587 + 35 / 0.867, 9);
  });

  test('with less oil than gaps it stays loose, and takes up what it takes as it lies', () => {
    const { wholeMl, grain } = settled({ white_sugar: g(80), jojoba: g(20) }, [], 'weight');
    expect(grain).toBe('dry');
    expect(wholeMl).toBeCloseTo(80 / 0.847, 6);
  });

  test('a jar by ratio holds what the same ratio by amounts comes to', () => {
    for (const share of [60, 70, 78, 85]) {
      const amounts = settled({ white_sugar: g(share), jojoba: g(100 - share) }, [], 'weight');
      const jar = settled(
        { white_sugar: parts(share), jojoba: parts(100 - share) },
        [],
        'weight',
        amounts.wholeMl,
      );
      expect(jar.of('white_sugar')).toBeCloseTo(amounts.of('white_sugar'), 5);
      expect(jar.grain).toBe(amounts.grain);
    }
  });
});

describe('what cannot be', () => {
  test('no room for the rest, with what is fixed and what there is', () => {
    expect(
      settleBases(measured({ castor: ml(99), jojoba: parts(1) }), [oil(2)], 'volume', 100),
    ).toEqual({ ok: false, code: 'no-room', value: 101, limit: 100 });
  });

  test('percents that leave nothing', () => {
    expect(
      settleBases(
        measured({ castor: percent(60), shea_butter: percent(40), jojoba: parts(1) }),
        [],
        'weight',
        9,
      ),
    ).toMatchObject({ ok: false, code: 'over-all', value: 100 });
  });
});

test('whatever is asked, volumes fill the whole and shares by weight are what was said', () => {
  const pourable = ['jojoba', 'castor', 'squalane', 'shea_butter', 'beeswax_yellow'] as const;
  fc.assert(
    fc.property(
      fc.uniqueArray(
        fc.tuple(fc.constantFrom(...pourable), fc.double({ min: 0.5, max: 18, noNaN: true })),
        {
          minLength: 1,
          maxLength: 4,
          selector: ([id]) => id,
        },
      ),
      fc.double({ min: 0, max: 8, noNaN: true }),
      fc.constantFrom<By>('weight', 'volume'),
      fc.double({ min: 1, max: 2000, noNaN: true }),
      (shares, oilPercent, by, wholeMl) => {
        const measures = Object.fromEntries(shares.map(([id, value]) => [id, percent(value)]));
        const {
          bases,
          oilMl,
          wholeMl: whole,
        } = settled(
          { ...measures, sunflower_linoleic: parts(1) },
          [{ densityGPerMl: 0.89, amount: { by: 'share', share: oilPercent / 100 } }],
          by,
          wholeMl,
        );
        const volume = bases.reduce((total, entry) => total + entry.ml, 0) + (oilMl[0] ?? 0);
        expect(volume / whole).toBeCloseTo(1, 9);
        const mass =
          bases.reduce((total, { base, ml: v }) => total + v * base.densityGPerMl, 0) +
          (oilMl[0] ?? 0) * 0.89;
        for (const [id, value] of shares) {
          const entry = bases.find(({ base }) => base.id === id);
          const size = by === 'weight' ? (entry?.ml ?? 0) * baseOf(id).densityGPerMl : entry?.ml;
          expect((100 * (size ?? 0)) / (by === 'weight' ? mass : whole)).toBeCloseTo(value, 8);
        }
      },
    ),
  );
});
