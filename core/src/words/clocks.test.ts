import { expect, test } from 'vitest';
import { leftWords, minutesWords, overdueWords } from './clocks';

test('what is left of a clock is read at a glance, and never below nought', () => {
  expect([600, 599.2, 61, 9, 0, -30].map(leftWords)).toEqual([
    '10:00',
    '10:00',
    '1:01',
    '0:09',
    '0:00',
    '0:00',
  ]);
  expect(leftWords(24 * 3600 - 60)).toBe('23 h 59 min');
});

test('long clocks are said in hours', () => {
  expect([1, 10, 120, 1440, 90].map(minutesWords)).toEqual([
    '1 minute',
    '10 minutes',
    '2 hours',
    '24 hours',
    '90 minutes',
  ]);
});

test('how long ago grows from minutes to days', () => {
  expect([20, 60, 3600, 7200, 200_000].map(overdueWords)).toEqual([
    'just now',
    '1 minute ago',
    '60 minutes ago',
    '2 hours ago',
    '2 days ago',
  ]);
});
