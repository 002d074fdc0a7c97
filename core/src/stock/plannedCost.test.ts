import { expect, test } from 'vitest';
import { evaluate } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { plannedCost } from './plannedCost';
import { bottleOf } from './shelved.testing';

const { mixture } = evaluate(blendOf({ oils: { lavender: 6 } }));
const lavender = bottleOf({ materialId: 'lavender', size: 10, price: 8, openedOn: '2026-05-01' });
const jojoba = bottleOf({ materialId: 'jojoba', size: 100, unit: 'g', price: 12 });

test('each material by its bottle, in the unit of that', () => {
  // 6 drops are 0.3 ml of 10 ml for 8: 0.24; 9.2 ml of jojoba are 7.98 g (0.867) of 100 g for 12: 0.957.
  const { known, unknown } = plannedCost(mixture, [lavender, jojoba]);
  expect(unknown).toEqual([]);
  expect(known).toBeCloseTo(0.24 + 0.957, 2);
});

test('the bottle in use counts before one that is finished; what has no price is not known', () => {
  const dear = bottleOf({ materialId: 'lavender', size: 10, price: 80, finishedOn: '2026-06-01' });
  expect(plannedCost(mixture, [dear, lavender])).toMatchObject({ unknown: ['jojoba'] });
  expect(plannedCost(mixture, [dear, lavender]).known).toBeCloseTo(0.24, 5);
  expect(plannedCost(mixture, [])).toMatchObject({ known: 0, unknown: ['lavender', 'jojoba'] });
});
