import { describe, expect, test } from 'vitest';
import { ml } from '../mixture/measures.testing';
import { judged } from './judged.testing';

describe('anyone', () => {
  test('every avoid and caution goes on the label as a note, none counts', () => {
    const { findings } = judged({
      wearer: 'anyone',
      oils: { wintergreen: ml(0.001), 'rosemary-cineole': ml(0.001), 'chamomile-roman': ml(0.001) },
      bases: { sweet_almond: 1 },
    });
    const stageFindings = findings.filter(({ rule }) =>
      ['age', 'life-stage', 'condition', 'allergy'].includes(rule),
    );
    expect(stageFindings.length).toBeGreaterThan(6);
    for (const finding of stageFindings) {
      expect(finding).toMatchObject({ verdict: 'note', blocking: false, forAnyone: true });
    }
  });

  test('what is kept off skin is kept off anyone', () => {
    expect(judged({ wearer: 'anyone', oils: { rue: ml(0.0001) } })).toMatchObject({
      verdict: 'over',
      blocking: true,
    });
  });
});
