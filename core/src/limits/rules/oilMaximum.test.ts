import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import type { Asked } from '../asked.testing';
import { judged, found } from '../judged.testing';

describe('one oil', () => {
  test('holds to four fifths on large drops, minds above, is over past its maximum', () => {
    // Ylang ylang, 0.8 %: by ml in 9.5 ml of jojoba; its density is above jojoba's, so weight counts.
    const at = (percent: number) =>
      found({ oils: { 'ylang-ylang': ml(0.095 * percent) } }, 'oil-maximum').verdict;
    expect(at(0.55)).toBe('within');
    expect(at(0.7)).toBe('caution');
    expect(at(0.9)).toBe('over');
  });

  test('past twice its own maximum there is no way round', () => {
    const asked = (amount: number): Asked => ({ oils: { 'cinnamon-bark': ml(amount) } });
    // 0.07 % of 9.5 ml is 0.0067 ml.
    expect(found(asked(0.008), 'oil-maximum')).toMatchObject({ verdict: 'over', blocking: false });
    expect(found(asked(0.02), 'oil-maximum')).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('without a stated maximum it is listed as such, not passed over', () => {
    expect(found({ oils: { petitgrain: 1 } }, 'oil-maximum')).toMatchObject({
      verdict: 'within',
      limit: null,
      reason: { code: 'no-maximum-stated' },
    });
  });

  test('on lips and underarm nothing holds, since the stricter caps are not held', () => {
    for (const place of ['lips', 'underarm'] as const) {
      const findings = judged({
        oils: { lavender: 1, 'rose-otto': ml(0.001), lemon: 1 },
        brief: { place },
      }).findings;
      expect(
        findings.filter(({ rule }) => rule === 'oil-maximum').map(({ verdict }) => verdict),
      ).toEqual(['caution', 'caution', 'caution']);
    }
  });

  test('rinsed off, the same figures count', () => {
    const finding = found(
      { oils: { 'ylang-ylang': 2 }, brief: { use: 'rinse-off', place: 'wash-off' } },
      'oil-maximum',
    );
    expect(finding.verdict).toBe('over');
  });
});
