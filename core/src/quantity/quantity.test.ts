import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { isPast } from './compare';
import { dropVolume, measuredDrop } from './drop';

describe('a drop', () => {
  test('by the pharmacy rule is a twentieth of a ml, within what is met in practice', () => {
    expect(dropVolume(20, [0.025, 0.05])).toEqual({ low: 0.025, likely: 0.05, high: 0.05 });
  });

  test('the range is widened to hold the likely value of the school', () => {
    // 17 to the ml is 0.0588 ml, more than thin oils are met with.
    expect(dropVolume(17, [0.025, 0.05]).high).toBeCloseTo(1 / 17, 12);
    // 35 to the ml is 0.0286 ml, less than very thick oils are met with.
    expect(dropVolume(35, [0.035, 0.067]).low).toBeCloseTo(1 / 35, 12);
  });

  test('measured drops beat any school', () => {
    const measured = { low: 0.03, likely: 0.031, high: 0.033 };
    expect(dropVolume(20, [0.025, 0.05], measured)).toBe(measured);
  });

  test('weighing gives mass over count and density, with the spread of the weighings', () => {
    // 0.72 g / (20 x 0.9) = 0.04 ml; 0.81 g / (20 x 0.9) = 0.045 ml; mean 0.0425 ml.
    const drop = measuredDrop(
      [
        { drops: 20, massG: 0.72 },
        { drops: 20, massG: 0.81 },
      ],
      0.9,
    );
    expect(drop?.low).toBeCloseTo(0.04, 12);
    expect(drop?.likely).toBeCloseTo(0.0425, 12);
    expect(drop?.high).toBeCloseTo(0.045, 12);
    expect(measuredDrop([], 0.9)).toBeNull();
  });

  test('holds low <= likely <= high for every school and thickness', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 60, noNaN: true }),
        fc.double({ min: 0.01, max: 0.05, noNaN: true }),
        fc.double({ min: 0.05, max: 0.1, noNaN: true }),
        (perMl, least, most) => {
          const { low, likely, high } = dropVolume(perMl, [least, most]);
          return low <= likely && likely <= high;
        },
      ),
    );
  });
});

test('a value at its limit is not past it, whatever floating point makes of it', () => {
  expect(isPast((9.5 * 0.05 * 100) / 9.5, 5)).toBe(false);
  expect(isPast(0.1 + 0.2, 0.3)).toBe(false);
  expect(isPast(5.0001, 5)).toBe(true);
});
