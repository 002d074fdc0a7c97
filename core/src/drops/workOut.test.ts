import { describe, expect, test } from 'vitest';
import {
  catalogOf,
  houseMaterials,
  ownMaterialSchema,
  shippedCatalog as catalog,
} from '../catalog';
import { healthyAdult } from '../brief/wearer.testing';
import { emptyRecipe, forAnyone, lockDrops } from '../recipe';
import { recipeFrom, shortOils } from '../recipe/recipe.testing';
import { weighOils } from './rewrite';
import { countOil } from './countOil';
import { asSettled, sureDrops, workOut } from './workOut';
import { forBody, madeOut, workedOut } from './worked.testing';

describe('what comes of a recipe', () => {
  test('gaps, where it is not finished', () => {
    expect(workOut(catalog, emptyRecipe())).toMatchObject({
      state: 'gaps',
      gaps: [{ code: 'wearer' }, { code: 'place' }, { code: 'base' }],
    });
    expect(sureDrops(catalog, emptyRecipe())).toBeNull();
  });

  test.each([
    ['an oil', forBody({ oils: [{ id: 'moonflower', drops: 1 }] }), 'oil', 'moonflower'],
    ['a base', forBody({ bases: [{ id: 'moonbutter', parts: 1 }] }), 'base', 'moonbutter'],
    ['a container', forBody({ container: { id: 'horn' } }), 'container', 'horn'],
  ])('%s that is not in the house: a problem that names it', (_, recipe, what, id) => {
    expect(workOut(catalog, recipe)).toMatchObject({
      state: 'problem',
      problem: { code: 'not-here', what, id },
    });
  });

  test('another catalog, another answer, and neither knows of the other', () => {
    const moonflower = ownMaterialSchema.parse({
      kind: 'oil',
      id: 'own-moonflower',
      name: 'Moonflower',
      botanical: '',
      densityGPerMl: 0.9,
      shelfYears: 2,
      note: 'middle',
      viscosity: 'thin',
      source: 'distilled here',
      maximumPercent: 1,
      lightPercent: null,
      contents: [],
    });
    const recipe = forBody({ oils: [{ id: 'own-moonflower', drops: 1 }] });
    const theirs = catalogOf(houseMaterials([moonflower]));
    expect(workOut(theirs, recipe).state).toBe('done');
    expect(workOut(catalog, recipe).state).toBe('problem');
  });

  test('more than goes in is a problem with the figures', () => {
    // 200 drops of 0.05 ml are 10 ml; a roll-on of 10 ml is filled to 9.5.
    expect(workOut(catalog, forBody({ oils: [{ id: 'lavender', drops: 200 }] }))).toMatchObject({
      state: 'problem',
      problem: {
        code: 'oils-do-not-fit',
        value: expect.closeTo(10),
        limit: expect.closeTo(9.5),
        path: ['oils'],
      },
    });
  });
});

describe('one oil counted', () => {
  const shared = forBody({
    target: { percent: 3 },
    oils: [
      { id: 'petitgrain', parts: 3 },
      { id: 'cardamom', parts: 2 },
      { id: 'lavender', drops: 1 },
    ],
  });

  test('the drops of the others, and the target, stay as they are', () => {
    const [first = 0, second = 0] = workedOut(shared).evaluation.plan.drops;
    const more = countOil(catalog, 'petitgrain', { value: (first ?? 0) + 1 })(shared);
    expect(more.target).toEqual({ percent: 3 });
    expect(shortOils(more)).toEqual([
      { id: 'petitgrain', drops: (first ?? 0) + 1 },
      { id: 'cardamom', drops: second },
      { id: 'lavender', drops: 1 },
    ]);
  });

  test('what was typed is kept with it', () => {
    const [oil] = countOil(catalog, 'petitgrain', { value: 4, asTyped: 'four drops' })(shared).oils;
    expect(oil?.amount).toEqual({ unit: 'drops', value: 4, asTyped: 'four drops' });
  });

  test('while the recipe has gaps, that oil alone is counted', () => {
    const gaps = recipeFrom({ target: { percent: 3 }, oils: [{ id: 'lavender', parts: 1 }] });
    expect(shortOils(countOil(catalog, 'lavender', { value: 2 })(gaps))).toEqual([
      { id: 'lavender', drops: 2 },
    ]);
  });
});

test('settled, the parts stand as the drops that they came to, and come to the same again', () => {
  const { recipe, blend, evaluation } = madeOut({
    target: { percent: 2 },
    oils: [
      { id: 'lavender', parts: 2 },
      { id: 'vetiver', parts: 1 },
    ],
  });
  const settled = asSettled(recipe, blend, evaluation);
  expect(settled.target).toBeNull();
  expect(settled.oils).toEqual(lockDrops(evaluation.plan.drops)(recipe).oils);
  const again = workedOut(settled);
  expect(again.evaluation.mixture).toEqual(evaluation.mixture);
});

test('weighed, every oil stands with the ml that it came to, and nothing is asked any more', () => {
  const { recipe, evaluation } = madeOut({
    container: { id: 'pump-100' },
    target: { percent: 1 },
    oils: [{ id: 'lavender', parts: 1 }],
  });
  // 16 drops of 0.05 ml are 1 % of 80 ml.
  const next = weighOils(recipe, evaluation);
  expect(next.target).toBeNull();
  expect(shortOils(next)).toEqual([{ id: 'lavender', ml: 0.8 }]);
});

test('a strength from here to there is met inside it, where whole drops can', () => {
  const within = (percent: number, upTo: number, parts: Record<string, number>) => {
    const recipe = {
      ...forAnyone(
        recipeFrom({
          brief: { place: 'pulse-points' },
          target: { percent, upTo },
          oils: Object.entries(parts).map(([id, share]) => ({ id, parts: share })),
          bases: [{ id: 'jojoba', parts: 1 }],
        }),
      ),
    };
    recipe.brief = { ...recipe.brief, wearer: healthyAdult };
    const worked = workOut(catalog, recipe);
    return worked.state === 'done' ? worked.evaluation.mixture.strength.byVolume.likely : NaN;
  };
  // A drop of 0.05 ml in 9.5 ml is 0.526 %: five drops are 2.63 %, six 3.16 %.
  expect(within(2.5, 3, { neroli: 1, vetiver: 1 })).toBeCloseTo(2.63, 2);
  expect(within(2.5, 3, { neroli: 3, vetiver: 1, petitgrain: 2 })).toBeCloseTo(2.63, 2);
  // One drop of each of three is 1.58 %: no choice is inside, and none is left out for it.
  expect(within(1, 1.5, { neroli: 3, vetiver: 1, petitgrain: 2 })).toBeCloseTo(1.58, 2);
});
