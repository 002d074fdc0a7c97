import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import interval from '../../../docs/formats/examples/plan/interval-table.json';
import { planOf } from './planOf';

const effort = { placements: 3_000 };
type Plan = typeof interval;
const read = (change: (plan: Plan) => unknown) =>
  planOf(JSON.stringify(change(structuredClone(interval))), effort);
const sentence = (change: (plan: Plan) => unknown): string => {
  const planned = read(change);
  return planned.ok ? '' : planned.sentence;
};

test('the example is in time, within its hours, and every cost is known', () => {
  const planned = read((plan) => plan);
  if (!planned.ok) throw new Error(planned.sentence);
  const { report } = planned;
  expect(report).toMatchObject({ feasible: true, proved: true, finish: '2026-12-14T11:50' });
  expect(report.problems.map(({ code }) => code)).toEqual(['past-date']);
  // 12 × 1.9379 + 4 × 2.3559 + 8 × 3.0893.
  expect(report.cost.used).toBeCloseTo(57.39, 1);
  expect(report.tasks.find(({ step }) => step === 'count')?.what).toBe('Lavender, 103 drops');
  expect(report.tasks.every(({ start, end }) => start < end)).toBe(true);
});

describe('what cannot be planned is one sentence that names the line or the field', () => {
  test.each<[string, (plan: Plan) => unknown, RegExp]>([
    ['no lines', (plan) => ({ ...plan, lines: [] }), /^lines: /],
    ['no hours', (plan) => ({ ...plan, hours: [] }), /^hours: /],
    [
      'a span that ends before it begins',
      (plan) => ({ ...plan, hours: [{ day: 'sat', from: '16:00', to: '10:00' }] }),
      /^hours\.0\.to: .*later/,
    ],
    ['no hands', (plan) => ({ ...plan, hands: 0 }), /^hands: .*1/],
    ['ready before from', (plan) => ({ ...plan, ready: '2026-12-12T08:00' }), /^ready: .*later/],
    ['a day that there is not', (plan) => ({ ...plan, from: '2026-02-31T08:00' }), /^from: /],
    [
      'spans too short for a task',
      (plan) => ({ ...plan, hours: [{ day: 'sat', from: '10:00', to: '10:20' }] }),
      /^line balm: “Melt .*in one go/,
    ],
    [
      'more work than two years of such hours hold',
      (plan) => ({
        ...plan,
        hours: [{ day: 'sat', from: '10:00', to: '11:00' }],
        lines: plan.lines
          .slice(0, 1)
          .flatMap((line) =>
            Array.from({ length: 100 }, (_, n) => ({ ...line, id: `l${n}`, pieces: 40 })),
          ),
      }),
      /^hours: at these the work takes/,
    ],
    [
      'more batches than are planned at once',
      (plan) => ({
        ...plan,
        largestJugMl: 80,
        lines: plan.lines.slice(2).map((line) => ({ ...line, pieces: 1000 })),
      }),
      /^lines: they come to more than 250 batches/,
    ],
    [
      'a piece larger than the jug',
      (plan) => ({ ...plan, largestJugMl: 50 }),
      /^line balm: one piece takes/,
    ],
    [
      'an unknown material in a blend',
      (plan) => {
        const [first] = plan.lines;
        if (first) first.blend.oils[0]!.id = 'moon-dust';
        return plan;
      },
      /^line raffle: .*Moon dust/,
    ],
    [
      'an unknown material on the shelf',
      (plan) => ({ ...plan, shelf: [{ id: 'x', material: 'moon-dust', ml: 1 }] }),
      /^shelf\.0\.material: “moon-dust”/,
    ],
    [
      'a row in ml and in g',
      (plan) => ({ ...plan, shelf: [{ id: 'x', material: 'lavender', ml: 1, g: 1 }] }),
      /^shelf\.0: needs exactly one/,
    ],
    [
      'two lines of one name',
      (plan) => ({ ...plan, lines: [...plan.lines, ...plan.lines] }),
      /^lines\.3\.id: .*twice/,
    ],
    ['another file', () => ({ format: 'jubbet-blend' }), /^format: /],
  ])('%s', (_, change, expected) => expect(sentence(change)).toMatch(expected));
});

test('whatever is broken in it, there is a report or a sentence', () => {
  const paths = (value: unknown, path: readonly string[] = []): (readonly string[])[] =>
    typeof value === 'object' && value !== null
      ? [path, ...Object.entries(value).flatMap(([key, inner]) => paths(inner, [...path, key]))]
      : [path];
  const all = paths(interval).filter(({ length }) => length > 0);
  const broken = fc.constantFrom<unknown>(null, '', 'x', 0, -1, 1e12, NaN, [], {}, true);
  fc.assert(
    fc.property(fc.constantFrom(...all), broken, (path, value) => {
      const planned = read((plan) => {
        const parent = path.slice(0, -1).reduce<unknown>((at, key) => (at as never)[key], plan);
        (parent as Record<string, unknown>)[path.at(-1) ?? ''] = value;
        return plan;
      });
      expect(planned.ok || planned.sentence.length > 10).toBe(true);
    }),
    { numRuns: 60 },
  );
});
