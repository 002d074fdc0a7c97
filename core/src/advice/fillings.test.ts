import { expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { timesAsMuch } from '../drops';
import { workedOut, balmInJars, forBody } from '../drops/worked.testing';
import { part } from '../mixture';
import type { Recipe } from '../recipe';
import { withChange } from './change';
import { misfitOf } from './fillings';

/** 20 g beeswax, 40 g shea and 60 g jojoba: about 130 ml, in jars that take 53 ml each. */
const weighed: Recipe = forBody({
  container: { id: 'jar-60' },
  count: 2,
  by: 'weight',
  bases: [
    { id: 'beeswax_yellow', g: 20 },
    { id: 'shea_butter', g: 40 },
    { id: 'jojoba', g: 60 },
  ],
});

const partedOf = (recipe: Recipe) => {
  const { blend, evaluation } = workedOut(recipe);
  return part(blend.fillings, evaluation.mixture.fillMl, evaluation.mixture.totalG.likely, blend);
};

const misfit = (recipe: Recipe) => misfitOf(shippedCatalog, recipe, workedOut(recipe));

test('what two jars do not take: the third, a small one, or a smaller batch', () => {
  const found = misfit(weighed);
  if (!found) throw new Error('it fits');
  expect(found.leftMl).toBeCloseTo(partedOf(weighed).leftMl, 9);
  expect(found.changes.map(({ kind }) => kind)).toEqual(['count', 'spare', 'fit']);
  const [more, spare, fit] = found.changes.map((change) => withChange(weighed, change));
  if (!more || !spare || !fit) throw new Error('three ways');
  expect(more.containers).toEqual([{ container: { id: 'jar-60' }, count: 3 }]);
  expect(partedOf(more).leftMl).toBe(0);
  expect(spare.containers).toHaveLength(2);
  expect(partedOf(spare).leftMl).toBe(0);
  // Made smaller it is the same balm: 20, 40 and 60 parts by weight.
  const grams = fit.bases.map(({ amount }) => (amount?.unit === 'g' ? amount.value : 0));
  expect((grams[1] ?? 0) / (grams[0] ?? 1)).toBeCloseTo(2, 1);
  expect(misfit(fit)).toBeNull();
});

test('what is missing to fill them all: fewer of them, or a larger batch', () => {
  const five: Recipe = { ...weighed, containers: [{ container: { id: 'jar-60' }, count: 5 }] };
  const found = misfit(five);
  expect(
    found?.changes.map((change) => (change.kind === 'count' ? change.count : change.kind)),
  ).toEqual([3, 'fit']);
  const fit = found?.changes.find(({ kind }) => kind === 'fit');
  expect(fit && misfit(withChange(five, fit))).toBeNull();
});

test('a batch that its containers set is never amiss', () => {
  expect(misfit(balmInJars)).toBeNull();
});

test.each([
  ['25 lockets', 'locket', 25, 13],
  ['11 moulds', 'mould-cube', 11, 6],
  ['one jar', 'jar-60', 1, 1],
])('half of %s is half of what was mixed, and the last is part full', (_, id, count, after) => {
  const one: Recipe = {
    ...balmInJars,
    containers: [{ container: { id }, count }],
  };
  const before = workedOut(one);
  const half = timesAsMuch(shippedCatalog, one, before.evaluation, 0.5);
  if (!half.ok) throw new Error(half.problem);
  expect(half.recipe.containers[0]?.count).toBe(after);
  const worked = workedOut(half.recipe);
  expect(worked.evaluation.mixture.fillMl / before.evaluation.mixture.fillMl).toBeCloseTo(0.5, 1);
  // What stands in them is what was mixed, never what they could hold.
  const { lines, leftMl } = partedOf(half.recipe);
  expect(leftMl).toBeLessThan(0.01 * (lines[0]?.fillMl ?? 0) + 0.005);
  expect(lines[0]?.lastMl ?? 0).toBeLessThan(lines[0]?.fillMl ?? 0);
});

test('a bottle that is filled by itself has no half', () => {
  const single = forBody({ container: { id: 'dropper-10' }, oils: [{ id: 'lavender', drops: 2 }] });
  expect(timesAsMuch(shippedCatalog, single, workedOut(single).evaluation, 0.5)).toEqual({
    ok: false,
    problem: 'not-whole',
  });
});
