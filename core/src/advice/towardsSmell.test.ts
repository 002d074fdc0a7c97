import { expect, test } from 'vitest';
import { shippedCatalog as catalog } from '../catalog';
import { workOut } from '../drops';
import { forBody } from '../drops/worked.testing';
import { towardsSmell } from './towardsSmell';

const recipe = forBody({
  container: { id: 'dropper-30' },
  oils: [
    { id: 'lavender', drops: 4 },
    { id: 'lemon', drops: 3 },
    { id: 'cinnamon-leaf', drops: 1 },
  ],
});
const worked = workOut(catalog, recipe);
if (worked.state !== 'done') throw new Error('not worked out');

/** As if only the share of one oil counted. */
const shareOf =
  (id: string) =>
  ({ mixture: { oils } }: typeof worked.evaluation): number => {
    const all = oils.reduce((total, { ml }) => total + ml.likely, 0);
    return (oils.find(({ oil }) => oil.id === id)?.ml.likely ?? 0) / all;
  };

test('a drop or two of two oils at the most, the nearest first', () => {
  const found = towardsSmell(catalog, recipe, worked, shareOf('lavender'), 0.01);
  expect(found[0]?.changes).toEqual([
    { oilId: 'lavender', by: 2 },
    { oilId: 'lemon', by: -2 },
  ]);
  for (const { changes, gain } of found) {
    expect(changes.length).toBeLessThanOrEqual(3);
    expect(gain).toBeGreaterThanOrEqual(0.01);
  }
});

test('nothing is offered past a limit, however near it smells', () => {
  // One drop of cinnamon leaf is all that its maximum leaves in so much.
  const found = towardsSmell(catalog, recipe, worked, shareOf('cinnamon-leaf'), 0.001);
  for (const { evaluation } of found) expect(evaluation.verdict).not.toBe('over');
});

test('where nothing is nearer nothing is offered', () => {
  expect(towardsSmell(catalog, recipe, worked, () => 1, 0.01)).toEqual([]);
});
