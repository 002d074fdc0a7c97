import fc from 'fast-check';
import { expect, test } from 'vitest';
import { done, drop, takeBack } from './events.testing';
import type { LogEntry } from './event';
import { packLog, packedLogSchema, unpackLog } from './packedLog';
import { withUndone } from './undone';

const at = (n: number): string => new Date(Date.UTC(2026, 10, 26, 10, 0, n)).toISOString();

const anyEvent = fc
  .tuple(
    fc.constantFrom(drop, takeBack, done),
    fc.constantFrom('count/0/lavender', 'count/1/lemon'),
  )
  .map(([of, step]) => of(step));

const anyLog = fc
  .array(anyEvent, { maxLength: 60 })
  .map((events) => events.map((event, n): LogEntry => ({ seq: n + 1, at: at(n), event })));

test('a log is packed without losing a moment or its order', () => {
  fc.assert(
    fc.property(anyLog, (log) => {
      expect(unpackLog(packLog(log))).toEqual(log);
    }),
  );
});

test('twelve drops of one oil are one run, with the moment of each', () => {
  const log = Array.from({ length: 12 }, (_, n): LogEntry => {
    return { seq: n + 1, at: at(n), event: drop('count/0/lavender') };
  });
  const packed = packLog(log);
  expect(packed).toHaveLength(1);
  expect(packed[0]?.at).toHaveLength(12);
  expect(packedLogSchema.parse(packed)).toEqual(packed);
});

test('a log longer than any batch is refused', () => {
  const run = { event: drop('count/0/lavender'), at: Array.from({ length: 9000 }, () => at(0)) };
  expect(packedLogSchema.safeParse([run]).success).toBe(true);
  expect(packedLogSchema.safeParse(Array.from({ length: 6 }, () => run)).success).toBe(false);
});

test('a drop taken back names the last one that still stands, at its own step', () => {
  const events = [
    drop('count/0/lavender'),
    drop('count/0/lavender'),
    drop('count/0/lemon'),
    takeBack('count/0/lavender'),
  ];
  const log = events.reduce((before: LogEntry[], event, n): LogEntry[] => {
    return [...before, { seq: n + 1, at: at(n), event: withUndone(before, event) }];
  }, []);
  expect(log[3]?.event).toMatchObject({ undoes: 2 });
  expect(withUndone(log, takeBack('count/0/lavender'))).toMatchObject({ undoes: 1 });
  expect(withUndone([], takeBack('count/0/lavender'))).toMatchObject({ undoes: null });
});

test.each([[[]], [['yesterday']], [['2026-13-01T10:00:00.000Z']], [[7]], ['2026-11-26T10:00:00Z']])(
  'moments that are none are refused: %j',
  (moments) => {
    const run = { event: drop('count/0/lavender'), at: moments };
    expect(packedLogSchema.safeParse([run]).success).toBe(false);
  },
);
