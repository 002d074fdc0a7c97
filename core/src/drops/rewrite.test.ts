import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { textureOf } from '../mixture';
import type { Recipe } from '../recipe';
import { shortBases, shortOils, type ShortRecipe } from '../recipe/recipe.testing';
import { known } from '../catalog/known.testing';
import type { Evaluation } from './evaluate';
import { measuredBy, simpleParts, writeBases, writeOils } from './rewrite';
import { settle } from './settle';
import { withWax, withWaxPercent } from './waxShare';
import { balmInJars, forBody, workedOut } from './worked.testing';

const written = (short: ShortRecipe): Recipe => forBody(short);

const worked = (recipe: Recipe): Evaluation => workedOut(recipe).evaluation;

/** The same recipe with other oils or bases, as a test writes them. */
const withOnly = (recipe: Recipe, short: Pick<ShortRecipe, 'oils' | 'bases'>): Recipe => ({
  ...recipe,
  ...(short.oils ? { oils: written({ oils: short.oils }).oils } : {}),
  ...(short.bases ? { bases: written({ bases: short.bases }).bases } : {}),
});

const balm = balmInJars;

const grams = ({ mixture }: Evaluation) => mixture.bases.map(({ g }) => g.likely);

describe('simple parts', () => {
  test.each([
    [
      [7, 3],
      [7, 3],
    ],
    [
      [50, 50],
      [1, 1],
    ],
    [
      [15, 10, 5],
      [3, 2, 1],
    ],
    [
      [1, 1.5],
      [2, 3],
    ],
    [
      [70.9, 28, 1.1],
      [70.9, 28, 1.1],
    ],
  ])('%j is %j', (amounts, parts) => expect(simpleParts(amounts)).toEqual(parts));
});

describe('one blend in three ways', () => {
  test('by percent, by parts, by amounts and back it weighs the same', () => {
    const start = worked(balm);
    let recipe = balm;
    for (const way of ['parts', 'amounts', 'percent'] as const) {
      recipe = writeBases(recipe, worked(recipe), way, 'weight');
      const now = worked(recipe);
      grams(now).forEach((g, index) => {
        // Half a percent of each: what is written is read off a scale, not reckoned.
        expect(Math.abs(g / (grams(start)[index] ?? 0) - 1), way).toBeLessThan(0.005);
      });
    }
    expect(shortBases(recipe)).toEqual([
      { id: 'beeswax_yellow', percent: expect.closeTo(12, 0) },
      { id: 'shea_butter', percent: expect.closeTo(20, 0) },
      { id: 'jojoba', parts: 1 },
    ]);
  });

  test('solids are weighed, what pours is measured', () => {
    const { bases } = writeBases(balm, worked(balm), 'amounts', 'volume');
    expect(bases.map(({ amount }) => amount?.unit)).toEqual(['g', 'g', 'ml']);
  });

  test('of the weight instead of the volume the same melt stays', () => {
    const pour = written({
      container: { id: 'dropper-30' },
      target: { percent: 2 },
      oils: [
        { id: 'lavender', parts: 2 },
        { id: 'vetiver', percent: 0.5 },
      ],
      bases: [
        { id: 'castor', percent: 30 },
        { id: 'jojoba', parts: 1 },
      ],
    });
    const before = worked(pour);
    const weighed = measuredBy(pour, before, 'weight');
    // Castor is heavier than the whole, so its share by weight is the larger.
    expect(shortBases(weighed)[0]?.percent).toBeGreaterThan(30);
    const after = worked(weighed);
    after.mixture.bases.forEach(({ ml }, index) => {
      expect(ml.likely).toBeCloseTo(before.mixture.bases[index]?.ml.likely ?? 0, 1);
    });
    expect(worked(measuredBy(weighed, after, 'volume')).mixture.bases[0]?.ml.likely).toBeCloseTo(
      before.mixture.bases[0]?.ml.likely ?? 0,
      1,
    );
  });

  test('drops become parts of the strength that they come to, and come back', () => {
    const counted = written({
      container: { id: 'dropper-30' },
      oils: [
        { id: 'lavender', drops: 4 },
        { id: 'petitgrain', drops: 2 },
      ],
    });
    const asParts = writeOils(counted, worked(counted), 'parts');
    expect(shortOils(asParts).map(({ parts }) => parts)).toEqual([2, 1]);
    expect(asParts.target?.percent).toBeCloseTo((100 * 6 * 0.05) / 27.6, 2);
    const back = writeOils(asParts, worked(asParts), 'amounts');
    expect(shortOils(back).map(({ drops }) => drops)).toEqual([4, 2]);
    const asPercent = writeOils(counted, worked(counted), 'percent');
    expect(shortOils(asPercent).map(({ percent }) => percent)).toEqual([0.72, 0.36]);
  });

  test('whatever the shares, there and back is within what a scale reads', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 40, noNaN: true }),
        fc.double({ min: 2, max: 40, noNaN: true }),
        fc.constantFrom('parts', 'amounts', 'percent' as const),
        fc.constantFrom('weight', 'volume' as const),
        (wax, shea, way, by) => {
          const recipe = withOnly(balm, {
            bases: [
              { id: 'beeswax_yellow', percent: wax },
              { id: 'shea_butter', percent: shea },
              { id: 'jojoba', parts: 1 },
            ],
          });
          const before = worked(recipe);
          const after = worked(writeBases(recipe, before, way, by));
          grams(after).forEach((g, index) =>
            expect(Math.abs(g - (grams(before)[index] ?? 0))).toBeLessThan(0.35),
          );
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('softer and firmer', () => {
  test.each([0, 5, 15, 33])('%d %% of wax is what comes out', (percent) => {
    const moved = withWaxPercent(balm, worked(balm), percent);
    const { mixture } = worked(moved);
    expect(textureOf(mixture)?.waxPercent.likely ?? 0).toBeCloseTo(percent, 1);
    // What else carries keeps its proportion, 20 shea to 67 jojoba.
    const g = (id: string) => mixture.bases.find(({ base }) => base.id === id)?.g.likely ?? 0;
    expect(g('shea_butter') / g('jojoba')).toBeCloseTo(20 / 67, 2);
  });

  test('candelilla takes half of what beeswax weighs, and sets as firmly', () => {
    const before = worked(balm);
    const swapped = withWax(balm, before, 'beeswax_yellow', 'candelilla_wax');
    const after = worked(swapped);
    const wax = after.mixture.bases.find(({ base }) => base.id === 'candelilla_wax');
    expect(wax?.g.likely).toBeCloseTo((grams(before)[0] ?? 0) / 2, 1);
    expect(textureOf(after.mixture)?.waxPercent.likely).toBeCloseTo(12, 1);
    expect(swapped.bases.some(({ id }) => id === 'beeswax_yellow')).toBe(false);
  });

  test('what is written by amounts stays so, and weighs what it weighed', () => {
    const amounts = withOnly(balm, {
      bases: [
        { id: 'beeswax_yellow', g: 10 },
        { id: 'jojoba', ml: 80 },
      ],
    });
    const firm = withWaxPercent(amounts, worked(amounts), 20);
    expect(firm.bases.map(({ amount }) => amount?.unit)).toEqual(['g', 'ml']);
    const all = (recipe: Recipe) => grams(worked(recipe)).reduce((total, g) => total + g, 0);
    expect(all(firm)).toBeCloseTo(all(amounts), 0);
    expect(textureOf(worked(firm).mixture)?.waxPercent.likely).toBeCloseTo(20, 0);
  });

  test('an oil that nobody has weighed changes no share of the bases', () => {
    const odd = withOnly(balm, { oils: [{ id: 'vanilla', parts: 1 }] });
    const evaluation = worked(odd);
    const shares = (recipe: Recipe) =>
      shortBases(recipe)
        .slice(0, 2)
        .map(({ percent = 0 }) => percent);
    for (const [index, share] of shares(
      writeBases(odd, evaluation, 'percent', 'weight'),
    ).entries()) {
      expect(share).toBeCloseTo([12, 20][index] ?? NaN, 0);
    }
    expect(shares(withWaxPercent(odd, evaluation, 15))[0]).toBeCloseTo(15, 0);
  });

  test('wax alone stays as it is: nothing is there to take its place', () => {
    const wax = withOnly(balm, { bases: [{ id: 'beeswax_white', parts: 1 }] });
    expect(withWaxPercent(wax, worked(wax), 0)).toBe(wax);
  });

  test('more wax than there is room for changes nothing, and loses nothing', () => {
    const scrub = withOnly(balm, {
      bases: [
        { id: 'white_sugar', percent: 60 },
        { id: 'beeswax_yellow', percent: 5 },
        { id: 'jojoba', parts: 1 },
      ],
    });
    expect(withWaxPercent(scrub, worked(scrub), 50)).toBe(scrub);
  });

  test('what had no wax gets beeswax', () => {
    const butter = withOnly(balm, {
      bases: [
        { id: 'shea_butter', parts: 3 },
        { id: 'jojoba', parts: 1 },
      ],
    });
    const firm = withWaxPercent(butter, worked(butter), 10);
    expect(firm.bases.map(({ id }) => id)).toContain('beeswax_yellow');
    expect(textureOf(worked(firm).mixture)?.waxPercent.likely).toBeCloseTo(10, 1);
  });
});

test('by weight, what stands counts toward the target by weight, and parts share the rest', () => {
  // Both carriers are light, the two oils are not: shares of the volume would be off by a tenth.
  const mixed = written({
    container: { id: 'pump-240' },
    by: 'weight',
    target: { percent: 20 },
    oils: [
      { id: 'sandalwood-east-indian', ml: 20 },
      { id: 'vetiver', parts: 1 },
    ],
    bases: [
      { id: 'squalane', parts: 1 },
      { id: 'beeswax_yellow', percent: 1 },
    ],
  });
  const settled = settle(shippedCatalog, mixed);
  if (!settled.ok) throw new Error(settled.problem.code);
  const { formula } = settled.blend;
  const fill = (formula.container.nominalMl * formula.container.workingFillPercent) / 100;
  const density = (id: string) => known(shippedCatalog.oil(id)?.densityGPerMl);
  const targetMl = (known(formula.targetPercent) / 100) * fill;
  const oilsG = 20 * density('sandalwood-east-indian') + (targetMl - 20) * density('vetiver');
  const basesMl = formula.bases.reduce((total, { parts }) => total + parts, 0);
  const basesG = formula.bases.reduce(
    (total, { base, parts }) => total + (parts * base.densityGPerMl * (fill - targetMl)) / basesMl,
    0,
  );
  expect((100 * oilsG) / (oilsG + basesG)).toBeCloseTo(20, 2);
});
