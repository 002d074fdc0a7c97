import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import type { JudgedCase } from '../judgedCase.testing';
import { found, judged } from '../judged.testing';

describe('kinds of product', () => {
  const kinds = (given: JudgedCase) =>
    judged(given).findings.flatMap(({ rule, reason }) =>
      rule === 'kind' && reason.code === 'kind' ? [reason.what] : [],
    );

  const verdictOf = (given: JudgedCase, what: string) =>
    judged(given).findings.find(({ reason }) => reason.code === 'kind' && reason.what === what)
      ?.verdict;

  test('fat carries oil off in a bath: a caution; on salt, in water or alcohol it is over', () => {
    const bath = (base: string): JudgedCase => ({
      oils: { lavender: ml(0.05) },
      brief: { place: 'bath' },
      bases: { [base]: 1 },
    });
    expect(verdictOf(bath('jojoba'), 'bath-fat')).toBe('caution');
    for (const base of ['sea_salt', 'distilled_water', 'ethanol_perfumers']) {
      expect(verdictOf(bath(base), 'bath-undispersed'), base).toBe('over');
    }
    expect(kinds(bath('polysorbate_20'))).toEqual([]);
    expect(kinds(bath('unscented_lotion'))).toEqual([]);
  });

  test('a tub takes eight drops for an adult, four from six, two from two years', () => {
    // 9.5 ml with 0.95 ml of oil is a tenth: 8 drops of 0.05 ml are 0.4 ml, so 4 ml of it.
    const bath: JudgedCase = {
      oils: { lavender: ml(0.95) },
      brief: { place: 'bath' },
      bases: { polysorbate_20: 1 },
    };
    const most = (wearer: JudgedCase['wearer']) => {
      const { reason } = found({ ...bath, ...(wearer ? { wearer } : {}) }, 'kind');
      return reason.code === 'bath-drops' ? reason.mostMl : null;
    };
    expect(most({})).toBeCloseTo(4);
    expect(most({ ageMonths: 100 })).toBeCloseTo(2);
    expect(most({ ageMonths: 30 })).toBeCloseTo(1);
    expect(found(bath, 'kind').verdict).toBe('note');
    // A mould is one bath: all of it goes in at once.
    expect(
      found({ ...bath, oils: { lavender: ml(1.2) }, container: 'mould-cube' }, 'kind'),
    ).toMatchObject({
      verdict: 'over',
      blocking: false,
    });
  });

  test('four parts of solubiliser to one of oil disperse it, less does not', () => {
    // 9.5 ml with 1 ml of oil leaves 8.5 ml: half of it is 4.25, more than four; a tenth is not.
    const bath = (bases: Record<string, number>): JudgedCase => ({
      oils: { lavender: ml(1) },
      brief: { place: 'bath' },
      bases,
    });
    expect(kinds(bath({ distilled_water: 1, polysorbate_20: 1 }))).toEqual(['water']);
    expect(kinds(bath({ distilled_water: 9, polysorbate_20: 1 }))).toEqual([
      'bath-solubiliser',
      'water',
    ]);
    // Solubiliser enough, and yet the fat carries the oil off.
    expect(kinds(bath({ jojoba: 1, polysorbate_20: 1 }))).toEqual(['bath-fat', 'bath-slip']);
  });

  test('much vitamin E is a note, the usual one percent is none', () => {
    const withE = (share: number) =>
      kinds({ oils: { lavender: ml(0.05) }, bases: { jojoba: 100 - share, vitamin_e: share } });
    expect(withE(18)).toEqual(['much-of-it']);
    expect(withE(0.8)).toEqual([]);
  });

  test('water spoils, unless a preservative keeps it; the rest is a matter of handling', () => {
    expect(
      verdictOf({ oils: { lavender: ml(0.05) }, bases: { distilled_water: 1 } }, 'water'),
    ).toBe('caution');
    expect(
      kinds({
        oils: { lavender: ml(0.05) },
        bases: { distilled_water: 94, polysorbate_20: 5, phenoxyethanol_preservative: 1 },
      }),
    ).toEqual([]);
    for (const base of ['coconut_virgin', 'white_sugar']) {
      const { verdict } = judged({ oils: { lavender: ml(0.05) }, bases: { [base]: 1 } });
      expect(verdict, base).toBe('within');
    }
    const with1 = (base: string) => kinds({ oils: { lavender: ml(0.05) }, bases: { [base]: 1 } });
    expect(with1('distilled_water')).toContain('water');
    expect(with1('ethanol_perfumers')).toContain('flame');
    expect(with1('coconut_virgin')).toEqual(['sets']);
    expect(with1('white_sugar')).toContain('dry');
    expect(with1('jojoba')).toEqual([]);
  });

  test('a spray burns near a flame, and is not to be breathed', () => {
    expect(kinds({ oils: { lavender: ml(0.05) }, container: 'spray-30' })).toEqual([
      'mist',
      'flame',
    ]);
  });
});
