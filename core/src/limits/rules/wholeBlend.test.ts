import { describe, expect, test } from 'vitest';
import { drops, ml } from '../../mixture/measures.testing';
import { wholeBlendLimit } from '../guideline';
import { fullCaseOf, type JudgedCase } from '../judgedCase.testing';
import { found, months } from '../judged.testing';

describe('the whole blend', () => {
  const limitFor = (judgedCase: Omit<JudgedCase, 'oils'>) => {
    const blend = fullCaseOf({ ...judgedCase, oils: {} });
    const { recommended, maximum } = wholeBlendLimit(blend.brief, blend.guideline);
    return [recommended, maximum];
  };

  // By hand from the guidelines: the lowest of each column among the rows that apply.
  test.each<[string, Omit<JudgedCase, 'oils'>, [number, number]]>([
    ['an adult on the wrists', {}, [2.5, 5]],
    ['an adult on the face', { brief: { place: 'face' } }, [0.8, 1.5]],
    ['the cautious school, on the wrists', { guideline: 'cautious' }, [2, 3]],
    ['a dab of perfume, clinical: no age row', { brief: { place: 'perfume-small-area' } }, [5, 20]],
    [
      'a dab of perfume, cautious',
      { guideline: 'cautious', brief: { place: 'perfume-small-area' } },
      [2, 3],
    ],
    [
      'a dab of perfume on a girl of 14',
      { wearer: { ageMonths: months(14) }, brief: { place: 'perfume-small-area' } },
      [1.5, 3],
    ],
    [
      'a dab of perfume at 65',
      { wearer: { ageMonths: months(65) }, brief: { place: 'perfume-small-area' } },
      [1, 2.5],
    ],
    ['a child of five', { wearer: { ageMonths: months(5) } }, [1, 2]],
    ['a child of six', { wearer: { ageMonths: months(6) } }, [1.5, 3]],
    ['one month short of two years', { wearer: { ageMonths: 23 } }, [0.25, 0.5]],
    ['pregnant, no trimester given', { wearer: { pregnant: true } }, [0, 1]],
    ['pregnant, second trimester', { wearer: { pregnant: true, trimester: 2 } }, [1, 2]],
    ['nursing', { wearer: { breastfeeding: true } }, [1, 2]],
    [
      'sensitive skin, body',
      { wearer: { skin: 'sensitive' }, brief: { place: 'body-massage' } },
      [0.5, 1],
    ],
    [
      'sensitive skin, face',
      { wearer: { skin: 'sensitive' }, brief: { place: 'face' } },
      [0.25, 0.5],
    ],
    ['damaged skin', { wearer: { skin: 'damaged' } }, [0.5, 1]],
    ['cancer treatment', { wearer: { conditions: ['cancer treatment'] } }, [1, 1]],
    ['frail', { wearer: { conditions: ['frail or very ill'] } }, [0.5, 1]],
    ['active eczema', { wearer: { conditions: ['eczema, active'] } }, [0, 0]],
    ['anyone', { wearer: 'anyone' }, [1, 2]],
    ['anyone, on the face', { wearer: 'anyone', brief: { place: 'face' } }, [0.8, 1.5]],
  ])('%s', (_, judgedCase, expected) => {
    expect(limitFor(judgedCase)).toEqual(expected);
  });

  test('within at what is recommended, a note up to the maximum, over past it, blocking past twice', () => {
    // 9.5 ml of jojoba (0.867) with lavender by ml; weight is what counts: about 1.02 times volume.
    const at = (percent: number) =>
      found({ oils: { lavender: ml(0.095 * percent) } }, 'whole-blend');
    expect(at(2.4).verdict).toBe('within');
    expect(at(4.8).verdict).toBe('note');
    expect(at(5.2)).toMatchObject({ verdict: 'over', blocking: false });
    expect(at(11)).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('above what is recommended is a note for a healthy adult of any age, else a caution', () => {
    // 0.19 ml in 9.5 ml is 2 %, of the body in massage.
    const at = (judgedCase: Omit<JudgedCase, 'oils'>) =>
      found({ oils: { lavender: ml(0.16) }, ...judgedCase }, 'whole-blend').verdict;
    expect(at({ wearer: { ageMonths: months(66) } })).toBe('note');
    expect(at({ wearer: { ageMonths: months(10) } })).toBe('caution');
    expect(at({ wearer: { breastfeeding: true } })).toBe('caution');
    expect(at({ wearer: 'anyone' })).toBe('caution');
  });

  test('large drops alone do not spoil it: the likely strength counts', () => {
    // 35 drops a ml: 8 drops are 0.23 ml, 2.4 %; at 0.05 ml a drop they would be 4.2 %.
    const given: JudgedCase = { oils: { lavender: drops(8) }, dropsPerMl: 35 };
    expect(found(given, 'whole-blend').verdict).toBe('within');
  });

  test('where the maximum is nought, any oil at all is over and hard', () => {
    const eyes: JudgedCase = {
      oils: { lavender: 1 },
      brief: { place: 'eyes-inner-nose-ear-canal-mucosa' },
    };
    expect(found(eyes, 'whole-blend')).toMatchObject({ verdict: 'over', blocking: true });
    expect(found({ ...eyes, oils: {} }, 'whole-blend').verdict).toBe('within');
  });
});
