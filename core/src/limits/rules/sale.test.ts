import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import type { JudgedCase } from '../judgedCase.testing';
import { judged, found } from '../judged.testing';

describe('for sale', () => {
  // Rose otto, 1.7 % methyl eugenol: 0.05 ml in 9.5 ml is 0.526 %, so 0.0089 % of the blend.
  const rose = { oils: { 'rose-otto': ml(0.05) } } as const;
  const sold = (brief: JudgedCase['brief']) =>
    found({ ...rose, brief: { ...brief, forSale: true } }, 'sale');

  test('methyl eugenol is held against the law of goods, by kind of product', () => {
    expect(sold({})).toMatchObject({ verdict: 'over', limit: 0.0002, blocking: false });
    expect(sold({ place: 'perfume-small-area' })).toMatchObject({
      limit: 0.01,
      verdict: 'caution',
    });
    expect(sold({ use: 'rinse-off', place: 'wash-off' })).toMatchObject({ limit: 0.001 });
  });

  test('what is not for sale is not', () => {
    expect(judged(rose).findings.filter(({ rule }) => rule === 'sale')).toEqual([]);
  });
});
