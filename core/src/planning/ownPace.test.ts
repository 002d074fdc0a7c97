import { expect, test } from 'vitest';
import { shippedCatalog as catalog } from '../catalog';
import { madeOut } from '../drops/worked.testing';
import { stepsOf, type LogEntry } from '../making';
import { done, dropped } from '../making/events.testing';
import { ownPace, type TimedBatch } from './ownPace';

const { blend, evaluation } = madeOut({ oils: [{ id: 'lavender', drops: 6 }] });
const steps = stepsOf(blend, evaluation.mixture);

const [opening = done('wipe')] = dropped('count/0/lavender', 1);

/** Every step so many minutes after the one before it. */
const batch = (minutes: number): TimedBatch => ({
  steps,
  log: [
    { seq: 0, at: '2026-11-01T10:00:00.000Z', event: opening },
    ...steps.map(({ id }, n): LogEntry => ({
      seq: n + 1,
      at: new Date(Date.UTC(2026, 10, 1, 10, minutes * (n + 1))).toISOString(),
      event: done(id),
    })),
  ],
});

test('a house has its own pace once there are five batches: the median of them', () => {
  const four = [1, 2, 3, 4].map(batch);
  expect(ownPace(catalog, four).size).toBe(0);
  // Topping up one bottle is a minute by estimate; it took 1, 2, 3, 4 and 60 here.
  expect(ownPace(catalog, [...four, batch(60)]).get('top-up')).toBe(3);
});

test('what was left alone for the night counts for nothing, and nobody is ten times as slow', () => {
  const slow = Array.from({ length: 5 }, () => batch(100));
  expect(ownPace(catalog, slow).get('top-up')).toBe(4);
  const left = Array.from({ length: 5 }, () => batch(600));
  expect(ownPace(catalog, left).size).toBe(0);
});
