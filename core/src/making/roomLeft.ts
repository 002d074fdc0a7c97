import type { Blend } from '../drops';
import type { Finding, Verdict } from '../limits';
import { bottleThen } from './bottle';
import { takeBackAt } from './press';
import type { Step } from './steps/registry';
import type { BenchEvent } from './event';
import { addEvent, type Tally } from './tally';

/** How many drops more of an oil may fall into a container, and what then stops it. */
export interface RoomLeft {
  /** Drops after which the verdict is no worse than it is now; `mostLooked` or more is plenty. */
  readonly drops: number;
  /** What one drop more than that comes to; null where there is plenty. */
  readonly then: Verdict | null;
  readonly stoppedBy: Finding | null;
}

/** Further than this no one adjusts by smell. */
export const mostLooked = 16;

const order: readonly (Verdict | null)[] = [null, 'within', 'caution', 'unknown', 'over'];

const worse = (a: Verdict | null, b: Verdict | null): boolean =>
  order.indexOf(a) > order.indexOf(b);

/** So many drops of an oil in a container, on purpose: more of its own, or an oil that is new. */
export const adjustedBy = (
  steps: readonly Step[],
  tally: Tally,
  container: number,
  oilId: string,
  drops: number,
  bottleId: string | null = null,
): BenchEvent[] => {
  const step = steps.find(
    (entry) => entry.kind === 'count' && entry.container === container && entry.oilId === oilId,
  );
  if (step?.kind === 'count') {
    const counted = tally.drops.get(step.id) ?? 0;
    return [
      {
        kind: 'asked',
        step: step.id,
        drops: Math.max(counted, tally.done.has(step.id) ? 0 : step.drops) + drops,
      },
      {
        kind: 'drop',
        step: step.id,
        container,
        ingredient: oilId,
        bottleId,
        source: 'tap',
        drops,
      },
    ];
  }
  return [
    {
      kind: 'something-else',
      container,
      ingredient: oilId,
      bottleId,
      source: 'tap',
      amount: { unit: 'drops', value: drops },
      words: '',
      intended: true,
    },
  ];
};

/** A drop that was added and did not fall; nothing where none of it is in. */
export const takenBack = (
  steps: readonly Step[],
  tally: Tally,
  container: number,
  oilId: string,
): BenchEvent[] => {
  const step = steps.find(
    (entry) => entry.kind === 'count' && entry.container === container && entry.oilId === oilId,
  );
  const counted = step ? (tally.drops.get(step.id) ?? 0) : 0;
  if (step?.kind !== 'count' || counted === 0) return [];
  return [
    takeBackAt(step, { source: 'tap', bottleId: null }),
    { kind: 'asked', step: step.id, drops: counted - 1 },
  ];
};

/** @param steps as they are now */
export const roomLeft = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  container: number,
  oilId: string,
): RoomLeft => {
  const now = bottleThen(blend, steps, tally, container);
  const before = now.verdict;
  // What is past a limit already has no room at all.
  if (before === 'over') {
    return {
      drops: 0,
      then: 'over',
      stoppedBy: now.findings.find(({ verdict }) => verdict === 'over') ?? null,
    };
  }
  const after = (drops: number) =>
    bottleThen(
      blend,
      steps,
      adjustedBy(steps, tally, container, oilId, drops).reduce(addEvent, tally),
      container,
    );
  const holds = (drops: number): boolean => !worse(after(drops).verdict, before ?? 'within');
  if (holds(mostLooked)) return { drops: mostLooked, then: null, stoppedBy: null };
  // More of an oil never brings a blend back within: the first that is worse is looked for by halves.
  let least = 0;
  let most = mostLooked;
  while (most - least > 1) {
    const middle = Math.floor((least + most) / 2);
    if (holds(middle)) least = middle;
    else most = middle;
  }
  const { verdict, findings } = after(most);
  return {
    drops: least,
    then: verdict,
    stoppedBy: findings.find((finding) => finding.verdict === verdict) ?? null,
  };
};
