import fc from 'fast-check';
import { expect, test } from 'vitest';
import { madeOf, summaryOf, usageOf } from '../batch';
import { balmInJars, workedOut } from '../drops/worked.testing';
import { densityOf } from '../mixture';
import type { BenchEvent } from '../making';
import { done, dropped } from '../making/events.testing';
import { madePieces } from './pieces';

// A balm as it was weighed, worked out again from the bare events by plain sums: record, label and
// ledger of one batch must say the same, and the same as these.

const { blend } = workedOut(balmInJars);
const oil = blend.catalog.oil('lavender');
if (!oil) throw new Error('no lavender');
const baseIds = ['beeswax_yellow', 'shea_butter', 'jojoba'] as const;
const mistakes = ['olive', 'jojoba', 'almond_sweet'].filter((id) => blend.catalog.base(id));

const grams = fc.double({ min: 0.5, max: 120, noNaN: true }).map((g) => Math.round(100 * g) / 100);

const anyBatch = fc.record({
  drops: fc.integer({ min: 1, max: 60 }),
  weighed: fc.tuple(grams, grams, grams),
  mistake: fc.option(fc.record({ id: fc.constantFrom(...mistakes), g: grams })),
  corrected: fc.option(fc.record({ at: fc.integer({ min: 0, max: 2 }), g: grams })),
  afterwards: fc.option(grams),
  dropsAfter: fc.option(fc.integer({ min: 0, max: 60 })),
});

type Batch = typeof anyBatch extends fc.Arbitrary<infer T> ? T : never;

const count = 'count/0/lavender';

const eventsOf = ({ drops, weighed, mistake, corrected, afterwards, dropsAfter }: Batch) => {
  const events: BenchEvent[] = [...dropped(count, drops), done(count)];
  baseIds.forEach((id, n) => {
    const step = `weigh/0/${id}`;
    const amount = { unit: 'g', value: weighed[n] ?? 0 } as const;
    events.push({ kind: 'measured', step, ingredient: id, source: 'scale', amount }, done(step));
  });
  if (mistake) {
    events.push({
      ...{ kind: 'something-else', container: 0, ingredient: mistake.id, bottleId: null },
      ...{ source: 'typed', amount: { unit: 'g', value: mistake.g }, words: '' },
    });
  }
  if (corrected) {
    const id = baseIds[corrected.at] ?? 'jojoba';
    events.push({
      ...{ kind: 'corrected', step: `weigh/0/${id}`, container: 0, ingredient: id },
      ...{ amount: { unit: 'g', value: corrected.g }, words: 'the scale was off' },
    });
  }
  if (dropsAfter !== null) {
    events.push({
      ...{ kind: 'corrected', step: count, container: 0, ingredient: 'lavender' },
      ...{ amount: { unit: 'drops', value: dropsAfter }, words: 'counted wrong' },
    });
  }
  if (afterwards !== null) {
    events.push({
      ...{ kind: 'amended', container: 0, ingredient: 'jojoba', bottleId: null },
      ...{ amount: { unit: 'g', value: afterwards }, words: 'too hard' },
    });
  }
  return events;
};

/** What is in the pan by plain sums, in g by material. */
const byHand = ({ drops, weighed, mistake, corrected, afterwards, dropsAfter }: Batch) => {
  const g: Record<string, number> = {};
  const add = (id: string, more: number) => (g[id] = (g[id] ?? 0) + more);
  baseIds.forEach((id, n) => {
    add(id, corrected && corrected.at === n ? corrected.g : (weighed[n] ?? 0));
  });
  if (mistake) add(mistake.id, mistake.g);
  if (afterwards !== null) add('jojoba', afterwards);
  // A drop that was never weighed is a twentieth of a ml.
  add('lavender', (dropsAfter ?? drops) * 0.05 * densityOf(oil).likely);
  return g;
};

test('record, label and ledger say what the events come to by plain sums', () => {
  fc.assert(
    fc.property(anyBatch, (batch) => {
      const events = eventsOf(batch);
      const made = madeOf(blend, events);
      const hand = byHand(batch);
      const wholeG = Object.values(hand).reduce((total, g) => total + g, 0);
      const percent = (100 * (hand['lavender'] ?? 0)) / wholeG;

      const [content] = summaryOf(made, '2026-12-01', '2026-12-01').contents ?? [];
      expect(content?.percent).toBeCloseTo(percent, 6);
      expect(content?.g).toBeCloseTo(wholeG, 6);
      for (const { id, g } of [...(content?.oils ?? []), ...(content?.bases ?? [])]) {
        expect(g).toBeCloseTo(hand[id] ?? 0, 6);
      }

      const labelled = madePieces(made).reduce((total, piece) => total + piece.count * piece.g, 0);
      expect(labelled).toBeLessThanOrEqual(wholeG * (1 + 1e-9));

      const taken = usageOf(made, events, {});
      expect(Object.fromEntries(taken.map(({ materialId }) => [materialId, true]))).toEqual(
        Object.fromEntries(
          Object.entries(hand)
            .filter(([, g]) => g > 0)
            .map(([id]) => [id, true]),
        ),
      );
      for (const { materialId, g } of taken) expect(g).toBeCloseTo(hand[materialId] ?? 0, 6);
    }),
    { numRuns: 150 },
  );
});

test('a finished log only grows, and what is added lowers nothing that was measured', () => {
  fc.assert(
    fc.property(anyBatch, (batch) => {
      const plain = { ...batch, corrected: null, dropsAfter: null };
      const before = madeOf(blend, eventsOf({ ...plain, mistake: null, afterwards: null }));
      const after = madeOf(blend, eventsOf(plain));
      const gOf = (made: typeof before, id: string) =>
        made.containers[0]?.evaluation.mixture.bases.find(({ base }) => base.id === id)?.g.likely ??
        0;
      for (const id of baseIds) {
        expect(gOf(after, id)).toBeGreaterThanOrEqual(gOf(before, id) - 1e-9);
      }
    }),
    { numRuns: 80 },
  );
});
