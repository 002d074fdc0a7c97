import { describe, expect, test } from 'vitest';
import { ml } from '../../mixture/measures.testing';
import { judged, found } from '../judged.testing';

describe('places', () => {
  const at = (
    place: 'lips' | 'underarm' | 'bath' | 'broken-or-inflamed-skin',
    oil = 'lavender',
    age?: number,
  ) =>
    judged({
      oils: { [oil]: ml(0.001) },
      brief: { place },
      ...(age === undefined ? {} : { wearer: { ageMonths: age } }),
    }).findings.filter(({ rule }) => rule === 'place');

  test('eyes, inner nose and ear are hard', () => {
    const found1 = found(
      { oils: { lavender: 1 }, brief: { place: 'eyes-inner-nose-ear-canal-mucosa' } },
      'place',
    );
    expect(found1).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('no light-sensitising oil on lips, even covered', () => {
    expect(at('lips', 'bergamot')[0]).toMatchObject({ verdict: 'over', subject: 'bergamot' });
    expect(at('lips', 'bergamot-fcf')[0]?.verdict).toBe('within');
  });

  test('shaved and broken skin are to be minded', () => {
    expect(at('underarm')[0]?.verdict).toBe('caution');
    expect(at('broken-or-inflamed-skin')[0]?.verdict).toBe('caution');
  });

  test('in the bath: nothing under two, hard; clove is kept out, peppermint very little', () => {
    expect(at('bath', 'lavender', 23)[0]).toMatchObject({ verdict: 'over', blocking: true });
    expect(at('bath', 'lavender', 24)[0]?.verdict).toBe('within');
    expect(at('bath', 'clove-bud')[0]).toMatchObject({ verdict: 'over', subject: 'clove-bud' });
    expect(at('bath', 'peppermint')[0]?.verdict).toBe('caution');
  });

  test('while nursing, a chest rub is to be kept off the breast', () => {
    const chest = { oils: { lavender: ml(0.01) }, brief: { place: 'chest-or-back-rub' } } as const;
    expect(found({ ...chest, wearer: { breastfeeding: true } }, 'place').verdict).toBe('caution');
    expect(found(chest, 'place').verdict).toBe('within');
  });
});
