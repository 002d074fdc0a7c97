import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { timesAsMuch } from '../drops';
import { forBody, madeOut } from '../drops/worked.testing';
import { stepsOf } from '../making';
import { shortBases, type ShortRecipe } from '../recipe/recipe.testing';
import { labelOf } from './label';
import { plannedPieces } from './pieces';

const recipe = (short: ShortRecipe): ShortRecipe => ({
  name: 'Trial',
  container: { id: 'jar-240' },
  count: 3,
  mixedInOne: true,
  oils: [{ id: 'lavender', parts: 1 }],
  ...short,
});

const done = (given: ShortRecipe) => madeOut(given);

const baseOf = (given: ShortRecipe, id: string) => {
  const found = done(given).evaluation.mixture.bases.find(({ base }) => base.id === id);
  if (!found) throw new Error(id);
  return found;
};

describe('a target never changes what the maker fixed', () => {
  test('500 g stay 500, however much less than asked the limits leave', () => {
    // Anyone may have at most 2 % or so of 60 % asked: the drops are far fewer.
    for (const percent of [1, 3, 20]) {
      const given = recipe({
        by: 'weight',
        target: { percent },
        bases: [
          { id: 'shea_butter', g: 300 },
          { id: 'jojoba', g: 200 },
        ],
      });
      expect(baseOf(given, 'shea_butter').g.likely).toBeCloseTo(300, 6);
      expect(baseOf(given, 'jojoba').g.likely).toBeCloseTo(200, 6);
    }
  });

  test('250 ml stay 250 beside a rest that takes up what is left', () => {
    const given = recipe({
      target: { percent: 8 },
      bases: [
        { id: 'olive', ml: 250 },
        { id: 'jojoba', parts: 1 },
      ],
    });
    expect(baseOf(given, 'olive').ml.likely).toBeCloseTo(250, 6);
  });

  test('nor does any number of parts or percent, within the limits of the whole', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 400 }),
        fc.integer({ min: 50, max: 300 }),
        fc.double({ min: 0.2, max: 30, noNaN: true }),
        (shea, jojoba, percent) => {
          const given = recipe({
            by: 'weight',
            target: { percent },
            oils: [
              { id: 'lavender', parts: 2 },
              { id: 'ylang-ylang', parts: 1 },
            ],
            bases: [
              { id: 'shea_butter', g: shea },
              { id: 'jojoba', g: jojoba },
            ],
          });
          const { evaluation } = done(given);
          // A drop more or less is what rounding may leave; 0.05 ml of some hundred.
          expect(Math.abs((evaluation.mixture.bases[0]?.g.likely ?? 0) - shea)).toBeLessThan(0.06);
          expect(Math.abs((evaluation.mixture.bases[1]?.g.likely ?? 0) - jojoba)).toBeLessThan(
            0.06,
          );
          expect(evaluation.blocking).toBe(false);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('a solid by the spoon stays as it was typed', () => {
  const spoons = (value: number): ShortRecipe =>
    recipe({
      by: 'weight',
      container: { id: 'jar-240' },
      count: 1,
      oils: [],
      bases: [
        {
          id: 'beeswax_yellow',
          loose: { value, unit: 'tablespoon', form: 'pellets', ml: value * 15 },
        },
        { id: 'jojoba', ml: 100 },
      ],
    });

  test('two tablespoons of pellets weigh 16 g, and may weigh 14 to 20', () => {
    // Published loose weight of pellets: 0.473 to 0.676 g/ml, most likely 0.541; 30 ml.
    expect(baseOf(spoons(2), 'beeswax_yellow').g).toEqual({
      low: expect.closeTo(14.19, 9),
      likely: expect.closeTo(16.23, 6),
      high: expect.closeTo(20.28, 9),
    });
  });

  test('doubled they are four, and halved one', () => {
    const { evaluation } = done({ ...spoons(2), count: 2 });
    const at = (factor: number) => {
      const scaled = timesAsMuch(
        shippedCatalog,
        forBody({ ...spoons(2), count: 2 }),
        evaluation,
        factor,
      );
      return scaled.ok ? shortBases(scaled.recipe)[0]?.loose : scaled.problem;
    };
    expect(at(2)).toEqual({ value: 4, unit: 'tablespoon', form: 'pellets', ml: 60 });
    expect(at(0.5)).toEqual({ value: 1, unit: 'tablespoon', form: 'pellets', ml: 15 });
  });

  test('the bench keeps the spoons, with what they may weigh', () => {
    const { blend, evaluation } = done(spoons(2));
    const weigh = stepsOf(blend, evaluation.mixture).find(
      (step) => step.kind === 'weigh' && step.baseId === 'beeswax_yellow',
    );
    expect(weigh).toMatchObject({
      loose: { value: 2, measure: 'tablespoon', form: 'pellets' },
      gRange: { low: expect.closeTo(14.19, 2), high: expect.closeTo(20.28, 2) },
    });
  });
});

describe('grams need no density', () => {
  test('an oil without one is weighed, and its ml are a range', () => {
    const given = recipe({
      container: { id: 'roll-on-10' },
      count: 1,
      mixedInOne: false,
      oils: [{ id: 'vanilla', g: 0.2 }],
    });
    const [vanilla] = done(given).evaluation.mixture.oils;
    expect(vanilla?.g).toEqual({ low: 0.2, likely: 0.2, high: 0.2 });
    // Most essential oils weigh 0.85 to 1 g to the ml.
    expect(vanilla?.ml.low).toBeCloseTo(0.2, 9);
    expect(vanilla?.ml.high).toBeCloseTo(0.2 / 0.85, 9);
  });
});

describe('a container is labelled with what is in it, not with what it could hold', () => {
  const pieces = (given: ShortRecipe) => {
    const { blend, evaluation } = done(given);
    const facts = { batch: '', madeOn: '2026-11-25', maker: '' };
    return plannedPieces(blend, evaluation).map((piece) => {
      const { kind, ml, g, by } = labelOf(blend, piece, facts);
      return [piece.count, kind, by === 'weight' ? g : ml];
    });
  };

  test('47.6 g in a jar of 118 ml', () => {
    const given = recipe({
      by: 'weight',
      container: { id: 'jar-120' },
      count: 1,
      oils: [],
      bases: [
        { id: 'shea_butter', g: 30 },
        { id: 'jojoba', g: 17.6 },
      ],
    });
    expect(pieces(given)).toEqual([[1, 'jar', expect.closeTo(47.6, 9)]]);
  });

  test('two tins to the line, and the third with the rest', () => {
    // 2 x 13.5 ml and 5.5 ml.
    const given = recipe({
      container: { id: 'tin-15' },
      count: 3,
      oils: [],
      bases: [
        { id: 'jojoba', ml: 22.5 },
        { id: 'camellia_seed', ml: 10 },
      ],
    });
    expect(pieces(given)).toEqual([
      [2, 'tin', expect.closeTo(13.5, 9)],
      [1, 'tin', expect.closeTo(5.5, 9)],
    ]);
  });

  test('the bench pours what there is', () => {
    const given = recipe({
      container: { id: 'jar-120' },
      count: 1,
      oils: [],
      bases: [{ id: 'jojoba', ml: 106 }],
    });
    const { blend, evaluation } = done(given);
    const fill = stepsOf(blend, evaluation.mixture).find(({ kind }) => kind === 'fill');
    expect(fill).toMatchObject({ line: { count: 1, ml: expect.closeTo(106, 9) } });
  });
});
