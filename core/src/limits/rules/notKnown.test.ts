import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../../catalog';
import { ml } from '../../mixture/measures.testing';
import { judged, found } from '../judged.testing';

describe('never, and not known', () => {
  test.each(
    shippedCatalog.oils
      .filter(({ keepOffSkin, notForHomeBlending }) => keepOffSkin || notForHomeBlending)
      .map(({ id }) => id),
  )('%s is over and hard at any strength, by either guideline', (id) => {
    for (const guideline of ['clinical', 'cautious'] as const) {
      expect(judged({ oils: { [id]: ml(0.0001) }, guideline })).toMatchObject({
        verdict: 'over',
        blocking: true,
      });
    }
  });

  test('an oil whose figure is not held cannot be cleared', () => {
    expect(judged({ oils: { 'violet-leaf': ml(0.001) } }).verdict).toBe('unknown');
  });

  test('an oil of unknown density counts with a range that is assumed, and a note says so', () => {
    const { mixture } = judged({ oils: { vanilla: ml(0.1) } });
    // Assumed: 0.85 to 1 g to the ml, most likely 0.92.
    expect(mixture.oils[0]?.g).toEqual({
      low: expect.closeTo(0.085),
      likely: expect.closeTo(0.092),
      high: expect.closeTo(0.1),
    });
    expect(found({ oils: { vanilla: 1 } }, 'not-known', 'vanilla')).toMatchObject({
      verdict: 'note',
      reason: { code: 'density-assumed' },
    });
  });

  test('a note changes no verdict', () => {
    expect(judged({ oils: { vanilla: ml(0.001) } }).verdict).toBe('within');
  });

  test('over is worse than not known, not known than caution', () => {
    expect(judged({ oils: { 'violet-leaf': ml(1) } }).verdict).toBe('over');
    expect(judged({ oils: { 'violet-leaf': ml(0.3) } }).verdict).toBe('unknown');
  });

  test('an oil taken down to nought drops is not in it any more', () => {
    expect(judged({ oils: { rue: 0, lavender: 1 } }).verdict).toBe('within');
  });
});
