import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { evaluate } from '../drops';
import {
  currentStep,
  gateOf,
  isReason,
  pastLimits,
  stepsOf,
  tallyOf,
  type BenchEvent,
} from '../making';
import { madeOf } from './made';
import { anyAct, anyBlend, ids, played } from './played.testing';

describe('whatever is pressed at the bench', () => {
  test('what was made is the drops that fell, bottle by bottle', () => {
    fc.assert(
      fc.property(anyBlend, fc.array(anyAct, { maxLength: 60 }), (blend, acts) => {
        const made = madeOf(blend, played(blend, acts));
        for (const { number, evaluation, isEmpty } of made.containers) {
          // By hand: drops of 0.05 ml over the fill of the bottle.
          const drops = ids.map((id) => made.tally.drops.get(`count/${number}/${id}`) ?? 0);
          const all = drops.reduce((total, drop) => total + drop, 0);
          const { mixture } = evaluation;
          expect(mixture.strength.byVolume.likely).toBeCloseTo(
            Math.min(100, (100 * all * 0.05) / mixture.fillMl),
            9,
          );
          expect(isEmpty).toBe(all === 0);
          mixture.oils.forEach(({ oil, drops: fell }) => {
            expect(fell).toBe(made.tally.drops.get(`count/${number}/${oil.id}`) ?? 0);
          });
        }
      }),
      { numRuns: 60 },
    );
  });

  test('a batch of which every step is done holds nothing that must not be used', () => {
    fc.assert(
      fc.property(anyBlend, fc.array(anyAct, { maxLength: 80 }), (blend, acts) => {
        const made = madeOf(blend, played(blend, acts));
        if (currentStep(made.planned, made.tally) !== null) return;
        expect(made.blocking).toBe(false);
        // Nothing over either: no reason was written.
        expect(made.verdict).not.toBe('over');
      }),
      { numRuns: 100 },
    );
  });

  test('bottles with the same in them are worked out once, and come to the same', () => {
    fc.assert(
      fc.property(anyBlend, fc.array(anyAct, { maxLength: 40 }), (blend, acts) => {
        const events = played(blend, acts);
        const made = madeOf(blend, events);
        made.containers.forEach(({ number, evaluation }) => {
          // The same bottle by itself, under the number of the first.
          const alone = events.flatMap((event): BenchEvent[] => {
            if (!('step' in event) || event.step === null)
              return event.kind === 'discarded' && number === 0 ? [event] : [];
            const parts = event.step.split('/');
            if (parts[1] === undefined) return [event];
            if (parts[1] !== String(number)) return [];
            return [{ ...event, step: [parts[0], '0', ...parts.slice(2)].join('/') }];
          });
          const [one] = madeOf({ ...blend, count: 1 }, alone).containers;
          expect(evaluation.mixture).toEqual(one?.evaluation.mixture);
          expect(evaluation.verdict).toBe(one?.evaluation.verdict);
        });
      }),
      { numRuns: 40 },
    );
  });
});

test('a reason opens the gate for what it was written for, whatever the blend', () => {
  fc.assert(
    fc.property(anyBlend, (blend) => {
      const planned = stepsOf(blend, evaluate(blend).mixture);
      const gate = gateOf(blend, planned, tallyOf([]), '');
      if (gate.state === 'open') return;
      const reason: BenchEvent = {
        kind: 'reason',
        step: planned[0]?.id ?? '',
        words: 'worn for one evening',
        over: pastLimits(gate.findings),
      };
      expect(isReason(reason.words)).toBe(true);
      // No words open what is blocked.
      expect(gateOf(blend, planned, tallyOf([reason]), '').state).toBe(
        gate.state === 'blocked' ? 'blocked' : 'open',
      );
    }),
    { numRuns: 80 },
  );
});
