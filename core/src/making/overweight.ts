import type { Blend, Evaluation } from '../drops';
import { bottleThen, stepsNow } from './bottle';
import type { BenchEvent } from './event';
import { mostCounted } from './gate';
import { reopenedAt } from './press';
import type { Step } from './steps/registry';
import { addEvent, type Tally } from './tally';

/** How far a weight may be from what was wanted and still be that: our own figure, in percent. */
const tolerancePercent = 2;
/** No kitchen scale tells less than this apart, in g. */
const leastToleranceG = 0.1;

/** So many g more or less are still what was wanted. */
export const toleranceG = (askedG: number): number =>
  Math.max(leastToleranceG, (askedG * tolerancePercent) / 100);

/** How a weight compares with what was wanted. */
export const weighedAs = (g: number, askedG: number): 'under' | 'right' | 'over' =>
  g < askedG - toleranceG(askedG) ? 'under' : g > askedG + toleranceG(askedG) ? 'over' : 'right';

/** One thing to do when more of a base is in than was wanted. */
export interface WeightWay {
  readonly kind: 'accept' | 'scale';
  readonly events: readonly BenchEvent[];
  /** The whole when all is in. */
  readonly outcome: Evaluation;
  /** Of the others how much more, by id of the material; none for accepting. */
  readonly more: readonly {
    readonly id: string;
    readonly amount: { readonly unit: 'g' | 'drops'; readonly value: number };
  }[];
  /** How many times the batch becomes what it was. */
  readonly factor: number;
}

/**
 * What can be done when too much of a base is in the pan: accept it, with the texture and the
 * strength that it comes to; or add as many times more of all the others, so that both stay.
 *
 * @param step the base of which there is too much; what was weighed of it is reported already
 */
export const weightWays = (
  blend: Blend,
  planned: readonly Step[],
  tally: Tally,
  step: Step & { readonly kind: 'weigh' },
): readonly WeightWay[] => {
  const steps = stepsNow(blend, planned, tally);
  const measured = tally.measured.get(step.id);
  const g = measured?.unit === 'g' ? measured.value : 0;
  const factor = g / step.g;
  const outcomeAfter = (events: readonly BenchEvent[]): Evaluation => {
    const then = events.reduce(addEvent, tally);
    return bottleThen(blend, stepsNow(blend, planned, then), then, 0);
  };
  const accepted: BenchEvent[] = [{ kind: 'asked-g', step: step.id, g }];
  const accept: WeightWay = {
    kind: 'accept',
    events: accepted,
    outcome: outcomeAfter(accepted),
    more: [],
    factor: 1,
  };
  const others = steps.filter(({ id }) => id !== step.id);
  const more: WeightWay['more'][number][] = [];
  const events: BenchEvent[] = [...accepted];
  for (const other of others) {
    if (other.kind === 'weigh') {
      const wanted = other.g * factor;
      const there = tally.measured.get(other.id);
      const in_ = there?.unit === 'g' ? there.value : tally.done.has(other.id) ? other.g : 0;
      if (wanted - in_ <= 0) continue;
      more.push({ id: other.baseId, amount: { unit: 'g', value: wanted - in_ } });
      events.push({ kind: 'asked-g', step: other.id, g: wanted });
      if (tally.done.has(other.id)) events.push(reopenedAt(other.id, 'typed'));
    } else if (other.kind === 'count') {
      const counted = tally.drops.get(other.id) ?? 0;
      const wanted = Math.min(mostCounted, Math.max(counted, Math.round(other.drops * factor)));
      if (wanted <= other.drops) continue;
      more.push({ id: other.oilId, amount: { unit: 'drops', value: wanted - counted } });
      events.push({ kind: 'asked', step: other.id, drops: wanted });
      if (tally.done.has(other.id)) events.push(reopenedAt(other.id, 'typed'));
    }
  }
  return more.length === 0
    ? [accept]
    : [{ kind: 'scale', events, outcome: outcomeAfter(events), more, factor }, accept];
};
