import { always, firstWithin } from './calendar';
import { attendedMinutes, minutesOf, type Problem, type Segment } from './problem';

/** A stretch of a block that takes something, with the earliest it can begin and how its batch goes on. */
interface Step {
  readonly job: number;
  readonly block: number;
  readonly minutes: number;
  readonly from: number;
  /** Minutes of its block after it. */
  readonly rest: number;
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
        (least, { job, block, rest }) =>
          // One that is sure to be no later than the best so far needs no closer look.
          least <= best ? least : Math.min(least, readyAlone(problem, job, block + 1, done + rest)),
        Infinity,
      );
      best = Math.max(best, ready);
    }
  }
  return best;
};

/** Stretches of blocks that take something, each without a break. */
const stretches = (
  { jobs, calendar }: Problem,
  of: (segment: Segment) => boolean,
): readonly Step[] =>
  jobs.flatMap(({ blocks, head, tail }, job) => {
    let at = head;
    let after = tail + blocks.reduce((total, block) => total + minutesOf(block), 0);
    return blocks.flatMap((block, n): readonly Step[] => {
      const attended = attendedMinutes(block);
      const whole = minutesOf(block);
      let minute = attended > 0 ? firstWithin(calendar, at, attended) : at;
      at = minute + whole;
      after -= whole;
      let rest = whole;
      const found: Step[] = [];
      let isOpen = false;
      for (const segment of block) {
        rest -= segment.minutes;
        const last = found.at(-1);
        if (!of(segment)) isOpen = false;
        else {
          const before = isOpen ? last : undefined;
          if (before) found.pop();
          found.push({
            ...{ job, block: n, rest, after: after + rest },
            from: before?.from ?? minute,
            minutes: (before?.minutes ?? 0) + segment.minutes,
          });
          isOpen = true;
        }
        minute += segment.minutes;
      }
      return found;
    });
  });

/**
 * The least number of minutes in which all can be ready. Each batch needs as long as it needs alone;
 * and of every set of steps that need hands (pans, fridges) the work fits in no less than the spans
 * give, after which the batch of the last has to go on.
 */
export const lowerBound = (problem: Problem): number => {
  const { capacity, jobs } = problem;
  const alone = Math.max(0, ...jobs.map(({ head }, job) => readyAlone(problem, job, 0, head)));
  const shared = (of: keyof Omit<Segment, 'minutes'>, count: number, inSpans: boolean): number =>
    sharedBound(problem, {
      steps: stretches(problem, (segment) => segment[of]),
      capacity: count,
      inSpans,
    });
  // What is in a pan is attended to its end, so that it lies within a span as work does.
  const isAttended = jobs.every(({ blocks }) =>
    blocks.every(
      (block) => !block.some(({ pan }) => pan) || attendedMinutes(block) === minutesOf(block),
    ),
  );
  return Math.max(
    alone,
    shared('hands', capacity.hands, true),
    shared('pan', capacity.pans, isAttended),
    shared('fridge', capacity.fridges, false),
  );
};
