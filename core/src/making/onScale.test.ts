import { describe, expect, test } from 'vitest';
import { dropsOnScale, restedG, settledG, type Weighed } from './onScale';

const readings = (values: readonly number[], stable: boolean | null = null): Weighed[] =>
  values.map((g, n) => ({ atMs: 400 * n, g, stable }));

describe('a weight counts once the scale has come to rest', () => {
  test('where the scale says so, that is believed', () => {
    expect(settledG(readings([1, 12.3], true), 0.01)).toBe(12.3);
    expect(settledG(readings([12.3, 12.3, 12.3, 12.3], false), 0.01)).toBeNull();
  });

  test('where it says nothing, it must have told the same for a while', () => {
    expect(settledG(readings([9, 12.3]), 0.01)).toBeNull();
    expect(settledG(readings([9, 12.3, 12.3]), 0.01)).toBeNull();
    expect(settledG(readings([9, 12.3, 12.31, 12.3]), 0.01)).toBe(12.3);
    expect(settledG(readings([12.1, 12.2, 12.3, 12.4]), 0.01)).toBeNull();
  });

  test('with nothing told there is no weight', () => {
    expect(settledG([], 0.01)).toBeNull();
  });
});

describe('a drop is weighed finer than one reading tells', () => {
  test('by the middle of the readings at rest, without the first', () => {
    // (0.03 + 0.04 + 0.03) / 3
    expect(restedG(readings([0, 0.02, 0.03, 0.04, 0.03], true), 0.01)).toBeCloseTo(0.1 / 3, 10);
  });

  test('not before it has rested for some readings, and not while it moves', () => {
    expect(restedG(readings([0, 0.03, 0.03, 0.03], true), 0.01)).toBeNull();
    expect(restedG([...readings([1, 1, 1, 1], true), ...readings([1.3], false)], 0.01)).toBeNull();
    expect(
      restedG([...readings([1, 1, 1, 1], false), ...readings([1, 1, 1], true)], 0.01),
    ).toBeNull();
  });
});

describe('drops are counted by what they weigh', () => {
  // Lavender: 0.05 ml likely, 0.03 to 0.06 ml, at 0.88 g/ml.
  const unmeasured = { low: 0.026, likely: 0.044, high: 0.053 };
  const measured = { low: 0.041, likely: 0.043, high: 0.045 };

  test('one is one', () => {
    expect(dropsOnScale(0.044, unmeasured, 0.01)).toEqual({ kind: 'drops', drops: 1 });
    expect(dropsOnScale(0.04, measured, 0.01)).toEqual({ kind: 'drops', drops: 1 });
  });

  test('two at once of a dropper that was measured are two', () => {
    expect(dropsOnScale(0.086, measured, 0.01)).toEqual({ kind: 'drops', drops: 2 });
  });

  test('two at once of a dropper that was not measured may be three: it is asked', () => {
    expect(dropsOnScale(0.09, unmeasured, 0.01)).toEqual({ kind: 'which', drops: [2, 3] });
  });

  test('what no drop weighs is something else, and what is less than a drop is nothing', () => {
    expect(dropsOnScale(5, measured, 0.01)).toEqual({ kind: 'other' });
    expect(dropsOnScale(-0.5, measured, 0.01)).toEqual({ kind: 'other' });
    expect(dropsOnScale(0.004, measured, 0.01)).toEqual({ kind: 'none' });
  });
});
