import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { effectOf, inForce, leftIn, type Moved } from './ledger';
import { movementSchema, type Movement } from './movement';

const moved = (id: string, movement: Movement): Moved => ({ id, at: '2026-11-01', movement });
const used = (id: string, amount: number) =>
  moved(id, { kind: 'used', batchId: 'b', batchNumber: '2026-001', amount });
const undone = (id: string, undoes: string) => moved(id, { kind: 'undone', undoes });
const full = { atStart: 10, finishedOn: null };

describe('what is left in a bottle', () => {
  test('is what it began with, less what went out of it', () => {
    const spilled = moved('s', { kind: 'spilled', amount: 1.5, why: 'the cat' });
    expect(leftIn(full, [used('u', 0.5), spilled])).toBe(8);
  });

  test('counted anew is what was found, and goes on from there', () => {
    const counted = moved('c', {
      kind: 'counted',
      found: 6,
      reckoned: 8,
      why: 'the dropper leaks',
    });
    expect(leftIn(full, [used('u', 2), counted, used('v', 1)])).toBe(5);
  });

  test('undoing what lay before a count leaves the difference that was found', () => {
    const counted = moved('c', { kind: 'counted', found: 6, reckoned: 8, why: '' });
    // 10 − 2: the batch was never made, the leak was.
    expect(leftIn(full, [used('u', 2), counted, undone('x', 'u')])).toBe(8);
  });

  test('is never less than nothing, and nothing in a finished one', () => {
    expect(leftIn(full, [used('u', 12)])).toBe(0);
    expect(leftIn({ ...full, finishedOn: '2026-11-01' }, [])).toBe(0);
  });
});

describe('undoing', () => {
  test('is undone itself', () => {
    const all = [used('u', 2), undone('x', 'u')];
    expect(leftIn(full, all)).toBe(10);
    expect(leftIn(full, [...all, undone('y', 'x')])).toBe(8);
    expect(leftIn(full, [...all, undone('y', 'x'), undone('z', 'y')])).toBe(10);
  });

  test('twice is once', () => {
    expect(leftIn(full, [used('u', 2), undone('x', 'u'), undone('y', 'u')])).toBe(10);
  });

  test('in a ring, as only a broken file has it, ends', () => {
    expect(inForce([undone('x', 'y'), undone('y', 'x'), used('u', 2)])).toHaveLength(1);
  });
});

const kinds = fc.oneof(
  fc
    .record({ amount: fc.integer({ min: 1, max: 50 }) })
    .map(({ amount }): Movement => ({ kind: 'spilled', amount, why: '' })),
  fc
    .record({ found: fc.integer({ min: 0, max: 50 }), reckoned: fc.integer({ min: 0, max: 50 }) })
    .map((counted): Movement => ({ kind: 'counted', ...counted, why: '' })),
);

test('the ledger adds up in any order: of undoing, of import, of two tabs', () => {
  fc.assert(
    fc.property(
      fc.array(kinds, { maxLength: 20 }),
      fc.array(fc.nat(60), { maxLength: 20 }),
      fc.integer(),
      (movements, undoings, seed) => {
        const all: Moved[] = movements.map((movement, n) => moved(`m${n}`, movement));
        // Each undoing names something that is there by then: a movement, or an undoing.
        for (const [n, at] of undoings.entries()) {
          const target = all[at % Math.max(1, all.length)];
          if (target) all.push(undone(`u${n}`, target.id));
        }
        const shuffled = [...all]
          .map((entry, n) => ({ one: entry, key: Math.sin(seed + n) }))
          .sort((a, b) => a.key - b.key)
          .map(({ one }) => one);
        const start = { atStart: 10_000, finishedOn: null };
        // By hand, in the order in which they were written: from the last, what is not undone undoes.
        const gone = new Set<string>();
        for (const { id, movement } of [...all].reverse()) {
          if (movement.kind === 'undone' && !gone.has(id)) gone.add(movement.undoes);
        }
        const sum = all
          .filter(({ id }) => !gone.has(id))
          .reduce((total, { movement }) => total + effectOf(movement), 10_000);
        expect(leftIn(start, all)).toBe(sum);
        expect(leftIn(start, shuffled)).toBe(sum);
        // Two houses that have parts of it, put together: each movement once.
        const both = new Map([...shuffled, ...all].map((entry) => [entry.id, entry]));
        expect(leftIn(start, [...both.values()])).toBe(sum);
      },
    ),
  );
});

test('a movement out of a file has an amount that a bottle can hold', () => {
  expect(movementSchema.safeParse({ kind: 'spilled', amount: -1, why: '' }).success).toBe(false);
  expect(movementSchema.safeParse({ kind: 'spilled', amount: 1e9, why: '' }).success).toBe(false);
  expect(movementSchema.safeParse({ kind: 'eaten', amount: 1, why: '' }).success).toBe(false);
});
