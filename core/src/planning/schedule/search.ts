import { Board } from './board';
import { lowerBound } from './bound';
import { minutesOf, reversed, type Calendar, type Job, type Problem, type Starts } from './problem';

/** Batches on the clock, in minutes from the start. */
export interface Schedule {
  readonly starts: Starts;
  /** When the last is ready. */
  readonly finish: number;
}

/** How far a search may go. */
export interface Effort {
  /** How many blocks are put on the clock in all. */
  readonly placements: number;
  /** Told now and then how far it is, from 0 to 1; true ends the search. */
  readonly onProgress?: (share: number) => boolean;
}

const endsOf = ({ blocks, tail }: Job, starts: readonly number[]): number =>
  (starts.at(-1) ?? 0) + minutesOf(blocks.at(-1) ?? []) + tail;

const finishOf = (jobs: readonly Job[], starts: Starts): number =>
  jobs.reduce((last, job, n) => Math.max(last, endsOf(job, starts[n] ?? [])), 0);

/** Random numbers from 0 to 1, the same for the same seed. */
const randomFrom = (seed: number): (() => number) => {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
};

/** Of several blocks that could begin next: the smaller comes first. */
type Rank = (job: number, block: number) => number;

/** What can begin first begins; of several at the same minute the one of the smaller rank. */
const byClock = ({ jobs, calendar, capacity }: Problem, rank: Rank): Starts => {
  const board = new Board(calendar, capacity);
  const starts: number[][] = jobs.map(() => []);
  const ready = jobs.map(({ head }) => head);
  // When the next block of a job could begin, as far as that was worked out before.
  const could: number[] = jobs.map(({ head }) => head);
  for (;;) {
    let best = -1;
    let at = Infinity;
    let bestRank = Infinity;
    for (const [job, { blocks }] of jobs.entries()) {
      const n = starts[job]?.length ?? 0;
      const block = blocks[n];
      if (!block || (could[job] ?? 0) > at) continue;
      const start = board.earliest(block, could[job] ?? 0);
      could[job] = start;
      if (start > at) continue;
      const own = rank(job, n);
      if (start < at || own < bestRank) [best, at, bestRank] = [job, start, own];
    }
    const block = jobs[best]?.blocks[starts[best]?.length ?? 0];
    if (!block) return starts;
    board.put(block, at);
    starts[best]?.push(at);
    ready[best] = at + minutesOf(block);
    could[best] = ready[best] ?? 0;
  }
};

/** Blocks one after another in an order, each as early as it can be after its own. */
const inOrder = ({ jobs, calendar, capacity }: Problem, order: readonly number[]): Starts => {
  const board = new Board(calendar, capacity);
  const starts: number[][] = jobs.map(() => []);
  const ready = jobs.map(({ head }) => head);
  for (const job of order) {
    const block = jobs[job]?.blocks[starts[job]?.length ?? 0];
    if (!block) continue;
    const at = board.earliest(block, ready[job] ?? 0);
    board.put(block, at);
    starts[job]?.push(at);
    ready[job] = at + minutesOf(block);
  }
  return starts;
};

/** Jobs, once for each of their blocks, by a moment of the block. */
const orderBy = (
  jobs: readonly Job[],
  moment: (job: number, block: number) => number,
): readonly number[] =>
  jobs
    .flatMap(({ blocks }, job) => blocks.map((_, n) => ({ job, n, at: moment(job, n) })))
    .sort((a, b) => a.at - b.at || a.job - b.job || a.n - b.n)
    .map(({ job }) => job);

/** The same work with time running backwards from an end. */
const turned = (problem: Problem, calendar: Calendar): Problem => ({
  ...problem,
  jobs: reversed(problem.jobs),
  calendar,
});

/** What a schedule is when it is read backwards from an end. */
const turnedStarts = (jobs: readonly Job[], starts: Starts, end: number): Starts =>
  jobs.map(({ blocks }, job) =>
    blocks.map((block, n) => end - (starts[job]?.[n] ?? 0) - minutesOf(block)).reverse(),
  );

/** How often hands go from one batch to another. */
const switchesOf = (jobs: readonly Job[], starts: Starts): number => {
  const worked = jobs
    .flatMap(({ blocks }, job) =>
      blocks.flatMap((block, n) =>
        block.some(({ hands }) => hands) ? [{ job, at: starts[job]?.[n] ?? 0 }] : [],
      ),
    )
    .sort((a, b) => a.at - b.at);
  return worked.reduce(
    (count, { job }, n) => count + (n > 0 && worked[n - 1]?.job !== job ? 1 : 0),
    0,
  );
};

/** Ways to begin: what has the longest way to go is first, batch by batch or step by step. */
const firstRanks = (jobs: readonly Job[]): readonly Rank[] => {
  const way = jobs.map(({ blocks, tail }) => {
    const after: number[] = [];
    blocks.reduceRight((left, block, n) => {
      const total = left + minutesOf(block);
      after[n] = total;
      return total;
    }, tail);
    return after;
  });
  const whole = way.map((after) => after[0] ?? 0);
  return [
    (job) => -(whole[job] ?? 0) - (jobs[job]?.tail ?? 0) * 1000,
    (job) => -(whole[job] ?? 0),
    (job) => whole[job] ?? 0,
    (job, block) => -(way[job]?.[block] ?? 0),
    (job, block) => -(way[job]?.[block] ?? 0) - (jobs[job]?.tail ?? 0),
    (job) => job,
  ];
};

/**
 * The earliest that everything can be ready, as far as was looked.
 *
 * @param backwards the calendar from the best end so far back, for each end
 * @param given schedules that are known already
 */
export const search = (
  problem: Problem,
  backwards: (end: number) => Calendar,
  effort: Effort,
  given: readonly Starts[] = [],
): Schedule & { readonly bound: number } => {
  const { jobs } = problem;
  const bound = lowerBound(problem);
  const blocks = jobs.reduce((total, job) => total + job.blocks.length, 0);
  const orders = Math.max(1, Math.floor(effort.placements / blocks));
  const random = randomFrom(20_261_202);
  const ranks = firstRanks(jobs);
  let best = { starts: [] as Starts, finish: Infinity, switches: Infinity };
  const offer = (starts: Starts): void => {
    const finish = finishOf(jobs, starts);
    if (finish > best.finish) return;
    const switches = switchesOf(jobs, starts);
    if (finish < best.finish || switches < best.switches) best = { starts, finish, switches };
  };
  /** As late as can be from its end, and then as early as can be again. */
  const justified = (starts: Starts): Starts => {
    const end = finishOf(jobs, starts);
    const back = turned(problem, backwards(end));
    const order = orderBy(back.jobs, (job, n) => turnedStarts(jobs, starts, end)[job]?.[n] ?? 0);
    const late = turnedStarts(back.jobs, inOrder(back, order), end);
    return inOrder(
      problem,
      orderBy(jobs, (job, n) => late[job]?.[n] ?? 0),
    );
  };
  given.forEach(offer);
  const firsts = Math.min(orders, ranks.length);
  for (const rank of ranks.slice(0, firsts)) {
    const starts = byClock(problem, rank);
    offer(starts);
    if (best.finish > bound) offer(justified(starts));
  }
  // From the best so far one step of one batch is moved at a time, and kept where that is no worse.
  let order = orderBy(jobs, (job, n) => best.starts[job]?.[n] ?? 0).slice();
  let now = best.finish;
  for (let n = firsts; n < orders && best.finish > bound; n += 1) {
    if (n % 20 === 0 && effort.onProgress?.((n + 1) / orders)) break;
    const next = order.slice();
    const moves = 1 + Math.floor(3 * random() * random());
    for (let move = 0; move < moves; move += 1) {
      const [job = 0] = next.splice(Math.floor(random() * next.length), 1);
      next.splice(Math.floor(random() * (next.length + 1)), 0, job);
    }
    const starts = inOrder(problem, next);
    const finish = finishOf(jobs, starts);
    if (finish > now) continue;
    now = finish;
    order = next;
    offer(starts);
    if (n % 50 === 0) {
      const better = justified(starts);
      offer(better);
      order = orderBy(jobs, (job, at) => better[job]?.[at] ?? 0).slice();
      now = finishOf(jobs, better);
    }
  }
  return { starts: best.starts, finish: best.finish, bound };
};

/** Reads a schedule backwards from an end, and a backward one forwards. */
export const readBackwards = turnedStarts;
/** Blocks in the order of a schedule, each as early as it can be. */
export const asEarly = (problem: Problem, starts: Starts): Starts =>
  inOrder(
    problem,
    orderBy(problem.jobs, (job, n) => starts[job]?.[n] ?? 0),
  );
