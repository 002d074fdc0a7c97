import fc from 'fast-check';
import { expect, test } from 'vitest';
import { madeOf } from '../batch';
import { anyAct, anyBlend, played } from '../batch/played.testing';
import { labelOf } from './label';
import { madePieces } from './pieces';

const facts = { batch: '2026-001', madeOn: '2026-11-26', maker: 'Dorrit Vane' };

test('the label of a batch says what fell at the bench, container by container', () => {
  let labels = 0;
  fc.assert(
    fc.property(anyBlend, fc.array(anyAct, { minLength: 20, maxLength: 60 }), (blend, acts) => {
      const made = madeOf(blend, played(blend, acts));
      for (const piece of madePieces(made)) {
        labels += 1;
        const label = labelOf(blend, piece, facts);
        for (const number of piece.numbers) {
          // By hand: every drop that fell into this container is 0.05 ml of what it holds.
          const fell = blend.formula.oils.map(({ oil }) => ({
            id: oil.id,
            drops: made.tally.drops.get(`count/${number}/${oil.id}`) ?? 0,
          }));
          const inIt = fell.filter(({ drops }) => drops > 0);
          expect(label.oils.map(({ id }) => id)).toEqual(inIt.map(({ id }) => id));
          const ml = inIt.reduce((total, { drops }) => total + 0.05 * drops, 0);
          expect(label.percent).toBeCloseTo(Math.min(100, (100 * ml) / label.ml), 9);
        }
        // Planned or not: what must not be used says so.
        expect(label.doNotUse).toBe(piece.evaluation.blocking);
      }
    }),
    { numRuns: 200 },
  );
  expect(labels).toBeGreaterThan(20);
});
