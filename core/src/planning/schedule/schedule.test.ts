import fc from 'fast-check';
import highsLoader from 'highs';
import { describe, expect, test } from 'vitest';
import { lowerBound } from './bound';
import { always, openBefore, openFrom, type WeeklySpan } from './calendar';
import { earliestAndLatest, type OnTheClock } from './earliestAndLatest';
import { minutesOf, type Block, type Capacity, type Job } from './problem';

// Monday 2026-12-07, midnight, in minutes from 1970-01-01T00:00.
const monday = Date.parse('2026-12-07T00:00Z') / 60_000;
const effort = { placements: 20_000 };

const hands = (minutes: number): Block => [{ minutes, hands: true, pan: false, fridge: false }];
const wait = (minutes: number): Block => [{ minutes, hands: false, pan: false, fridge: false }];
const melt = (minutes: number, fill: number): Block => [
  { minutes, hands: false, pan: true, fridge: false },
  { minutes: 4, hands: true, pan: true, fridge: false },
  { minutes: 8, hands: false, pan: true, fridge: false },
  { minutes: fill, hands: true, pan: true, fridge: false },
];
const job = (blocks: readonly Block[], tail = 0): Job => ({ blocks, head: 0, tail });
const one: Capacity = { hands: 1, pans: 1, fridges: 1 };
const week = { startMinute: monday + 540, endMinute: monday + 14 * 1440 };

test('Monday is a Monday', () => {
  expect(new Date(monday * 60_000).getUTCDay()).toBe(1);
});

describe('by hand', () => {
  test('what waits is overlapped with what needs hands', () => {
    // 10 and then 60 of setting, then 5; beside it 40 of hands: 10 + 60 + 5.
    const found = earliestAndLatest(
      [job([hands(10), wait(60), hands(5)]), job([hands(40)])],
      ...([one, null, week, effort] as const),
    );
    expect(found.finish).toBe(75);
    expect(found.bound).toBe(75);
  });

  test('two melts share one pan', () => {
    // Each is 10 + 4 + 8 + 6 in the pan, after 5 of hands: 5 + 28 + 28.
    const jobs = [job([hands(5), melt(10, 6)]), job([hands(5), melt(10, 6)])];
    expect(earliestAndLatest(jobs, one, null, week, effort).finish).toBe(61);
    // With two pans the second fills from 33, when the first has filled: a melt does not stand.
    expect(earliestAndLatest(jobs, { ...one, pans: 2 }, null, week, effort).finish).toBe(39);
  });

  test('a task lies within one span, and what waits goes on outside', () => {
    // Mondays 10:00 to 10:30. From 9:00: 60 minutes to the first, 25 of work, and 10 do not fit any more.
    const spans: WeeklySpan[] = [{ day: 0, from: 600, to: 630 }];
    const found = earliestAndLatest(
      [job([hands(25), wait(300), hands(10)])],
      one,
      spans,
      week,
      effort,
    );
    expect(found.starts).toEqual([[60, 85, 7 * 1440 + 60]]);
    expect(found.finish).toBe(7 * 1440 + 70);
    // At the latest it begins at 10:05 on the last Monday but one before the end.
    expect(found.latest).toBe(65);
  });

  test('what takes two days without hands is begun first', () => {
    const found = earliestAndLatest(
      [job([hands(30)]), job([hands(20)], 2880)],
      ...([one, null, week, effort] as const),
    );
    expect(found.finish).toBe(2900);
    expect(found.starts[1]).toEqual([0]);
  });

  test('spans that meet are one, and midnight ends a span', () => {
    const calendar = openFrom(
      [
        { day: 0, from: 600, to: 660 },
        { day: 0, from: 660, to: 720 },
        { day: 1, from: 0, to: 30 },
        { day: 0, from: 1400, to: 1440 },
      ],
      monday,
    );
    expect([0, 1, 2].map((n) => calendar.span(n))).toEqual([
      { from: 600, to: 720 },
      { from: 1400, to: 1440 },
      { from: 1440, to: 1470 },
    ]);
    // Read back from Monday noon.
    expect(openBefore([{ day: 0, from: 600, to: 720 }], monday + 720).span(0)).toEqual({
      from: 0,
      to: 120,
    });
    expect(always.span(0).to).toBe(Infinity);
  });
});

const anyBlock = fc.oneof(
  { weight: 5, arbitrary: fc.integer({ min: 1, max: 12 }).map(hands) },
  { weight: 1, arbitrary: fc.integer({ min: 5, max: 60 }).map(wait) },
);
const anyJob = fc
  .record({
    before: fc.array(anyBlock, { minLength: 1, maxLength: 5 }),
    melted: fc.option(fc.tuple(fc.integer({ min: 5, max: 30 }), fc.integer({ min: 1, max: 9 }))),
    after: fc.array(anyBlock, { maxLength: 3 }),
    tail: fc.constantFrom(0, 0, 2880),
  })
  .map(({ before, melted, after, tail }) =>
    job([...before, ...(melted ? [melt(...melted)] : []), ...after], tail),
  );
const anySpans = fc.option(
  fc.array(
    fc
      .tuple(
        fc.integer({ min: 0, max: 6 }),
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 1, max: 4 }),
      )
      .map(([day, at, hours]): WeeklySpan => ({
        day,
        from: at * 60,
        to: Math.min(1440, (at + hours) * 60),
      })),
    { minLength: 1, maxLength: 4 },
  ),
);
const anyProblem = fc.record({
  jobs: fc.array(anyJob, { minLength: 1, maxLength: 6 }),
  capacity: fc.record({
    hands: fc.integer({ min: 1, max: 2 }),
    pans: fc.integer({ min: 1, max: 2 }),
    fridges: fc.constant(1),
  }),
  hours: anySpans,
});

/** What is taken at once, of all that goes on, at the start of each thing. */
const mostAtOnce = (intervals: readonly (readonly [number, number])[]): number =>
  Math.max(0, ...intervals.map(([at]) => intervals.filter(([s, e]) => s <= at && at < e).length));

const intervals = (
  jobs: readonly Job[],
  { starts }: OnTheClock,
  of: (segment: Block[number]) => boolean,
): readonly (readonly [number, number])[] =>
  jobs.flatMap(({ blocks }, j) =>
    blocks.flatMap((block, b) => {
      let at = starts[j]?.[b] ?? 0;
      return block.flatMap((segment) => {
        const from = at;
        at += segment.minutes;
        return of(segment) ? [[from, at] as const] : [];
      });
    }),
  );

describe('laws, on random plans', () => {
  test('never more hands or pans than there are, nothing before its turn, all within hours', () => {
    fc.assert(
      fc.property(anyProblem, ({ jobs, capacity, hours }) => {
        const found = earliestAndLatest(jobs, capacity, hours, week, effort);
        const worked = intervals(jobs, found, (segment) => segment.hands);
        expect(mostAtOnce(worked)).toBeLessThanOrEqual(capacity.hands);
        expect(mostAtOnce(intervals(jobs, found, ({ pan }) => pan))).toBeLessThanOrEqual(
          capacity.pans,
        );
        jobs.forEach(({ blocks }, j) => {
          let ready = 0;
          blocks.forEach((block, b) => {
            const at = found.starts[j]?.[b] ?? -1;
            expect(at).toBeGreaterThanOrEqual(ready);
            ready = at + minutesOf(block);
          });
        });
        for (const [from, to] of hours ? worked : []) {
          const minute = (week.startMinute + from - monday) % (7 * 1440);
          const length = to - from;
          // A span may be joined of several: each of its minutes is in one.
          for (let n = 0; n < length; n += 1) {
            const day = Math.floor((minute + n) / 1440) % 7;
            const at = (minute + n) % 1440;
            expect(hours?.some((s) => s.day === day && s.from <= at && at < s.to)).toBe(true);
          }
        }
        expect(found.finish).toBeGreaterThanOrEqual(found.bound);
      }),
      { numRuns: 60 },
    );
  }, 60_000);

  test('the last beginning is in time, and five minutes after it is not', () => {
    fc.assert(
      fc.property(anyProblem, ({ jobs, capacity, hours }) => {
        const { finish, latest } = earliestAndLatest(jobs, capacity, hours, week, effort);
        const end = week.endMinute - week.startMinute;
        if (finish > end) return;
        expect(latest).toBeGreaterThanOrEqual(0);
        const from = (minutes: number) =>
          earliestAndLatest(
            jobs,
            ...([
              capacity,
              hours,
              { ...week, startMinute: week.startMinute + minutes },
              effort,
            ] as const),
          );
        const last = 5 * Math.floor(latest / 5);
        expect(from(last).finish).toBeLessThanOrEqual(end - last);
        const after = from(last + 5);
        // Only where it is proved that it could not have been found.
        if (after.finish === after.bound) expect(after.finish).toBeGreaterThan(end - last - 5);
      }),
      { numRuns: 40 },
    );
  }, 60_000);
});

describe('against HiGHS', () => {
  /** One pair of hands and one pan, minute by minute, as an integer programme. */
  const asProgramme = (jobs: readonly Job[], horizon: number): string => {
    const blocks = jobs.flatMap(({ blocks }, j) => blocks.map((block, b) => ({ block, j, b })));
    const x = (j: number, b: number, t: number) => `x_${j}_${b}_${t}`;
    const times = (block: Block) =>
      Array.from({ length: horizon - minutesOf(block) + 1 }, (_, t) => t);
    const rows: string[] = [];
    for (const { block, j, b } of blocks) {
      rows.push(
        `${times(block)
          .map((t) => x(j, b, t))
          .join(' + ')} = 1`,
      );
      const next = jobs[j]?.blocks[b + 1];
      const start = (of: Block, at: number, sign: string) =>
        times(of)
          .slice(1)
          .map((t) => `${sign} ${t + 1 - 1} ${x(j, at, t)}`)
          .join(' ');
      if (next)
        rows.push(`${start(next, b + 1, '+')} ${start(block, b, '-')} >= ${minutesOf(block)}`);
      else rows.push(`z ${start(block, b, '-')} >= ${minutesOf(block)}`);
    }
    for (const of of ['hands', 'pan'] as const) {
      for (let minute = 0; minute < horizon; minute += 1) {
        const taking = blocks.flatMap(({ block, j, b }) => {
          let at = 0;
          return block.flatMap((segment) => {
            const from = at;
            at += segment.minutes;
            if (!segment[of]) return [];
            return times(block)
              .filter((t) => t + from <= minute && minute < t + from + segment.minutes)
              .map((t) => x(j, b, t));
          });
        });
        if (taking.length > 1) rows.push(`${taking.join(' + ')} <= 1`);
      }
    }
    const all = blocks.flatMap(({ block, j, b }) => times(block).map((t) => x(j, b, t)));
    return `Minimize\n obj: z\nSubject To\n${rows.map((row, n) => ` c${n}: ${row}`).join('\n')}\nBinary\n ${all.join(' ')}\nEnd`;
  };

  test('small plans are ready at the same minute', async () => {
    const highs = await highsLoader();
    const small = fc.sample(
      fc.array(
        fc
          .record({
            before: fc.array(fc.integer({ min: 1, max: 4 }).map(hands), {
              minLength: 1,
              maxLength: 2,
            }),
            melted: fc.boolean(),
            waits: fc.integer({ min: 1, max: 6 }).map(wait),
            after: fc.integer({ min: 1, max: 3 }).map(hands),
          })
          .map(({ before, melted, waits, after }) =>
            job([
              ...before,
              ...(melted
                ? [
                    [
                      { minutes: 3, hands: false, pan: true, fridge: false },
                      { minutes: 2, hands: true, pan: true, fridge: false },
                    ],
                  ]
                : []),
              ...[waits, after],
            ]),
          ),
        { minLength: 2, maxLength: 3 },
      ),
      { numRuns: 12, seed: 7 },
    );
    for (const jobs of small) {
      const found = earliestAndLatest(jobs, one, null, week, effort);
      const solution = highs.solve(asProgramme(jobs, found.finish), { output_flag: false });
      expect(solution.Status).toBe('Optimal');
      expect(Math.round(solution.ObjectiveValue)).toBe(found.finish);
      expect(lowerBound({ jobs, capacity: one, calendar: always })).toBeLessThanOrEqual(
        found.finish,
      );
    }
  }, 120_000);
});
