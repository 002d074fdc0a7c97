import { describe, expect, test } from 'vitest';
import { madeOf } from './made';
import type { BenchEvent } from '../making';
import { blendOf } from '../drops/blend.testing';
import { madeBestBefore, madeFindings, madeSummarySchema, summaryOf } from './madeSummary';

const dropped = (step: string, count: number): BenchEvent[] =>
  Array.from({ length: count }, () => ({ kind: 'drop', step }) as const);

const three = { ...blendOf({ oils: { lavender: 2, lemon: 1 } }), count: 3 };

describe('what a list shows of a batch', () => {
  test('the weakest and the strongest bottle, the empty one left out', () => {
    // 2 and 4 of 0.05 ml in 9.5 ml: 1.05 and 2.1 %.
    const made = madeOf(three, [
      ...dropped('count/0/lavender', 2),
      ...dropped('count/1/lavender', 4),
    ]);
    const summary = summaryOf(made, '2026-11-25');
    expect(summary.percent?.[0]).toBeCloseTo(1.0526, 3);
    expect(summary.percent?.[1]).toBeCloseTo(2.1053, 3);
    expect(madeSummarySchema.parse(summary)).toEqual(summary);
  });

  test('the earliest date, only of what is in a bottle', () => {
    const lavender = madeOf(three, dropped('count/0/lavender', 2));
    const both = madeOf(three, [...dropped('count/0/lavender', 2), ...dropped('count/1/lemon', 1)]);
    const dates = [lavender, both].map((made) => madeBestBefore(made, '2026-11-25')?.date ?? '');
    expect(dates[0]! >= dates[1]!).toBe(true);
    expect(madeBestBefore(madeOf(three, []), '2026-11-25')).toBeNull();
  });

  test('of a batch with nothing in it, nothing', () => {
    expect(summaryOf(madeOf(three, []), '2026-11-25')).toEqual({
      verdict: null,
      blocking: false,
      percent: null,
      bestBefore: null,
    });
    expect(madeFindings(madeOf(three, []))).toEqual([]);
  });

  test('what stands against several bottles alike is said once, what differs each time', () => {
    const ylang = { ...blendOf({ oils: { 'ylang-ylang': 1 } }), count: 3 };
    const of = (...counts: number[]) =>
      madeFindings(
        madeOf(
          ylang,
          counts.flatMap((count, n) => dropped(`count/${n}/ylang-ylang`, count)),
        ),
      ).filter(({ rule, subject }) => rule === 'oil-maximum' && subject === 'ylang-ylang');
    expect(of(2, 2, 2)).toHaveLength(1);
    expect(of(2, 3, 2)).toHaveLength(2);
  });
});
