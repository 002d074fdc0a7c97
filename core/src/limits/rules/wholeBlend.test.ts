import { describe, expect, test } from 'vitest';
import { drops, ml } from '../../mixture/measures.testing';
import { wholeBlendLimit } from '../guideline';
import { askedFor, type Asked } from '../asked.testing';
import { found, months } from '../judged.testing';

describe('the whole blend', () => {
  const limitFor = (asked: Omit<Asked, 'oils'>) => {
    const blend = askedFor({ ...asked, oils: {} });
    const { recommended, maximum } = wholeBlendLimit(blend.brief, blend.guideline);
    return [recommended, maximum];
  };

  // By hand from the guidelines: the lowest of each column among the rows that apply.
  test.each<[string, Omit<Asked, 'oils'>, [number, number]]>([
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
  ])('%s', (_, asked, expected) => {
    expect(limitFor(asked)).toEqual(expected);
  });

  test('holds at what is recommended, minds up to the maximum, is over past it, hard past twice', () => {
    // 9.5 ml of jojoba (0.867) with lavender by ml; weight is what counts: about 1.02 times volume.
    const at = (percent: number) =>
      found({ oils: { lavender: ml(0.095 * percent) } }, 'whole-blend');
    expect(at(2.4).verdict).toBe('within');
    expect(at(4.8).verdict).toBe('caution');
    expect(at(5.2)).toMatchObject({ verdict: 'over', blocking: false });
    expect(at(11)).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('the high end may spoil "holds" though the likely value is recommended', () => {
    // 35 drops a ml: 8 drops are 0.23 ml, 2.4 %; at 0.05 ml a drop they would be 4.2 %.
    const asked: Asked = { oils: { lavender: drops(8) }, dropsPerMl: 35 };
    expect(found(asked, 'whole-blend').verdict).toBe('within');
    const more: Asked = {
      ...asked,
      wearer: { ageMonths: months(10) },
      oils: { lavender: drops(4) },
    };
    // A child of ten: 1.2 % likely of 1.5 recommended, 2.1 % at most of 3.
    expect(found(more, 'whole-blend').verdict).toBe('within');
    const tight: Asked = {
      ...asked,
      wearer: { breastfeeding: true },
      oils: { lavender: drops(3) },
    };
    // Nursing: 0.9 % likely of 1 recommended; 1.6 % at most of 2.
    expect(found(tight, 'whole-blend').verdict).toBe('within');
    const spoilt: Asked = {
      ...asked,
      wearer: { skin: 'sensitive' },
      brief: { place: 'face' },
      container: 'roll-on-30',
      oils: { lavender: drops(2), cypress: drops(1) },
    };
    expect(found(spoilt, 'whole-blend').verdict).toBe('caution');
  });

  test('where the maximum is nought, any oil at all is over and hard', () => {
    const eyes: Asked = {
      oils: { lavender: 1 },
      brief: { place: 'eyes-inner-nose-ear-canal-mucosa' },
    };
    expect(found(eyes, 'whole-blend')).toMatchObject({ verdict: 'over', blocking: true });
    expect(found({ ...eyes, oils: {} }, 'whole-blend').verdict).toBe('within');
  });
});
