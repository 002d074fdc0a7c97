import type { Day } from '../quantity';
import { batchTasks, blocksOf, type BatchTask, type Pace } from './batchTasks';
import {
  lineBatches,
  takenFor,
  withDropsOf,
  type LineProblem,
  type PlannedBatch,
  type PlannedLine,
} from './lineBatches';
import {
  inAll,
  shelfInTurn,
  sumOf,
  supplyOf,
  type ShelfRow,
  type SoldSize,
  type Supply,
} from './materials';
import { containersFor, pieceCost, type ContainerNeed, type ContainerRow } from './planCost';
import {
  attendedMinutes,
  earliestAndLatest,
  longestSpan,
  weeklyMinutes,
  type Capacity,
  type Effort,
  type Job,
  type WeeklySpan,
} from './schedule';
import { minuteOf, momentOf, type Moment } from './wallClock';

/** What a table of gifts is to be, from what there is. */
export interface GiftPlan {
  readonly from: Moment;
  readonly ready: Moment;
  /** When hands may work; null for any time. */
  readonly hours: readonly WeeklySpan[] | null;
  readonly capacity: Capacity;
  readonly largestJugMl: number;
  readonly lines: readonly PlannedLine[];
  readonly shelf: readonly ShelfRow[];
  readonly sold: readonly (SoldSize & { readonly material: string })[];
  readonly containers: readonly ContainerRow[];
  /** How the house works, as far as its own batches say. */
  readonly pace: Pace;
}

/** Something that is done, or waits, from one minute to another. */
export interface PlannedTask {
  readonly batch: string;
  readonly task: Pick<BatchTask, 'steps' | 'part'> | 'patch-test';
  readonly start: Moment;
  readonly end: Moment;
  readonly hands: boolean;
  readonly pan: boolean;
  readonly fridge: boolean;
}

/** A plan worked out. */
export interface WorkedPlan {
  readonly batches: readonly PlannedBatch[];
  readonly supplies: readonly Supply[];
  readonly containers: readonly ContainerNeed[];
  /** What must be bought; null where a price is not known. */
  readonly buyCost: number | null;
  /** What goes into the pieces; null where a price is not known. */
  readonly usedCost: number | null;
  /** The same for one piece of each line. */
  readonly perPiece: ReadonlyMap<string, number | null>;
  readonly tasks: readonly PlannedTask[];
  readonly finish: Moment;
  readonly isInTime: boolean;
  /** The latest beginning, to five minutes, with which all is in time; null where none is. */
  readonly lastStart: Moment | null;
  readonly tookMinutes: number;
  readonly boundMinutes: number;
  readonly handsMinutes: number;
}

/** Why a plan cannot be worked out, and of which line. */
export type PlanProblem =
  | { readonly line: string; readonly problem: LineProblem }
  /** What is done in one go is longer than every span of the hours. */
  | { readonly line: string; readonly problem: TooLong }
  /** More than is planned at once: makings, or weeks of such hours. */
  | { readonly line: null; readonly problem: TooMuch };

export interface TooMuch {
  readonly code: 'too-many-batches' | 'too-many-weeks';
  readonly value: number;
  readonly most: number;
}

interface TooLong {
  readonly code: 'too-long';
  readonly steps: BatchTask['steps'];
  readonly minutes: number;
  readonly longest: number;
}

export type Planned =
  | { readonly ok: true; readonly plan: WorkedPlan }
  | { readonly ok: false; readonly problem: PlanProblem };

/** A patch test takes two days, without hands. */
export const patchTestMinutes = 2 * 24 * 60;

/** So many makings are planned at once, and so many weeks ahead: what is more takes too long to work out. */
const mostBatches = 250;
const mostWeeks = 104;

/** The latest beginning is told to so many minutes. */
const startGrid = 5;

/** The tasks of a batch, in the blocks in which they are put on the clock. */
interface Made {
  readonly batch: PlannedBatch;
  readonly tasks: readonly BatchTask[];
  readonly job: Job;
}

/** The first that cannot be done in any span, as it is not broken off. */
const tooLong = (made: readonly Made[], hours: GiftPlan['hours']): PlanProblem | null => {
  if (!hours) return null;
  const longest = longestSpan(hours);
  for (const { batch, tasks, job } of made) {
    const of = job.blocks.find((block) => attendedMinutes(block) > longest);
    if (!of) continue;
    const at = job.blocks
      .slice(0, job.blocks.indexOf(of))
      .reduce((n, block) => n + block.length, 0);
    const task = tasks[at];
    if (!task) continue;
    const minutes = attendedMinutes(of);
    return {
      line: batch.line,
      problem: { code: 'too-long', steps: task.steps, minutes, longest },
    };
  }
  return null;
};

/** More weeks of such hours than are planned ahead. */
const tooMuch = (made: readonly Made[], { hours, capacity }: GiftPlan): PlanProblem | null => {
  const minutes = made
    .flatMap(({ tasks }) => tasks)
    .reduce((total, task) => total + (task.hands ? task.minutes : 0), 0);
  const aWeek = capacity.hands * (hours ? weeklyMinutes(hours) : 7 * 24 * 60);
  const value = Math.ceil(minutes / aWeek);
  return value > mostWeeks
    ? { line: null, problem: { code: 'too-many-weeks', value, most: mostWeeks } }
    : null;
};

/** Works a plan of gifts out: batches, what to buy, what it costs, and all steps on the clock. */
export const workOutPlan = (plan: GiftPlan, effort: Effort): Planned => {
  const readyOn: Day = plan.ready.slice(0, 10);
  const rowsOf = (material: string): readonly ShelfRow[] =>
    plan.shelf.filter((row) => row.material === material);
  const dropMlOf = (oilId: string): number | null =>
    shelfInTurn(rowsOf(oilId), readyOn)[0]?.dropMl ?? null;
  const batches: PlannedBatch[] = [];
  for (const line of plan.lines) {
    const recipe = withDropsOf(line.recipe, dropMlOf);
    const planned = lineBatches({ ...line, recipe }, plan.largestJugMl);
    if (!planned.ok) return { ok: false, problem: { line: line.id, problem: planned.problem } };
    batches.push(...planned.batches);
    if (batches.length > mostBatches) {
      const { length: value } = batches;
      return {
        ok: false,
        problem: { line: null, problem: { code: 'too-many-batches', value, most: mostBatches } },
      };
    }
  }
  const catalogOf = (id: string) => plan.lines.find((line) => line.id === id)?.catalog;
  const made = batches.flatMap((batch): Made[] => {
    const catalog = catalogOf(batch.line);
    if (!catalog) return [];
    const tasks = batchTasks(catalog, batch, plan.pace);
    const patchTest = plan.lines.find(({ id }) => id === batch.line)?.patchTest ?? false;
    const tail = patchTest ? patchTestMinutes : 0;
    return [{ batch, tasks, job: { blocks: blocksOf(tasks), head: 0, tail } }];
  });
  const problem = tooLong(made, plan.hours) ?? tooMuch(made, plan);
  if (problem) return { ok: false, problem };

  const supplies = inAll(batches.flatMap(takenFor)).map((need) =>
    supplyOf(
      need,
      rowsOf(need.id),
      plan.sold.filter(({ material }) => material === need.id),
      readyOn,
    ),
  );
  const containers = containersFor(batches, plan.containers);

  const startMinute = minuteOf(plan.from);
  const onClock = earliestAndLatest(
    made.map(({ job }) => job),
    plan.capacity,
    plan.hours,
    { startMinute, endMinute: minuteOf(plan.ready) },
    effort,
  );
  const { starts, finish, latest } = onClock;
  const isInTime = startMinute + finish <= minuteOf(plan.ready);
  return {
    ok: true,
    plan: {
      batches,
      supplies,
      containers,
      buyCost: sumOf([
        ...supplies.map(({ buyCost }) => buyCost),
        ...containers.map(({ price }) => price),
      ]),
      usedCost: sumOf([
        ...supplies.map(({ usedCost }) => usedCost),
        ...containers.map(({ usedCost }) => usedCost),
      ]),
      perPiece: new Map(
        plan.lines.map((line) => [line.id, pieceCost(line, batches, supplies, containers)]),
      ),
      tasks: tasksOnClock(made, starts, startMinute),
      finish: momentOf(startMinute + finish),
      isInTime,
      lastStart: isInTime
        ? momentOf(startMinute + startGrid * Math.floor(latest / startGrid))
        : null,
      tookMinutes: finish,
      boundMinutes: onClock.bound,
      handsMinutes: made
        .flatMap(({ tasks }) => tasks)
        .reduce((total, { hands, minutes }) => total + (hands ? minutes : 0), 0),
    },
  };
};

/** All tasks by the clock, the patch tests of lines after the last batch of each. */
const tasksOnClock = (
  made: readonly Made[],
  starts: readonly (readonly number[])[],
  startMinute: number,
): readonly PlannedTask[] => {
  const at = (minute: number): Moment => momentOf(startMinute + minute);
  const last = new Map<string, { batch: string; end: number }>();
  const tasks = made.flatMap(({ batch, tasks: own, job }, n) => {
    let next = 0;
    return job.blocks.flatMap((block, b) => {
      let minute = starts[n]?.[b] ?? 0;
      return block.flatMap(() => {
        const task = own[next];
        next += 1;
        if (!task) return [];
        const start = minute;
        minute += task.minutes;
        if (job.tail > 0 && minute >= (last.get(batch.line)?.end ?? 0)) {
          last.set(batch.line, { batch: batch.id, end: minute });
        }
        const { hands, pan, fridge } = task;
        return [
          {
            batch: batch.id,
            task,
            start: at(start),
            end: at(minute),
            hands,
            pan,
            fridge,
            minute: start,
          },
        ];
      });
    });
  });
  const tests = [...last.values()].map(({ batch, end }) => ({
    batch,
    task: 'patch-test' as const,
    start: at(end),
    end: at(end + patchTestMinutes),
    ...{ hands: false, pan: false, fridge: false, minute: end },
  }));
  return [...tasks, ...tests]
    .sort((a, b) => a.minute - b.minute)
    .map(({ minute: _minute, ...task }) => task);
};
