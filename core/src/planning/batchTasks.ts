import type { Catalog } from '../catalog';
import { stepsOf, stepTime, type Step, type StepPart } from '../making';
import type { PlannedBatch } from './lineBatches';
import type { Block } from './schedule';

/** How much slower or faster a house works than our own estimate, by kind of step. */
export type Pace = ReadonlyMap<Step['kind'], number>;

/** Steps of one kind that are done in one go: an oil into every bottle of a batch. */
export interface BatchTask {
  readonly steps: readonly [Step, ...Step[]];
  /** What part of the step it is, of those that it has: a butter is chilled, then whipped. */
  readonly part: number;
  readonly minutes: number;
  readonly hands: boolean;
  readonly pan: boolean;
  readonly fridge: boolean;
}

/** Steps of several bottles that go together: `count` of one oil, `top-up` of all. */
const keyOf = (step: Step): string => {
  switch (step.kind) {
    case 'count':
    case 'measure':
      return `${step.kind}/${step.oilId}`;
    case 'top-up':
      return step.kind;
    default:
      return step.id;
  }
};

const together = (steps: readonly Step[]): readonly (readonly [Step, ...Step[]])[] => {
  const groups = new Map<string, [Step, ...Step[]]>();
  for (const step of steps) {
    const group = groups.get(keyOf(step));
    if (group) group.push(step);
    else groups.set(keyOf(step), [step]);
  }
  return [...groups.values()];
};

/** What the steps of a batch come to on the clock, in their order; what takes no time is left out. */
export const batchTasks = (
  catalog: Catalog,
  { calculated: { blend, evaluation } }: PlannedBatch,
  pace: Pace,
): readonly BatchTask[] =>
  together(stepsOf(blend, evaluation.mixture)).flatMap((steps) => {
    const own = pace.get(steps[0].kind) ?? 1;
    const parts = steps.map((step) => stepTime(catalog, step));
    return (parts[0] ?? []).flatMap((of: StepPart, part): BatchTask[] => {
      const total = parts.reduce((sum, entry) => sum + (entry[part]?.minutes ?? 0), 0);
      const minutes = Math.ceil(total * (of.hands ? own : 1) - 1e-9);
      const { hands, pan, fridge } = of;
      return minutes > 0 ? [{ steps, part, minutes, hands, pan, fridge }] : [];
    });
  });

/**
 * Tasks as they follow one another: from melting to filling without a pause, with someone by, as a
 * melt that is left standing sets.
 */
export const blocksOf = (tasks: readonly BatchTask[]): readonly Block[] => {
  const blocks: BatchTask[][] = [];
  for (const task of tasks) {
    const last = blocks.at(-1);
    if (task.pan && last?.at(-1)?.pan) last.push(task);
    else blocks.push([task]);
  }
  return blocks;
};
