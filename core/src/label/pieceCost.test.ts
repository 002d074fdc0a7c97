import { expect, test } from 'vitest';
import { madeOf, usageOf } from '../batch';
import { filled } from '../batch/filled.testing';
import { blendOf } from '../drops/blend.testing';
import { done, dropped } from '../making/events.testing';
import type { BenchEvent } from '../making';
import { costsOf } from '../stock';
import { pieceCosts } from './pieceCost';
import { madePieces } from './pieces';

const prices = { lavender: { price: 8, size: 10 }, jojoba: { price: 20, size: 250 } } as const;

const costed = (count: number, counted: readonly BenchEvent[]) => {
  const blend = { ...blendOf({ oils: { lavender: 4 } }), count };
  const events = filled(blend, counted);
  const made = madeOf(blend, events);
  const taken = usageOf(made, events, {});
  const cost = costsOf(
    taken.map(({ materialId, ml }) => ({
      materialId,
      amount: ml,
      bottle: { ...prices[materialId as keyof typeof prices], unit: 'ml' },
    })),
  );
  const pieces = madePieces(made);
  return { cost, pieces, ...pieceCosts(pieces, cost, taken) };
};

const inBoth = [...dropped('count/0/lavender', 4), ...dropped('count/1/lavender', 8)];

test('a bottle with more oil in it costs more, and together they are the whole', () => {
  const { each, pieces, rest, cost } = costed(2, inBoth);
  // 4 drops are 0.2 ml at 0.80 a ml, in 9.3 ml of carrier at 0.08: 0.16 + 0.744; 8 drops 0.32 + 0.728.
  expect(each[0]).toBeCloseTo(0.904, 3);
  expect(each[1]).toBeCloseTo(1.048, 3);
  const sum = pieces.reduce((total, { count }, n) => total + count * (each[n] ?? 0), 0);
  expect(sum + rest.cost).toBeCloseTo(cost.known, 9);
  expect(rest.ml).toBeCloseTo(0, 6);
});

test('what was thrown away is in no piece, and is told', () => {
  const { rest, each } = costed(1, [
    ...dropped('count/0/lavender', 5),
    done('count/0/lavender'),
    done('top-up/0'),
    { kind: 'discarded', container: 0 },
    ...dropped('count/0/lavender', 4),
  ]);
  expect(each[0]).toBeCloseTo(0.904, 3);
  // 5 drops and 9.25 ml: 0.20 + 0.74.
  expect(rest.cost).toBeCloseTo(0.94, 3);
  expect(rest.ml).toBeCloseTo(9.5, 6);
});
