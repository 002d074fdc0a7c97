import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import type { JudgedCase } from '../judgedCase.testing';
import { judged, found } from '../judged.testing';

describe('one oil', () => {
  test('within to nine tenths, a caution above, over past its maximum', () => {
    // Ylang ylang, 0.8 %: by ml in 9.5 ml of jojoba; its density is above jojoba's, so weight counts.
    const at = (percent: number) =>
      found({ oils: { 'ylang-ylang': ml(0.095 * percent) } }, 'oil-maximum').verdict;
    expect(at(0.55)).toBe('within');
    expect(at(0.65)).toBe('within');
    expect(at(0.72)).toBe('caution');
    expect(at(0.9)).toBe('over');
  });

  test('past twice its own maximum there is no way round', () => {
    const judgedCase = (amount: number): JudgedCase => ({ oils: { 'cinnamon-bark': ml(amount) } });
    // 0.07 % of 9.5 ml is 0.0067 ml.
    expect(found(judgedCase(0.008), 'oil-maximum')).toMatchObject({
      verdict: 'over',
      blocking: false,
    });
    expect(found(judgedCase(0.02), 'oil-maximum')).toMatchObject({
      verdict: 'over',
      blocking: true,
    });
  });

  test('without a stated maximum it is listed as such, not passed over', () => {
    expect(found({ oils: { petitgrain: 1 } }, 'oil-maximum')).toMatchObject({
      verdict: 'within',
      limit: null,
      reason: { code: 'no-maximum-stated' },
    });
  });

  test('where only a large drop would pass it, that is a note: measure your drop', () => {
    // 35 drops a ml: 2 drops are 0.057 ml, 0.6 of 0.8 %; at 0.067 ml a drop they would be 1.4 %.
    const large = { oils: { 'ylang-ylang': 2 }, dropsPerMl: 35 } as const;
    expect(found(large, 'oil-maximum').verdict).toBe('note');
    expect(judged(large).verdict).toBe('within');
  });

  test('rinsed off, the same figures count', () => {
    const finding = found(
      { oils: { 'ylang-ylang': 2 }, brief: { use: 'rinse-off', place: 'wash-off' } },
      'oil-maximum',
    );
    expect(finding.verdict).toBe('over');
  });
});
