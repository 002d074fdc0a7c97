import fc from 'fast-check';
import { evaluate, type Blend } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { done, drop, reopened, takeBack } from '../making/events.testing';
import { currentStep, gateOf, stepsOf, tallyOf, type BenchEvent, type Step } from '../making';

// Batches as makers make them: whatever is pressed, in any order.

export const ids = ['lavender', 'petitgrain', 'ylang-ylang', 'cypress'] as const;

export const anyBlend: fc.Arbitrary<Blend> = fc
  .record({
    drops: fc.array(fc.integer({ min: 1, max: 6 }), { minLength: 1, maxLength: ids.length }),
    ageMonths: fc.constantFrom(8, 36, 100, 480, 860),
    count: fc.integer({ min: 1, max: 3 }),
    container: fc.constantFrom('roll-on-10', 'roll-on-15', 'dropper-30'),
  })
  .map(({ drops, ageMonths, count, container }) => ({
    ...blendOf({
      oils: Object.fromEntries(drops.map((amount, n) => [ids[n] ?? 'lavender', amount])),
      wearer: { ageMonths },
      container,
    }),
    count,
  }));

/** What a maker may do at any moment: count, take back, go on, go back, throw away. */
export const anyAct = fc.constantFrom(
  'drop',
  'drop',
  'drop',
  'back',
  'on',
  'on',
  'reopen',
  'discard',
);

/** Whatever is pressed, only what the gate lets through becomes an event. */
export const played = (blend: Blend, acts: readonly string[]): BenchEvent[] => {
  const planned = stepsOf(blend, evaluate(blend).mixture);
  const events: BenchEvent[] = [];
  for (const act of acts) {
    const tally = tallyOf(events);
    const step: Step | null = currentStep(planned, tally);
    if (act === 'reopen') {
      const last = planned.findLast(({ id }) => tally.done.has(id));
      if (last) events.push(reopened(last.id));
    } else if (act === 'discard') events.push({ kind: 'discarded', container: 0 });
    else if (step && act === 'on') {
      if (gateOf(blend, planned, tally, '').state === 'open') {
        events.push(done(step.id));
      }
    } else if (step?.kind === 'count') {
      events.push(act === 'drop' ? drop(step.id) : takeBack(step.id));
    }
  }
  return events;
};
