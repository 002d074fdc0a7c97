import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { workOut } from '../drops';
import { emptyRecipe, type Recipe } from '../recipe';
import { recipeFrom, type ShortRecipe } from '../recipe/recipe.testing';
import { predilution } from './predilution';
import { suggestChanges, withChange } from './suggestedChanges';

const recipe = (short: ShortRecipe, brief: Partial<Recipe['brief']> = {}): Recipe =>
  recipeFrom({
    bases: [{ id: 'jojoba', parts: 1 }],
    ...short,
    brief: {
      wearer: {
        ageMonths: 492,
        pregnant: false,
        breastfeeding: false,
        conditions: [],
        allergies: [],
        skin: 'normal',
      },
      place: 'pulse-points',
      ...brief,
    },
  });

const suggested = (given: Recipe, most?: number) => suggestChanges(shippedCatalog, given, most);

const kinds = (given: Recipe) => suggested(given, 9).map(({ change }) => change.kind);

test('a blend within limits, or a caution, is offered nothing', () => {
  expect(suggested(recipe({ oils: [{ id: 'lavender', drops: 3 }] }))).toEqual([]);
  expect(suggested(recipe({ oils: [{ id: 'lavender', drops: 7 }] }))).toEqual([]);
  expect(suggested(emptyRecipe())).toEqual([]);
});

test('two drops of ylang ylang in 10 ml: one less, or a bigger bottle', () => {
  const given = recipe({
    oils: [
      { id: 'ylang-ylang', drops: 2 },
      { id: 'petitgrain', drops: 2 },
    ],
  });
  const suggestions = suggested(given, 9);
  expect(suggestions).toContainEqual(
    expect.objectContaining({ change: { kind: 'drops', drops: { 'ylang-ylang': 1 } } }),
  );
  // 2 x 0.05 ml of 14.25 ml is 0.7 %, within 0.8 %.
  expect(suggestions).toContainEqual(
    expect.objectContaining({ change: { kind: 'container', id: 'roll-on-15' } }),
  );
  expect(suggestions.filter(({ change }) => change.kind === 'container')).toHaveLength(1);
});

test('bergamot in the sun: cover the skin, or take the kind without furanocoumarins', () => {
  const given = recipe({ oils: [{ id: 'bergamot', drops: 3 }] });
  expect(kinds(given)).toEqual(expect.arrayContaining(['cover', 'swap']));
  const swap = suggested(given, 9).find(({ change }) => change.kind === 'swap');
  expect(swap?.outcome.mixture.oils[0]?.oil.id).toBe('bergamot-fcf');
});

test('a strength past the maximum: ask for what the limits leave', () => {
  const given = recipe({
    target: { percent: 9 },
    oils: [
      { id: 'lavender', parts: 1 },
      { id: 'patchouli', parts: 1 },
    ],
  });
  const [first] = suggested(given);
  expect(first?.change.kind).toBe('target');
  // Asked for what can be reached, the shares are even again.
  const then = workOut(shippedCatalog, withChange(given, first!.change));
  if (then.state !== 'done') throw new Error(then.state);
  const drops = then.evaluation.plan.drops.map((count) => count ?? 0);
  expect(Math.abs((drops[0] ?? 0) - (drops[1] ?? 0))).toBeLessThanOrEqual(1);
});

test('beside oils by parts, a counted oil is taken down to what may be', () => {
  const given = recipe({
    target: { percent: 3 },
    oils: [
      { id: 'petitgrain', parts: 1 },
      { id: 'ylang-ylang', drops: 5 },
    ],
  });
  expect(suggested(given, 9).map(({ change }) => change)).toContainEqual({
    kind: 'drops',
    drops: { 'ylang-ylang': 1 },
  });
});

test('what must not be used at all can only be taken out', () => {
  expect(
    kinds(
      recipe({
        oils: [
          { id: 'rue', drops: 1 },
          { id: 'lavender', drops: 2 },
        ],
      }),
    ),
  ).toEqual(['remove']);
});

describe('every suggestion, made, is no longer over', () => {
  const oils = [
    [
      { id: 'ylang-ylang', drops: 4 },
      { id: 'clove-bud', drops: 3 },
    ],
    [
      { id: 'lemon', drops: 6 },
      { id: 'bergamot', drops: 2 },
    ],
    [{ id: 'lavender', drops: 14 }],
    [{ id: 'eucalyptus-globulus', drops: 2 }],
  ];
  for (const ageMonths of [60, 492]) {
    for (const list of oils) {
      test(`${list.map(({ id }) => id).join(' and ')} at ${ageMonths} months`, () => {
        const given = recipe(
          { oils: list },
          {
            wearer: {
              ageMonths,
              pregnant: false,
              breastfeeding: false,
              conditions: [],
              allergies: [],
              skin: 'normal',
            },
          },
        );
        for (const { change, outcome } of suggested(given, 9)) {
          const then = workOut(shippedCatalog, withChange(given, change));
          if (then.state !== 'done') throw new Error(then.state);
          expect(then.evaluation.verdict).not.toBe('over');
          expect(then.evaluation.verdict).toBe(outcome.verdict);
        }
      });
    }
  }
});

test('one drop too much is thinned in carrier: by hand', () => {
  // 0.02 ml may go in and a drop is 0.05 ml: a share of 0.4, so 1 drop in 3 parts.
  expect(predilution(0.02, 0.05)).toEqual({
    carrierMl: expect.closeTo(0.1),
    share: expect.closeTo(1 / 3),
  });
});
