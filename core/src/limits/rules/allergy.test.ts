import { describe, expect, test } from 'vitest';
import { found } from '../judged.testing';

describe('allergies', () => {
  test('a nut oil for a nut allergy is hard, its relative is a caution', () => {
    const teo = { allergies: ['tree nut'] };
    expect(found({ oils: {}, bases: { sweet_almond: 1 }, wearer: teo }, 'allergy')).toMatchObject({
      verdict: 'over',
      blocking: true,
    });
    expect(found({ oils: {}, bases: { argan: 1 }, wearer: teo }, 'allergy')).toMatchObject({
      verdict: 'caution',
      blocking: false,
    });
    expect(found({ oils: {}, bases: { jojoba: 1 }, wearer: teo }, 'allergy').verdict).toBe(
      'within',
    );
  });

  test('an allergy to one material is hard for that material', () => {
    expect(
      found({ oils: { 'tea-tree': 1 }, wearer: { allergies: ['tea-tree'] } }, 'allergy'),
    ).toMatchObject({ verdict: 'over', blocking: true, subject: 'tea-tree' });
  });

  test('an allergy to a constituent is answered from what is in an oil, by any of its names', () => {
    const verdictOf = (oil: string, to: string) =>
      found({ oils: { [oil]: 1 }, wearer: { allergies: [to] } }, 'allergy').verdict;
    expect(verdictOf('clove-bud', 'eugenol')).toBe('over');
    expect(verdictOf('clove-bud', 'Allergic to Eugénol')).toBe('over');
    expect(verdictOf('palmarosa', 'geraniol allergy')).toBe('over');
    expect(verdictOf('peppermint', 'L-Menthol')).toBe('over');
    expect(verdictOf('lemongrass', 'citral')).toBe('over');
    expect(verdictOf('cedarwood-atlas', 'eugenol')).toBe('within');
    // How much of it is in each oil is not held where no rule counts it.
    expect(verdictOf('lavender', 'lavandulyl acetate')).toBe('unknown');
  });

  test('an allergy that no rule reads is not known', () => {
    expect(found({ oils: {}, wearer: { allergies: ['nickel'] } }, 'allergy')).toMatchObject({
      verdict: 'unknown',
      subject: 'nickel',
    });
  });

  test('what was in a blend that their skin reacted to is a caution, until it is tested alone', () => {
    const wearer = { suspected: ['tea-tree'] };
    expect(found({ oils: { 'tea-tree': 1 }, wearer }, 'allergy')).toMatchObject({
      verdict: 'caution',
      blocking: false,
      subject: 'tea-tree',
      reason: { code: 'suspected' },
    });
    expect(found({ oils: { lavender: 1 }, wearer }, 'allergy').verdict).toBe('within');
  });
});
