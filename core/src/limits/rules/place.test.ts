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

  test.each(['intimate', 'nipple', 'nappy'] as const)('nothing goes to %s', (place) => {
    expect(judged({ oils: { lavender: ml(0.001) }, brief: { place } })).toMatchObject({
      verdict: 'over',
      blocking: true,
    });
  });

  test.each([
    ['Nipple balm', 'nipple'],
    ['For teething', 'mouth'],
    ['Sore eyes', 'mucosa'],
    ['Flea spray for the dog', 'animal'],
  ])('“%s” asks whether the place is right', (named, about) => {
    const blend = { oils: { lavender: ml(0.001) }, named };
    expect(judged(blend).findings.map(({ reason }) => reason)).toContainEqual(
      expect.objectContaining({ code: 'place-words', about }),
    );
    expect(judged(blend).verdict).toBe('caution');
  });

  test('a word inside another asks nothing, and an answer is remembered', () => {
    const named = (text: string, asked: readonly string[] = []) =>
      judged({ oils: { lavender: ml(0.001) }, named: text, brief: { asked } }).verdict;
    expect(named('Education; Dogwood; Petals')).toBe('within');
    expect(named('Cat on a hot tin roof', ['place: cat'])).toBe('within');
  });

  test('eyes, inner nose and ear are blocking', () => {
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

  test('broken skin is a caution, shaved skin good to know', () => {
    expect(at('underarm')[0]?.verdict).toBe('note');
    expect(at('broken-or-inflamed-skin')[0]?.verdict).toBe('caution');
  });

  test('in the bath: nothing under two, hard; clove is kept out, peppermint very little', () => {
    expect(at('bath', 'lavender', 23)[0]).toMatchObject({ verdict: 'over', blocking: true });
    expect(at('bath', 'lavender', 24)[0]?.verdict).toBe('within');
    expect(at('bath', 'clove-bud')[0]).toMatchObject({ verdict: 'over', subject: 'clove-bud' });
    expect(at('bath', 'peppermint')[0]?.verdict).toBe('note');
  });

  test('while nursing, a chest rub is to be kept off the breast', () => {
    const chest = { oils: { lavender: ml(0.01) }, brief: { place: 'chest-or-back-rub' } } as const;
    expect(found({ ...chest, wearer: { breastfeeding: true } }, 'place').verdict).toBe('note');
    expect(found(chest, 'place').verdict).toBe('within');
  });
});
