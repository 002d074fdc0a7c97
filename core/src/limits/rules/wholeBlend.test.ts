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
    ['an adult on the wrists: what is recommended for the place', {}, [3, 5]],
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
      [5, 20],
    ],
    [
      'at 70 on the wrists: no more than that age takes',
      { wearer: { ageMonths: months(70) } },
      [2.5, 2.5],
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
    // 0.095 ml in 9.5 ml is one percent, by volume as it is shown; recommended there 3, at most 5.
    const at = (percent: number) =>
      found({ oils: { lavender: ml(0.095 * percent) } }, 'whole-blend');
    expect(at(2.4).verdict).toBe('within');
    expect(at(3).verdict).toBe('within');
    expect(at(5).verdict).toBe('note');
    expect(at(5.2)).toMatchObject({ verdict: 'over', blocking: false });
    expect(at(11)).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('above what is recommended is a note for a healthy adult of any age, else a caution', () => {
    // 0.16 ml in 9.5 ml is 1.68 %; for the scalp 1 is recommended, at most 3 (from 65 2.5).
    const at = (judgedCase: Omit<JudgedCase, 'oils'>) =>
      found(
        { oils: { lavender: ml(0.16) }, brief: { place: 'scalp-or-hair' }, ...judgedCase },
        'whole-blend',
      ).verdict;
    expect(at({ wearer: { ageMonths: months(66) } })).toBe('note');
    expect(at({})).toBe('note');
    expect(at({ wearer: { ageMonths: months(10) } })).toBe('caution');
    expect(at({ wearer: { breastfeeding: true } })).toBe('caution');
    expect(at({ wearer: 'anyone' })).toBe('caution');
  });

  test('exactly the maximum by volume is within it, whatever the oils weigh', () => {
    // 0.19 ml in 9.5 ml is 2 %, the maximum of a child of four; by weight lavender makes it 2.03 %.
    const child: Omit<JudgedCase, 'oils'> = {
      wearer: { ageMonths: months(4) },
      brief: { place: 'body-leave-on' },
    };
    expect(found({ oils: { lavender: ml(0.19) }, ...child }, 'whole-blend').verdict).toBe(
      'caution',
    );
    expect(found({ oils: { lavender: ml(0.191) }, ...child }, 'whole-blend').verdict).toBe('over');
    // Half of that is exactly what is recommended: no caution.
    expect(found({ oils: { lavender: ml(0.095) }, ...child }, 'whole-blend').verdict).toBe(
      'within',
    );
  });

  test('what is over by the teaching from 65 alone can be overridden', () => {
    // 0.6 ml in 9.5 ml is 6.3 %: past twice the 2.5 % from 65, and past the 5 % of the place.
    const at70 = { wearer: { ageMonths: months(70) } };
    expect(found({ oils: { lavender: ml(0.6) }, ...at70 }, 'whole-blend')).toMatchObject({
      verdict: 'over',
      blocking: false,
    });
    // Past twice what the place itself takes there is no way round.
    expect(found({ oils: { lavender: ml(1) }, ...at70 }, 'whole-blend').blocking).toBe(true);
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
