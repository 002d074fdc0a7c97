import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { healthyAdult } from '../brief/wearer.testing';
import { shippedCatalog } from '../catalog';
import type { Recipe } from '../recipe';
import { shortOf, shortOils, type ShortRecipe } from '../recipe/recipe.testing';
import type { Evaluation } from './evaluate';
import { intoContainer, timesAsMuch } from './scale';
import { balmInJars, forBody, workedOut } from './worked.testing';

const written = (short: ShortRecipe): Recipe => forBody(short);

const worked = (recipe: Recipe): Evaluation => workedOut(recipe).evaluation;

const balm = balmInJars;

describe('scaling', () => {
  const counted = written({
    container: { id: 'dropper-10' },
    oils: [
      { id: 'lavender', drops: 2 },
      { id: 'petitgrain', drops: 1 },
    ],
  });

  test('double is twice the containers; half of one is none', () => {
    const twice = timesAsMuch(shippedCatalog, counted, worked(counted), 2);
    expect(twice).toEqual({
      ok: true,
      recipe: { ...counted, containers: [{ container: { id: 'dropper-10' }, count: 2 }] },
    });
    expect(timesAsMuch(shippedCatalog, counted, worked(counted), 0.5)).toEqual({
      ok: false,
      problem: 'not-whole',
    });
  });

  test('another container takes the drops that keep the strength', () => {
    // 10 ml are filled to 9.2, 30 ml to 27.6: three times as much.
    const into = (recipe: Recipe, id: string): Recipe => {
      const scaled = intoContainer(shippedCatalog, recipe, worked(recipe), { id });
      if (!scaled.ok) throw new Error(scaled.problem);
      return scaled.recipe;
    };
    const larger = into(counted, 'dropper-30');
    expect(shortOils(larger).map(({ drops }) => drops)).toEqual([6, 3]);
    const smaller = into(larger, 'dropper-10');
    expect(smaller.oils).toEqual(counted.oils);
  });

  test('more of one thing than a recipe holds is told, not written', () => {
    // A jug of 78 g beside a locket of half a ml.
    const full = written({
      container: { id: 'locket' },
      mixedInOne: true,
      bases: [{ id: 'jojoba', g: 78 }],
    });
    expect(
      intoContainer(shippedCatalog, full, worked(full), {
        kind: 'jar',
        nominalMl: 20_000,
        workingFillPercent: 90,
      }),
    ).toEqual({ ok: false, problem: 'too-much' });
  });

  test('amounts of a jug follow the number of containers, and what is counted is solved anew', () => {
    const jug = written({
      container: { id: 'tin-15' },
      count: 4,
      by: 'weight',
      oils: [
        { id: 'lavender', drops: 10 },
        { id: 'petitgrain', drops: 5 },
      ],
      bases: [
        { id: 'beeswax_yellow', g: 12 },
        { id: 'jojoba', ml: 40 },
      ],
    });
    const half = timesAsMuch(shippedCatalog, jug, worked(jug), 0.5);
    if (!half.ok) throw new Error(half.problem);
    expect(shortOf(half.recipe)).toMatchObject({
      count: 2,
      bases: [
        { id: 'beeswax_yellow', g: 6 },
        { id: 'jojoba', ml: 20 },
      ],
    });
    const drops = shortOils(half.recipe).map((oil) => oil.drops ?? 0);
    // 7.5 drops in all are 7 or 8; the shares stay as near to two to one as whole drops can.
    expect([7, 8]).toContain(drops.reduce((total, count) => total + count, 0));
    // Of lavender there were two thirds: of whole drops as near to that as they come.
    expect(
      Math.abs((100 * (drops[0] ?? 0)) / ((drops[0] ?? 0) + (drops[1] ?? 0)) - 66.7),
    ).toBeLessThan(5);
  });

  test('scaled by any whole number and back, it is what it was', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 40 }), (factor) => {
        const more = timesAsMuch(shippedCatalog, balm, worked(balm), factor);
        if (!more.ok) throw new Error(more.problem);
        const before = worked(balm).mixture;
        const after = worked(more.recipe).mixture;
        expect(after.fillMl / before.fillMl).toBeCloseTo(factor, 9);
        const back = timesAsMuch(shippedCatalog, more.recipe, worked(more.recipe), 1 / factor);
        expect(back.ok && back.recipe).toEqual(balm);
      }),
      { numRuns: 15 },
    );
  });
});

test('a scaled blend is never above what is recommended, where it was not before', () => {
  // On the body 2 % is recommended. 3 drops in 9.2 ml are 1.6 %; in a roll-on of 4.75 ml the nearest
  // are 2 drops, 2.1 %: one is 1.05 %.
  const adult = { wearer: healthyAdult, place: 'body-leave-on' as const };
  const of = (drops: number) =>
    written({
      brief: adult,
      container: { id: 'dropper-10' },
      oils: [{ id: 'lavender', drops }],
    });
  const weak = of(3);
  const scaled = intoContainer(shippedCatalog, weak, worked(weak), { id: 'roll-on-5' });
  expect(scaled.ok && scaled.recipe.oils[0]?.amount).toMatchObject({ unit: 'drops', value: 1 });
  // What was stronger before stays as strong: that was the maker's choice.
  const strong = of(4);
  const again = intoContainer(shippedCatalog, strong, worked(strong), { id: 'roll-on-5' });
  expect(again.ok && again.recipe.oils[0]?.amount).toMatchObject({ unit: 'drops', value: 2 });
});
