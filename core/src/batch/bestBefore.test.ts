import { evaluate } from '../drops';
import { mixtureBestBefore, bestBefore } from './bestBefore';
import { baseOf, oilOf } from '../catalog/known.testing';
import { blendOf } from '../drops/blend.testing';
import { nextBatchNumber } from './batchNumber';
import { keepsFrom } from '../catalog';
import { expect, test } from 'vitest';

test('batch numbers count up within a year and start anew with the next', () => {
  expect(nextBatchNumber(2026, [])).toBe('2026-001');
  expect(nextBatchNumber(2026, ['2026-016', '2026-002', '2025-400'])).toBe('2026-017');
  expect(nextBatchNumber(2027, ['2026-016'])).toBe('2027-001');
  expect(nextBatchNumber(2026, ['2026-999'])).toBe('2026-1000');
  expect(nextBatchNumber(2026, ['2026-016', 'WL 2026-002'], 'WL ')).toBe('WL 2026-003');
  expect(nextBatchNumber(2026, ['scribble', '2026-1x', ''])).toBe('2026-001');
});

test('twelve months are the most, whatever keeps longer', () => {
  // Lavender keeps two years or more, jojoba three.
  expect(
    bestBefore('2026-11-25', [{ material: oilOf('lavender') }, { material: baseOf('jojoba') }]),
  ).toEqual({
    date: '2027-11-25',
    because: null,
  });
});

test('the earliest ingredient sets the date, counted from the day of making where its age is not known', () => {
  // Rosehip keeps six months.
  expect(
    bestBefore('2026-11-25', [
      { material: oilOf('lavender') },
      { material: baseOf('rosehip_seed') },
    ]),
  ).toEqual({
    date: '2027-05-25',
    because: 'rosehip_seed',
  });
});

test('a bottle whose age is known sets its own date', () => {
  // Sweet orange keeps a year: opened in March, it is done next March.
  expect(oilOf('orange-sweet').shelfYears).toBe(1);
  const bottle = { keepsUntil: keepsFrom('2026-03-01', oilOf('orange-sweet')) };
  expect(bestBefore('2026-11-25', [{ material: oilOf('orange-sweet'), bottle }])).toEqual({
    date: '2027-03-01',
    because: 'orange-sweet',
  });
});

test('a blend with water keeps days, not months', () => {
  const { mixture } = evaluate(
    blendOf({ oils: { lavender: 2 }, bases: { jojoba: 9, distilled_water: 1 } }),
  );
  expect(mixtureBestBefore('2026-11-25', mixture)).toEqual({
    date: '2026-12-02',
    because: 'distilled_water',
  });
});

test('the last of a month stays in its month', () => {
  expect(bestBefore('2026-08-31', [{ material: baseOf('rosehip_seed') }]).date).toBe('2027-02-28');
});

test('the date of a mixture is that of the material in it that keeps least', () => {
  // Rosehip keeps six months, lavender and jojoba past twelve.
  const { mixture } = evaluate(
    blendOf({ oils: { lavender: 2 }, bases: { jojoba: 1, rosehip_seed: 1 } }),
  );
  expect(mixtureBestBefore('2026-11-25', mixture)).toEqual({
    date: '2027-05-25',
    because: 'rosehip_seed',
  });
});
