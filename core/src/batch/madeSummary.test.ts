import { describe, expect, test } from 'vitest';
import { madeFilled } from './filled.testing';
import { madeOf } from './made';
import { blendOf } from '../drops/blend.testing';
import { madeBestBefore, madeFindings, summaryOf } from './madeSummary';
import { madeSummarySchema } from './outcome';
import { dropped } from '../making/events.testing';

const three = { ...blendOf({ oils: { lavender: 2, lemon: 1 } }), count: 3 };

describe('what a list shows of a batch', () => {
  test('the weakest and the strongest bottle, the empty one left out', () => {
    // 2 and 4 of 0.05 ml in 9.5 ml: 1.05 and 2.1 %.
    const made = madeFilled(three, [
      ...dropped('count/0/lavender', 2),
      ...dropped('count/1/lavender', 4),
    ]);
    const summary = summaryOf(made, '2026-11-25', '2026-11-26');
    expect(summary.percent?.[0]).toBeCloseTo(1.0526, 3);
    expect(summary.percent?.[1]).toBeCloseTo(2.1053, 3);
    // Two bottles with 2 and 4 drops; the third is empty, and not in it.
    expect(
      summary.contents?.map(({ numbers, oils }) => [numbers, oils.map(({ drops }) => drops)]),
    ).toEqual([
      [[0], [2]],
      [[1], [4]],
    ]);
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
    expect(summaryOf(madeOf(three, []), '2026-11-25', '2026-11-26')).toEqual({
      verdict: null,
      blocking: false,
      percent: null,
      bestBefore: null,
      judgedOn: '2026-11-26',
      contents: [],
    });
    expect(madeFindings(madeOf(three, []))).toEqual([]);
  });

  test('what stands against several bottles alike is said once, what differs each time', () => {
    const ylang = { ...blendOf({ oils: { 'ylang-ylang': 1 } }), count: 3 };
    const of = (...counts: number[]) =>
      madeFindings(
        madeFilled(
          ylang,
          counts.flatMap((count, n) => dropped(`count/${n}/ylang-ylang`, count)),
        ),
      ).filter(({ rule, subject }) => rule === 'oil-maximum' && subject === 'ylang-ylang');
    expect(of(2, 2, 2)).toHaveLength(1);
    expect(of(2, 3, 2)).toHaveLength(2);
  });
});
