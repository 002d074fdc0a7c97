import { expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { emptyPlan } from '../planning';
import { emptyRecipe, type Recipe } from '../recipe';
import { planFileSchema } from './planFile';
import { planFileOf } from './planFileOf';
import { planOf } from './planOf';

const recipe: Recipe = {
  ...emptyRecipe(),
  name: 'Trial',
  brief: { ...emptyRecipe().brief, wearer: 'anyone', place: 'pulse-points' },
  oils: [{ id: 'lavender', amount: { unit: 'drops', value: 2 } }],
  bases: [{ id: 'jojoba', amount: { unit: 'parts', value: 1 } }],
};

const bottle = {
  materialId: 'lavender',
  lot: 'LV-2',
  supplier: '',
  boughtOn: '2026-03-01',
  openedOn: '2026-03-02',
  printedDate: '2027-06-30',
  unit: 'ml' as const,
  size: 10,
  atStart: 10,
  price: 6.5,
  weighings: [{ drops: 20, massG: 0.8 }],
  analysis: null,
  first: false,
  finishedOn: null,
  left: 1.1,
};

const plan = {
  ...emptyPlan('2026-12-03', '2026-12-12'),
  name: 'Table',
  hours: [{ day: 5, from: 600, to: 1440 }],
  lines: [
    { id: 'a', blendId: 'trial', pieces: 12, patchTest: true },
    { id: 'b', blendId: 'gone', pieces: 3, patchTest: false },
  ],
};

const house = {
  catalog: shippedCatalog,
  recipes: new Map([['trial', recipe]]),
  own: [],
  bottles: [
    { id: 'old', bottle: { ...bottle, price: 5, finishedOn: '2026-02-01', left: 0 } },
    { id: 'b1', bottle },
    { id: 'other', bottle: { ...bottle, materialId: 'patchouli' } },
  ],
};

test('a plan leaves with its blends, what is left on the shelf, and sizes at the last price', () => {
  const file = planFileOf(plan, house);
  expect(planFileSchema.safeParse(file).success).toBe(true);
  // A blend that was deleted is not in it, nor a bottle that nothing is taken from.
  expect(file.lines.map(({ id }) => id)).toEqual(['a']);
  expect(file.shelf).toEqual([
    expect.objectContaining({ id: 'LV-2', material: 'lavender', ml: 1.1, lot: 'LV-2', sizeMl: 10 }),
  ]);
  // 0.8 g in 20 drops at 0.883 g/ml: 0.045 ml a drop.
  expect(file.shelf?.[0]?.dropMl).toBeCloseTo(0.045, 3);
  expect(file.shelf?.[0]?.bestBefore).toBe('2027-06-30');
  expect(file.sold).toEqual([{ material: 'lavender', sizes: [{ ml: 10, price: 6.5 }] }]);
  expect(file.hours).toEqual([{ day: 'sat', from: '10:00', to: '24:00' }]);
});

test('what leaves is what is worked out: from the bottle first, and one more to buy', () => {
  const read = planOf(JSON.stringify(planFileOf(plan, house)), { placements: 1000 });
  if (!read.ok) throw new Error(read.sentence);
  const lavender = read.report.materials.find(({ id }) => id === 'lavender');
  // 24 drops of 0.045 ml are 1.09 ml: the bottle has 1.1.
  expect(lavender?.drops).toBe(24);
  expect(lavender?.fromShelf).toEqual([{ bottle: 'LV-2', ml: expect.closeTo(1.09, 1) as number }]);
  expect(read.report.tasks.at(-1)?.what).toBe('Patch test, 48 hours');
  expect(read.over).toEqual([]);
});

test('a line that must not be made is named, with why', () => {
  const forbidden = { ...recipe, oils: [{ ...recipe.oils[0], id: 'sassafras' }] } as Recipe;
  const file = planFileOf(plan, { ...house, recipes: new Map([['trial', forbidden]]) });
  const read = planOf(JSON.stringify(file), { placements: 1000 });
  expect(read.ok ? null : read.line?.id).toBe('a');
});

test('bottles go by their lots, and no two by the same', () => {
  const bottles = ['LV-2', 'LV-2', '', 'LV-2, no. 2'].map((lot, n) => ({
    id: `b${n}`,
    bottle: { ...bottle, lot },
  }));
  const names = planFileOf(plan, { ...house, bottles }).shelf?.map(({ id }) => id) ?? [];
  expect(names.slice(0, 3)).toEqual(['LV-2', 'LV-2, no. 2', 'no lot, no. 3']);
  expect(new Set(names).size).toBe(4);
});
