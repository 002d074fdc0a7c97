import type { Catalog } from '../catalog';
import { stepTime, type LogEntry, type Step } from '../making';
import type { Pace } from './batchTasks';

/** A batch as it was made: its steps, and what happened when. */
export interface TimedBatch {
  readonly steps: readonly Step[];
  readonly log: readonly LogEntry[];
}

/** From so many batches on, a house has a pace of its own for a kind of step. */
const batchesNeeded = 5;
/** A step that took longer was left alone, in minutes. */
const longestStep = 120;
/** No house is so many times as fast or as slow. */
const furthest = 4;

const msPerMinute = 60_000;

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = Math.floor(sorted.length / 2);
  const above = sorted[middle] ?? 1;
  return sorted.length % 2 === 1 ? above : ((sorted[middle - 1] ?? above) + above) / 2;
};

/** How long each kind of step took in one batch, against our own estimate. */
const paceOf = (
  catalog: Catalog,
  { steps, log }: TimedBatch,
): ReadonlyMap<Step['kind'], number> => {
  const took = new Map<Step['kind'], { real: number; estimated: number }>();
  const inTime = [...log].sort((a, b) => a.at.localeCompare(b.at));
  let before = inTime[0]?.at;
  for (const { at, event } of inTime) {
    if (event.kind !== 'done' || before === undefined) continue;
    const minutes = (Date.parse(at) - Date.parse(before)) / msPerMinute;
    before = at;
    const step = steps.find(({ id }) => id === event.step);
    const estimated = (step ? stepTime(catalog, step) : [])
      .filter(({ hands }) => hands)
      .reduce((total, part) => total + part.minutes, 0);
    if (!step || estimated <= 0 || minutes <= 0 || minutes > longestStep) continue;
    const sums = took.get(step.kind) ?? { real: 0, estimated: 0 };
    took.set(step.kind, { real: sums.real + minutes, estimated: sums.estimated + estimated });
  }
  return new Map([...took].map(([kind, { real, estimated }]) => [kind, real / estimated]));
};

/**
 * How much slower or faster a house works than our estimates, by kind of step: the median of its own
 * batches, once there are five of a kind. What waits has no pace.
 */
export const ownPace = (catalog: Catalog, batches: readonly TimedBatch[]): Pace => {
  const all = batches.map((batch) => paceOf(catalog, batch));
  const kinds = new Set(all.flatMap((batch) => [...batch.keys()]));
  return new Map(
    [...kinds].flatMap((kind) => {
      const own = all.flatMap((batch) => batch.get(kind) ?? []);
      return own.length < batchesNeeded
        ? []
        : [[kind, Math.min(furthest, Math.max(1 / furthest, median(own)))] as const];
    }),
  );
};
