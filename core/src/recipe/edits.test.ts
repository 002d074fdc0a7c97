import { describe, expect, test } from 'vitest';
import { shippedCatalog as catalog } from '../catalog';
import {
  addBase,
  addOil,
  lockDrops,
  removeBase,
  removeOil,
  setBaseAmount,
  setContainers,
  setFirstContainer,
  setMixing,
  setOilAmount,
  setTarget,
  swapOil,
} from './edits';
import { emptyRecipe, type Recipe } from './recipe';
import { recipeFrom, shortBases, shortOils, type ShortRecipe } from './recipe.testing';

const recipe = (more: ShortRecipe = {}): Recipe =>
  recipeFrom({ bases: [{ id: 'jojoba', parts: 1 }], ...more });

describe('oils', () => {
  test('one that is added is measured as the others are: a part of what is asked, else a drop', () => {
    const added = (target: Recipe['target']) =>
      shortOils(addOil(catalog, 'lavender')(recipe({ target })));
    expect(added(null)).toEqual([{ id: 'lavender', drops: 1 }]);
    expect(added({ percent: 1 })).toEqual([{ id: 'lavender', parts: 1 }]);
  });

  test('none is added twice, and none that nobody knows', () => {
    const entry = addOil(catalog, 'lavender')(recipe());
    expect(addOil(catalog, 'lavender')(entry)).toBe(entry);
    expect(addOil(catalog, 'moonflower')(entry)).toBe(entry);
  });

  test('another amount takes the place of the one before; its own drop stays with the bottle', () => {
    const dropMl = { low: 0.03, likely: 0.04, high: 0.05 };
    const counted = recipe({ oils: [{ id: 'lavender', drops: 3, dropMl }] });
    const measured = setOilAmount('lavender', { unit: 'ml', value: 0.5 })(counted);
    expect(shortOils(measured)).toEqual([{ id: 'lavender', ml: 0.5, dropMl }]);
    expect(setOilAmount('lavender', null)(counted).oils).toEqual([
      { id: 'lavender', amount: null, dropMl },
    ]);
    expect(removeOil('lavender')(counted).oils).toEqual([]);
  });

  test('another in its place keeps the amount, and not the drop of the bottle', () => {
    const dropMl = { low: 0.03, likely: 0.04, high: 0.05 };
    const swapped = swapOil(
      'lemon',
      'lemon-distilled',
    )(recipe({ oils: [{ id: 'lemon', drops: 3, dropMl }] }));
    expect(shortOils(swapped)).toEqual([{ id: 'lemon-distilled', drops: 3 }]);
  });

  test('parts that came to drops are locked as drops; what was counted or measured stays', () => {
    const locked = lockDrops([4, null, 2])(
      recipe({
        oils: [
          { id: 'lavender', parts: 2 },
          { id: 'vetiver', ml: 0.2 },
          { id: 'lemon', drops: 2 },
        ],
      }),
    );
    expect(shortOils(locked)).toEqual([
      { id: 'lavender', drops: 4 },
      { id: 'vetiver', ml: 0.2 },
      { id: 'lemon', drops: 2 },
    ]);
  });
});

describe('bases', () => {
  test('a wax comes in with a share that can be worked on, and is weighed', () => {
    const next = addBase(catalog, 'beeswax_yellow')(recipe());
    expect(next.by).toBe('weight');
    expect(shortBases(next)).toEqual([
      { id: 'jojoba', parts: 1 },
      { id: 'beeswax_yellow', percent: 20 },
    ]);
  });

  test('a second carrier shares by parts', () => {
    const next = addBase(catalog, 'camellia_seed')(recipe());
    expect(next.by).toBe('volume');
    expect(shortBases(next)[1]).toEqual({ id: 'camellia_seed', parts: 1 });
  });

  test('where the shares leave no room, or there is no rest, it comes in by parts', () => {
    const full = recipe({
      bases: [
        { id: 'jojoba', parts: 1 },
        { id: 'shea_butter', percent: 80 },
      ],
    });
    const wax = [{ id: 'beeswax_yellow', parts: 1 }];
    expect(shortBases(addBase(catalog, 'beeswax_yellow')(full)).slice(2)).toEqual(wax);
    expect(shortBases(addBase(catalog, 'beeswax_yellow')(recipe({ bases: [] })))).toEqual(wax);
  });

  test('none is added twice, and none that nobody knows', () => {
    const entry = recipe();
    expect(addBase(catalog, 'jojoba')(entry)).toBe(entry);
    expect(addBase(catalog, 'moonbutter')(entry)).toBe(entry);
  });

  test('another amount takes the place of the one before', () => {
    const weighed = setBaseAmount('jojoba', { unit: 'g', value: 30 })(recipe());
    expect(shortBases(weighed)).toEqual([{ id: 'jojoba', g: 30 }]);
    expect(removeBase('jojoba')(recipe()).bases).toEqual([]);
  });
});

test('containers: all lines are set at once, and there is always one', () => {
  const lines = [
    { container: { id: 'tin-15' }, count: 9 },
    { container: { id: 'tube-5' }, count: 4 },
  ];
  const two = setContainers(lines)(recipe());
  expect(two.containers).toEqual(lines);
  expect(setContainers([])(two)).toBe(two);
  expect(setFirstContainer({ id: 'jar-60' })(two).containers).toEqual([
    { container: { id: 'jar-60' }, count: 9 },
    lines[1],
  ]);
});

test('how it is mixed: one thing is set without touching the others', () => {
  const loss = setMixing({ lossPercent: 5 })(recipe());
  expect(setMixing({ whipPercent: 40 })(loss)).toEqual({
    ...recipe(),
    lossPercent: 5,
    whipPercent: 40,
  });
});

test('a strength is asked for, and taken back', () => {
  expect(setTarget(2)(emptyRecipe()).target).toEqual({ percent: 2 });
  expect(setTarget(null)(recipe({ target: { percent: 2 } })).target).toBeNull();
});
