import { always, firstWithin } from './calendar';
import { attendedMinutes, minutesOf, takenApart, type Block, type Problem } from './problem';

/** One step, with the earliest it can begin and how its batch goes on. */
interface Step {
  readonly job: number;
  readonly block: number;
  readonly minutes: number;
  readonly from: number;
  /** Minutes from its end to the end of its batch, as if hands could always work. */
  readonly after: number;
}

/** When a batch would be ready that goes on with a block at a minute, with nobody in its way. */
const readyAlone = (
  { jobs, calendar }: Problem,
  job: number,
  block: number,
  from: number,
): number => {
  const { blocks = [], tail = 0 } = jobs[job] ?? {};
  let at = from;
  for (let n = block; n < blocks.length; n += 1) {
    const next = blocks[n] ?? [];
    const attended = attendedMinutes(next);
    at = (attended > 0 ? firstWithin(calendar, at, attended) : at) + minutesOf(next);
  }
  return at + tail;
};

/** What of a span work of these lengths can fill, in minutes, as none of it is broken off. */
const fillable = (lengths: readonly number[], span: number): number => {
  if (!Number.isFinite(span)) return span;
  const reached = new Uint8Array(span + 1);
  reached[0] = 1;
  let most = 0;
  for (const length of lengths) {
    for (let sum = span; sum >= length; sum -= 1) {
      if (reached[sum - length] && !reached[sum]) {
        reached[sum] = 1;
        most = Math.max(most, sum);
      }
    }
    if (most === span) return span;
  }
  return most;
};

/** The first minute by which so much work can be done from a minute on. */
const doneBy = (
  { calendar }: Problem,
  from: number,
  minutes: number,
  at: number,
  lengths: readonly number[] | null,
): number => {
  let left = minutes;
  for (let n = 0; ; n += 1) {
    const span = calendar.span(n);
    const begin = Math.max(from, span.from);
    const room = span.to - begin;
    if (room <= 0) continue;
    if (left <= room * at) return begin + Math.ceil(left / at);
    left -= (lengths ? fillable(lengths, room) : room) * at;
  }
};

/** Steps that all need one of something, of which there are only so many. */
interface Shared {
  readonly steps: readonly Step[];
  readonly capacity: number;
  /** True of hands: they work in spans. */
  readonly inSpans: boolean;
}

/** Of how many first minutes sets are looked at, and how many steps are packed into spans. */
const mostFroms = 60;
const mostPacked = 40;

/**
 * The least that steps need which share something: of any set of them the work has to be done, and
 * after the last of it that batch has to go on.
 */
const sharedBound = (problem: Problem, { steps, capacity, inSpans }: Shared): number => {
  let best = 0;
  const where = inSpans ? problem : { ...problem, calendar: always };
  const byAfter = [...steps].sort((a, b) => b.after - a.after);
  const froms = [...new Set(steps.map(({ from }) => from))].sort((a, b) => a - b);
  for (const from of froms.slice(0, mostFroms)) {
    const chosen = byAfter.filter((step) => step.from >= from);
    let work = 0;
    for (const [n, { minutes, after }] of chosen.entries()) {
      work += minutes;
      // Those with as long a way to go come in together.
      if (chosen[n + 1]?.after === after) continue;
      const members = chosen.slice(0, n + 1);
      const lengths =
        inSpans && capacity === 1 && n < mostPacked
          ? members.map((member) => member.minutes)
          : null;
      const done = doneBy(where, from, work, capacity, lengths);
      const ready = members.reduce(
        (least, { job, block }) =>
          // One that is sure to be no later than the best so far needs no closer look.
          least <= best ? least : Math.min(least, readyAlone(problem, job, block + 1, done)),
        Infinity,
      );
      best = Math.max(best, ready);
    }
  }
  return best;
};

const stepsWith = (problem: Problem, of: (block: Block) => boolean): readonly Step[] =>
  problem.jobs.flatMap(({ blocks, head, tail }, job) => {
    let at = head;
    let after = tail + blocks.reduce((total, block) => total + minutesOf(block), 0);
    return blocks.flatMap((block, n): readonly Step[] => {
      const attended = attendedMinutes(block);
      const from = attended > 0 ? firstWithin(problem.calendar, at, attended) : at;
      const minutes = minutesOf(block);
      at = from + minutes;
      after -= minutes;
      return of(block) ? [{ job, block: n, minutes, from, after }] : [];
    });
  });

/**
 * The least number of minutes in which all can be ready. It holds also where a batch may pause
 * between any two of its steps. Each batch needs as long as it needs alone; and of every set of steps
 * that need hands (pans, fridges) the work fits in no less than the spans give, after which the
 * batch of the last has to go on.
 */
export const lowerBound = (whole: Problem): number => {
  const problem: Problem = { ...whole, jobs: takenApart(whole.jobs) };
  const { capacity, jobs } = problem;
  const alone = Math.max(0, ...jobs.map(({ head }, job) => readyAlone(problem, job, 0, head)));
  const hands = stepsWith(problem, (block) => attendedMinutes(block) > 0);
  const pans = stepsWith(problem, (block) => block.some(({ pan }) => pan));
  const fridges = stepsWith(problem, (block) => block.some(({ fridge }) => fridge));
  return Math.max(
    alone,
    sharedBound(problem, { steps: hands, capacity: capacity.hands, inSpans: true }),
    sharedBound(problem, { steps: pans, capacity: capacity.pans, inSpans: false }),
    sharedBound(problem, { steps: fridges, capacity: capacity.fridges, inSpans: false }),
  );
};
