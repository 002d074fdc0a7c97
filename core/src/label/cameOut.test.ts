import fc from 'fast-check';
import { expect, test } from 'vitest';
import { madeOf, type Made } from '../batch';
import { filled } from '../batch/filled.testing';
import { fillMl, type Container } from '../catalog';
import { balmInJars, workedOut } from '../drops/worked.testing';
import { cameOutLines, type BenchEvent, type CameOutLine } from '../making';
import { dropped } from '../making/events.testing';
import { madePieces } from './pieces';

const { blend } = workedOut(balmInJars);
const [line] = blend.fillings;
const jar = line?.container as Container;
const oil = blend.formula.oils[0]?.oil.id ?? '';
const poured = filled(blend, dropped(`count/0/${oil}`, 10));

const madeWith = (lines: CameOutLine[], more: readonly BenchEvent[] = []): Made =>
  madeOf(blend, [...poured, ...more, { kind: 'came-out', lines, words: '' }]);

const told = (full: number, lastPercent: number): CameOutLine => ({
  into: { filling: 0 },
  full,
  lastPercent,
});

test('one jar and a half one are two pieces, and the half one claims half', () => {
  const [whole, half] = madePieces(madeWith([told(1, 50)]));
  expect(whole).toMatchObject({ count: 1, isFull: true });
  expect(whole?.ml).toBeCloseTo(fillMl(jar), 9);
  expect(half).toMatchObject({ count: 1, isFull: false });
  expect(half?.ml).toBeCloseTo(fillMl(jar) / 2, 9);
  expect(half?.g).toBeCloseTo((whole?.g ?? 0) / 2, 9);
});

test('the rest in a tin of the library is a piece of its own', () => {
  const pieces = madePieces(
    madeWith([told(1, 0), { into: { containerId: 'tin-10' }, full: 1, lastPercent: 0 }]),
  );
  expect(pieces.map(({ container }) => container.kind)).toEqual(['jar', 'tin']);
});

test('whatever is said came out, no label claims more than there was', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 40 }),
      fc.integer({ min: 0, max: 99 }),
      fc.double({ min: 0.1, max: 50, noNaN: true }),
      (full, lastPercent, ml) => {
        const made = madeWith(
          [told(full, lastPercent)],
          [{ kind: 'spilled', container: 0, source: 'typed', ml, words: '' }],
        );
        const there = Math.max(0, (made.containers[0]?.evaluation.mixture.fillMl ?? 0) - ml);
        const claimed = madePieces(made).reduce(
          (total, piece) => total + piece.count * piece.ml,
          0,
        );
        expect(claimed).toBeLessThanOrEqual(there * (1 + 1e-9));
      },
    ),
  );
});

test('before anyone says so it is as it parts, and what was said last counts', () => {
  const made = madeOf(blend, poured);
  const mixture = made.containers[0]?.evaluation.mixture;
  if (!mixture) throw new Error('nothing was made');
  const planned = cameOutLines(blend, mixture, made.tally);
  expect(planned.map(({ into }) => into)).toEqual([{ filling: 0 }]);
  const again = madeOf(blend, [
    ...poured,
    { kind: 'came-out', lines: [told(5, 0)], words: '' },
    { kind: 'came-out', lines: [told(1, 25)], words: 'counted again' },
  ]);
  expect(cameOutLines(blend, mixture, again.tally)).toEqual([told(1, 25)]);
  expect(madePieces(again).map(({ count }) => count)).toEqual([1, 1]);
});
