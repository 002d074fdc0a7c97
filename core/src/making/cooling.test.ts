import { expect, test } from 'vitest';
import { coolingOf, reachedAt } from './cooling';

// A jug at 75 °C in a room of 20 °C that loses a twentieth of the difference each minute.
const at = (minutes: number) => 20 + 55 * 0.95 ** minutes;

test('two readings give the curve on which they lie', () => {
  const cooling = coolingOf(
    [
      { minutes: 0, celsius: at(0) },
      { minutes: 6, celsius: at(6) },
    ],
    20,
  );
  expect(cooling?.perMinute).toBeCloseTo(0.05, 10);
  expect(cooling?.spreadC).toBe(0);
  // 55 °C: ln(35 / 55) / ln(0.95) = 8.81 minutes.
  expect(reachedAt(cooling!, 55)).toBeCloseTo(8.81, 2);
});

test('readings that are a little off give a curve between them, and how far off they lie', () => {
  const cooling = coolingOf(
    [0, 3, 6, 9].map((minutes, n) => ({ minutes, celsius: at(minutes) + (n % 2 ? 0.5 : -0.5) })),
    20,
  );
  expect(cooling?.perMinute).toBeGreaterThan(0.035);
  expect(cooling?.perMinute).toBeLessThan(0.065);
  expect(cooling?.spreadC).toBeGreaterThan(0.3);
  expect(cooling?.spreadC).toBeLessThan(1.2);
});

test('what warms up, one reading, and what is as cool as the room have no curve', () => {
  expect(coolingOf([{ minutes: 0, celsius: 60 }], 20)).toBeNull();
  expect(
    coolingOf(
      [
        { minutes: 0, celsius: 60 },
        { minutes: 5, celsius: 66 },
      ],
      20,
    ),
  ).toBeNull();
  expect(
    coolingOf(
      [
        { minutes: 0, celsius: 20 },
        { minutes: 5, celsius: 20 },
      ],
      20,
    ),
  ).toBeNull();
  expect(
    coolingOf(
      [
        { minutes: 2, celsius: 60 },
        { minutes: 2, celsius: 61 },
      ],
      20,
    ),
  ).toBeNull();
});

test('what is cooler than the room is never reached, and what it is already is reached at once', () => {
  const cooling = coolingOf(
    [
      { minutes: 0, celsius: 60 },
      { minutes: 10, celsius: 50 },
    ],
    21,
  );
  expect(reachedAt(cooling!, 20)).toBeNull();
  expect(reachedAt(cooling!, 65)).toBe(0);
});

test('what was warmed again cools from there: earlier readings no longer count', () => {
  const once = [0, 5].map((minutes) => ({ minutes, celsius: at(minutes) }));
  const again = [10, 15].map((minutes) => ({ minutes, celsius: at(minutes - 10) }));
  const cooling = coolingOf([...once, ...again], 20);
  expect(cooling?.perMinute).toBeCloseTo(0.05, 10);
  // As far from the second start as from the first: 8.81 minutes after the tenth.
  expect(cooling && cooling.at(18.81)).toBeCloseTo(55, 1);
});
