import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import type { Asked } from '../asked.testing';
import { judged } from '../judged.testing';

describe('kinds of product', () => {
  const kinds = (asked: Asked) =>
    judged(asked).findings.flatMap(({ rule, reason }) =>
      rule === 'kind' && reason.code === 'kind' ? [reason.what] : [],
    );

  test('oil in a bath lies on the water as a film', () => {
    expect(kinds({ oils: { lavender: ml(0.05) }, brief: { place: 'bath' } })).toEqual([
      'bath-film',
    ]);
  });

  test('four parts of solubiliser to one of oil disperse it, less does not', () => {
    // 9.5 ml with 1 ml of oil leaves 8.5 ml: half of it is 4.25, more than four; a tenth is not.
    const bath = (bases: Record<string, number>): Asked => ({
      oils: { lavender: ml(1) },
      brief: { place: 'bath' },
      bases,
    });
    expect(kinds(bath({ jojoba: 1, polysorbate_20: 1 }))).toEqual(['bath-slip']);
    expect(kinds(bath({ jojoba: 9, polysorbate_20: 1 }))).toEqual(['bath-solubiliser']);
  });

  test('water, alcohol, what sets and what does not dissolve are to be minded', () => {
    const with1 = (base: string) => kinds({ oils: { lavender: ml(0.05) }, bases: { [base]: 1 } });
    expect(with1('distilled_water')).toContain('water');
    expect(with1('ethanol_perfumers')).toContain('flame');
    expect(with1('coconut_virgin')).toEqual(['sets']);
    expect(with1('white_sugar')).toContain('dry');
    expect(with1('jojoba')).toEqual([]);
  });

  test('a spray burns near a flame', () => {
    expect(kinds({ oils: { lavender: ml(0.05) }, container: 'spray-30' })).toEqual(['flame']);
  });
});
