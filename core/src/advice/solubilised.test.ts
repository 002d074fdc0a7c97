import { expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { workedOut } from '../drops/worked.testing';
import type { Recipe } from '../recipe';
import { recipeFrom } from '../recipe/recipe.testing';
import { withChange } from './change';
import { suggestChanges } from './suggestedChanges';

const spray: Recipe = recipeFrom({
  brief: { wearer: 'anyone', place: 'body-leave-on' },
  container: { id: 'spray-60' },
  bases: [
    { id: 'distilled_water', parts: 1 },
    { id: 'phenoxyethanol_preservative', percent: 1 },
  ],
  oils: [{ id: 'lavender', drops: 10 }],
});

test('a spray of oil in water is offered as much solubiliser as takes it up, in one press', () => {
  const { evaluation } = workedOut(spray);
  expect(evaluation.verdict).toBe('caution');
  const [first] = suggestChanges(shippedCatalog, spray);
  if (first?.change.kind !== 'solubilise') throw new Error('not offered');
  // 0.5 ml of oil takes four times as much: 2 ml of what the spray holds.
  const percent = (100 * 4 * 0.5) / evaluation.mixture.fillMl;
  expect(first.change.percent).toBeGreaterThanOrEqual(percent);
  expect(first.change.percent).toBeLessThan(percent + 0.3);
  expect(workedOut(withChange(spray, first.change)).evaluation.verdict).toBe('within');
});

test('too little of it is made enough, not added a second time', () => {
  const little: Recipe = {
    ...spray,
    bases: [...spray.bases, { id: 'polysorbate_80', amount: { unit: 'percent', value: 0.5 } }],
  };
  const [first] = suggestChanges(shippedCatalog, little);
  expect(first?.change).toMatchObject({ kind: 'solubilise', id: 'polysorbate_80' });
  expect(first && withChange(little, first.change).bases).toHaveLength(3);
});

test('where fat carries the oil nothing is offered', () => {
  const oily: Recipe = { ...spray, bases: [{ id: 'jojoba', amount: { unit: 'parts', value: 1 } }] };
  expect(suggestChanges(shippedCatalog, oily).map(({ change }) => change.kind)).not.toContain(
    'solubilise',
  );
});
