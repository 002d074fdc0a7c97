import { expect, test } from 'vitest';
import type { OnTheTable } from '../stock';
import { eachWords, fromWords, inAllWords, roughTimeWords } from './onTheTable';
import { metricUnits } from './units';

const row = (more: Partial<OnTheTable> = {}): OnTheTable => ({
  materialId: 'lavender',
  each: { drops: 2, ml: 0.1, g: 0.09 },
  count: 3,
  from: { lot: 'L-1', unit: 'ml', left: 6, past: false, enoughFor: 3 },
  closed: null,
  ...more,
});
const from = { lot: 'L-1', unit: 'ml', left: 0.2, past: false, enoughFor: 2 } as const;

test('an oil is told in drops, and in all in ml too; what is weighed in g', () => {
  expect(eachWords(row(), false, metricUnits)).toBe('2 drops');
  expect(inAllWords(row(), false, metricUnits)).toBe('6 drops, 0.3 ml');
  const wax = row({ each: { drops: null, ml: 20, g: 19.2 }, count: 1 });
  expect(eachWords(wax, true, metricUnits)).toBe('19.2 g');
  expect(inAllWords(wax, false, metricUnits)).toBe('20 ml');
});

test.each([
  [row(), 'lot L-1, 6 ml left', false],
  [row({ from }), 'lot L-1, 0.2 ml left; enough for 2 of 3', true],
  [row({ from: { ...from, enoughFor: 0 } }), 'lot L-1, 0.2 ml left; not enough', true],
  [
    row({ from, closed: { lot: 'L-2' } }),
    'lot L-1, 0.2 ml left; enough for 2 of 3; unopened: lot L-2',
    true,
  ],
  [
    row({ from: { ...from, lot: '', left: 6, enoughFor: 3, past: true } }),
    'open bottle, 6 ml left; past its best before',
    true,
  ],
  [row({ from: null, closed: { lot: '' } }), 'unopened', false],
  [row({ from: null }), 'not on the shelf', false],
])('where it comes from: %#', (onTheTable, text, isShort) => {
  expect(fromWords(onTheTable)).toEqual({ text, isShort });
});

test('how long it takes is an estimate, and says so', () => {
  expect(roughTimeWords({ minutes: 10, sets: [] })).toBe(
    'About 10 minutes at the table, by our estimate.',
  );
  expect(roughTimeWords({ minutes: 45, sets: [{ kind: 'tin', room: '30 to 60 minutes' }] })).toBe(
    'About 45 minutes at the table, by our estimate; then it sets: tins in 30 to 60 minutes.',
  );
});
