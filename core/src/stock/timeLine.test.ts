import { expect, test } from 'vitest';
import { placeOnLine, standingOf, timeLineOf } from './timeLine';

const today = '2026-11-27';

test('a line goes from the first month to the one after the last', () => {
  const line = timeLineOf(today, [
    { from: '2026-02-10', until: '2028-02-10' },
    { from: null, until: '2026-12-24' },
  ]);
  expect(line.first).toBe('2026-02-01');
  expect(line.last).toBe('2028-03-01');
  // 25 months: quarters, of which nine are left.
  expect(line.marks).toEqual([
    '2026-04-01',
    '2026-07-01',
    '2026-10-01',
    '2027-01-01',
    '2027-04-01',
    '2027-07-01',
    '2027-10-01',
    '2028-01-01',
  ]);
});

test('what is centuries off does not stretch the line', () => {
  const line = timeLineOf(today, [{ from: '0205-01-01', until: '9999-12-31' }]);
  expect(line.first).toBe('2024-11-01');
  expect(line.last).toBe('2030-12-01');
  expect(placeOnLine(line, '9999-12-31')).toBe(1);
  expect(placeOnLine(line, '0205-01-01')).toBe(0);
});

test('with nothing on it a line is the month of today', () => {
  expect(timeLineOf(today, [])).toEqual({
    first: '2026-11-01',
    last: '2026-12-01',
    marks: ['2026-11-01'],
  });
});

test('a day stands where its share of the days is', () => {
  // 30 days in November, 26 of them before the 27th.
  expect(placeOnLine(timeLineOf(today, []), today)).toBeCloseTo(26 / 30, 10);
});

test('the date itself is still good, the day after is past; two months before it is soon', () => {
  expect(standingOf(today, { until: today })).toBe('soon');
  expect(standingOf(today, { until: '2026-11-26' })).toBe('past');
  // 27 November and 60 days are 26 January.
  expect(standingOf(today, { until: '2027-01-26' })).toBe('soon');
  expect(standingOf(today, { until: '2027-01-27' })).toBe('later');
});
