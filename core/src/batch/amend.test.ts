import { expect, test } from 'vitest';
import { blendOf } from '../drops/blend.testing';
import { dropped } from '../making/events.testing';
import {
  amendedEvents,
  amendedMade,
  dropsToStrength,
  largerFor,
  roomMl,
  type Added,
} from './amend';
import { filled } from './filled.testing';
import { madeOf } from './made';

// 10 drops of 0.05 ml of lavender in a bottle filled to 28.5 ml: 0.5 ml, 1.75 %.
const blend = blendOf({ oils: { lavender: 10 }, container: 'dropper-30' });
const events = filled(blend, dropped('count/0/lavender', 10));
const made = madeOf(blend, events);
const percentOf = (of: typeof made): number =>
  of.containers[0]?.evaluation.mixture.strength.byVolume.likely ?? NaN;

const carrier: Added = {
  ingredient: 'jojoba',
  bottleId: null,
  amount: { unit: 'ml', value: 20 },
  words: 'too strong for every day',
  containers: [0],
  into: 'dropper-50',
};

test('more carrier thins a batch: strength and verdict follow what is in it now', () => {
  const before = percentOf(made);
  const after = amendedMade(made, events, carrier);
  const ml = made.containers[0]?.evaluation.mixture.fillMl ?? NaN;
  expect(percentOf(after)).toBeCloseTo((before * ml) / (ml + 20), 2);
  expect(after.tally.amended).toHaveLength(1);
});

test('drops that bring it to a strength bring it there, and one more goes past', () => {
  const thinned = amendedMade(made, events, carrier);
  const drops = dropsToStrength(thinned, 0, 2) ?? NaN;
  const more = (value: number) =>
    percentOf(
      amendedMade(thinned, [...events, ...amendedEvents(made, carrier)], {
        ...carrier,
        into: null,
        ingredient: 'lavender',
        amount: { unit: 'drops', value },
      }),
    );
  expect(more(drops)).toBeLessThanOrEqual(2 + 1e-9);
  expect(more(drops + 1)).toBeGreaterThan(2);
});

test('what is that strong already, or has no oil, takes no more', () => {
  expect(dropsToStrength(made, 0, 1)).toBeNull();
  expect(dropsToStrength(madeOf(blend, []), 0, 2)).toBeNull();
  expect(dropsToStrength(made, 7, 2)).toBeNull();
});

test('each of several containers has an entry of its own', () => {
  expect(
    amendedEvents(made, { ...carrier, into: null, containers: [0, 2] }).map((event) => event),
  ).toMatchObject([{ container: 0 }, { container: 2 }]);
});

test('nothing is thinned by what does not fit: there is no more room than up to the brim', () => {
  const room = roomMl(made, 0);
  const kept = { ...carrier, into: null };
  const full = amendedMade(made, events, { ...kept, amount: { unit: 'ml', value: room } });
  const over = amendedMade(made, events, { ...kept, amount: { unit: 'ml', value: 500 } });
  expect(percentOf(over)).toBeCloseTo(percentOf(full), 9);
  expect(roomMl(full, 0)).toBeCloseTo(0, 6);
});

test('a larger container is offered where it does not fit, the smallest first', () => {
  const [first] = largerFor(made, 0, 20);
  expect(first).toMatchObject({ id: 'dropper-50' });
  expect(largerFor(made, 0, 5000)).toEqual([]);
});
