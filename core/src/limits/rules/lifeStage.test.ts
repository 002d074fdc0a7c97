import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import type { Asked } from '../asked.testing';
import { found } from '../judged.testing';

describe('pregnancy and nursing', () => {
  test('avoid is hard, caution is to be minded', () => {
    const fennel: Asked = { oils: { 'fennel-sweet': ml(0.001) }, wearer: { breastfeeding: true } };
    expect(found(fennel, 'life-stage')).toMatchObject({ verdict: 'over', blocking: true });
    const basil: Asked = {
      oils: { 'basil-linalool': ml(0.001) },
      wearer: { pregnant: true, trimester: 3 },
    };
    expect(found(basil, 'life-stage')).toMatchObject({ verdict: 'caution', blocking: false });
    expect(found({ ...fennel, wearer: {} }, 'life-stage').verdict).toBe('within');
  });
});
