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

  test('a perfume is fine fragrance, eau de toilette or a cream by what carries it', () => {
    const perfume = { place: 'perfume-small-area', forSale: true } as const;
    const limitIn = (oils: JudgedCase['oils'], bases: Record<string, number>) => {
      const { limit, reason } = found({ oils, bases, brief: perfume }, 'sale', 'methyl eugenol');
      return [limit, reason.code === 'sale' && reason.product];
    };
    const alcohol = { ethanol_perfumers: 1 };
    expect(limitIn({ 'rose-otto': ml(0.05) }, alcohol)).toEqual([0.004, 'eauDeToilette']);
    // 0.05 + 1.5 of 9.5 ml are 16 %: from 15 % on it is a fine fragrance.
    expect(limitIn({ 'rose-otto': ml(0.05), 'cedarwood-atlas': ml(1.5) }, alcohol)).toEqual([
      ...[0.01, 'perfume'],
    ]);
    expect(limitIn({ 'rose-otto': ml(0.05) }, { jojoba: 4, beeswax_yellow: 1 })).toEqual([
      ...[0.002, 'creamPerfume'],
    ]);
  });

  test('methyl salicylate has figures for sprays and for perfume in alcohol', () => {
    const limit = (brief: JudgedCase['brief'], container: string, bases: Record<string, number>) =>
      found(
        { oils: { wintergreen: ml(0.01) }, bases, container, brief: { ...brief, forSale: true } },
        'sale',
        'methyl salicylate',
      ).limit;
    const jojoba = { jojoba: 1 };
    expect(limit({ place: 'body-leave-on' }, 'spray-30', jojoba)).toBe(0.04);
    expect(limit({ place: 'underarm' }, 'spray-30', jojoba)).toBe(0.003);
    expect(limit({ place: 'body-leave-on' }, 'dropper-30', jojoba)).toBe(0.06);
    expect(limit({ place: 'lips' }, 'roll-on-10', jojoba)).toBe(0.03);
    expect(limit({ place: 'perfume-small-area' }, 'roll-on-10', { ethanol_perfumers: 1 })).toBe(
      0.6,
    );
    expect(limit({ place: 'perfume-small-area' }, 'roll-on-10', jojoba)).toBe(0.06);
  });

  test('cumin has no figure of what is rinsed off', () => {
    const rinsed = { use: 'rinse-off', place: 'wash-off', forSale: true } as const;
    // It is not taken for unrestricted either.
    expect(found({ oils: { cumin: ml(0.1) }, brief: rinsed }, 'sale', 'cumin')).toMatchObject({
      verdict: 'note',
      reason: { code: 'sale-no-figure' },
    });
    const cumin = (brief: JudgedCase['brief']) =>
      judged({ oils: { cumin: ml(0.1) }, brief: { ...brief, forSale: true } })
        .findings.filter(({ rule }) => rule === 'sale')
        .map(({ limit }) => limit);
    expect(cumin({})).toContain(0.4);
    expect(cumin({ use: 'rinse-off', place: 'wash-off' })).not.toContain(0.4);
  });

  test('what is not for sale is not', () => {
    expect(judged(rose).findings.filter(({ rule }) => rule === 'sale')).toEqual([]);
  });
});
