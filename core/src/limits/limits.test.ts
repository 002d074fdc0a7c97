import { describe, expect, test } from 'vitest';
import { evaluate } from '../dose/evaluate';
import { oils } from '../library/library';
import { blendOf, drops, g, ml, parts } from '../testing';
import { exactly } from '../quantity/range';
import { finding, type Finding, type RuleId } from './finding';
import { wholeBlendLimit } from './guideline';
import { findingMessage } from './words';

type Asked = Parameters<typeof blendOf>[0];

const judged = (asked: Asked) => evaluate(blendOf(asked));

const found = (asked: Asked, rule: RuleId, subject?: string): Finding => {
  const finding = judged(asked).findings.find(
    (entry) => entry.rule === rule && (subject === undefined || entry.subject === subject),
  );
  if (!finding) throw new Error(`no finding of ${rule}`);
  return finding;
};

const months = (years: number) => Math.round(years * 12);

describe('the whole blend', () => {
  const limitFor = (asked: Omit<Asked, 'oils'>) => {
    const blend = blendOf({ ...asked, oils: {} });
    const { recommended, maximum } = wholeBlendLimit(blend.brief, blend.school);
    return [recommended, maximum];
  };

  // By hand from the guidelines: the lowest of each column among the rows that apply.
  test.each<[string, Omit<Asked, 'oils'>, [number, number]]>([
    ['an adult on the wrists', {}, [2.5, 5]],
    ['an adult on the face', { brief: { place: 'face' } }, [0.8, 1.5]],
    ['the cautious school, on the wrists', { school: 'cautious' }, [2, 3]],
    ['a dab of perfume, clinical: no age row', { brief: { place: 'perfume-small-area' } }, [5, 20]],
    [
      'a dab of perfume, cautious',
      { school: 'cautious', brief: { place: 'perfume-small-area' } },
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
    ['nursing', { wearer: { nursing: true } }, [1, 2]],
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
    expect(at(2.4).verdict).toBe('holds');
    expect(at(4.8).verdict).toBe('mind');
    expect(at(5.2)).toMatchObject({ verdict: 'over', hard: false });
    expect(at(11)).toMatchObject({ verdict: 'over', hard: true });
  });

  test('the high end may spoil "holds" though the likely value is recommended', () => {
    // 35 drops a ml: 8 drops are 0.23 ml, 2.4 %; at 0.05 ml a drop they would be 4.2 %.
    const asked: Asked = { oils: { lavender: drops(8) }, dropSchool: 'fine' };
    expect(found(asked, 'whole-blend').verdict).toBe('holds');
    const more: Asked = {
      ...asked,
      wearer: { ageMonths: months(10) },
      oils: { lavender: drops(4) },
    };
    // A child of ten: 1.2 % likely of 1.5 recommended, 2.1 % at most of 3.
    expect(found(more, 'whole-blend').verdict).toBe('holds');
    const tight: Asked = { ...asked, wearer: { nursing: true }, oils: { lavender: drops(3) } };
    // Nursing: 0.9 % likely of 1 recommended; 1.6 % at most of 2.
    expect(found(tight, 'whole-blend').verdict).toBe('holds');
    const spoilt: Asked = {
      ...asked,
      wearer: { skin: 'sensitive' },
      brief: { place: 'face' },
      vessel: 'roll-on-30',
      oils: { lavender: drops(2), cypress: drops(1) },
    };
    expect(found(spoilt, 'whole-blend').verdict).toBe('mind');
  });

  test('where the maximum is nought, any oil at all is over and hard', () => {
    const eyes: Asked = {
      oils: { lavender: 1 },
      brief: { place: 'eyes-inner-nose-ear-canal-mucosa' },
    };
    expect(found(eyes, 'whole-blend')).toMatchObject({ verdict: 'over', hard: true });
    expect(found({ ...eyes, oils: {} }, 'whole-blend').verdict).toBe('holds');
  });
});

describe('one oil', () => {
  test('holds to four fifths on large drops, minds above, is over past its maximum', () => {
    // Ylang ylang, 0.8 %: by ml in 9.5 ml of jojoba; its density is above jojoba's, so weight counts.
    const at = (percent: number) =>
      found({ oils: { 'ylang-ylang': ml(0.095 * percent) } }, 'oil-maximum').verdict;
    expect(at(0.55)).toBe('holds');
    expect(at(0.7)).toBe('mind');
    expect(at(0.9)).toBe('over');
  });

  test('past twice its own maximum there is no way round', () => {
    const asked = (amount: number): Asked => ({ oils: { 'cinnamon-bark': ml(amount) } });
    // 0.07 % of 9.5 ml is 0.0067 ml.
    expect(found(asked(0.008), 'oil-maximum')).toMatchObject({ verdict: 'over', hard: false });
    expect(found(asked(0.02), 'oil-maximum')).toMatchObject({ verdict: 'over', hard: true });
  });

  test('without a stated maximum it is listed as such, not passed over', () => {
    expect(found({ oils: { petitgrain: 1 } }, 'oil-maximum')).toMatchObject({
      verdict: 'holds',
      limit: null,
      reason: { code: 'no-maximum-stated' },
    });
  });

  test('on lips and underarm nothing holds, since the stricter caps are not held', () => {
    for (const place of ['lips', 'underarm'] as const) {
      const findings = judged({
        oils: { lavender: 1, 'rose-otto': ml(0.001), lemon: 1 },
        brief: { place },
      }).findings;
      expect(
        findings.filter(({ rule }) => rule === 'oil-maximum').map(({ verdict }) => verdict),
      ).toEqual(['mind', 'mind', 'mind']);
    }
  });

  test('rinsed off, the same figures count, and it says so', () => {
    const finding = found(
      { oils: { 'ylang-ylang': 2 }, brief: { use: 'rinse-off', place: 'wash-off' } },
      'oil-maximum',
    );
    expect(finding.verdict).toBe('over');
    expect(findingMessage(finding)).toMatch(/rinsed off/i);
  });
});

describe('light', () => {
  test('three citruses that fit alone do not fit together', () => {
    const alone = (id: string) =>
      found({ oils: { [id]: 1 }, vessel: 'roll-on-15' }, 'light-sum').verdict;
    expect([alone('bergamot'), alone('lime'), alone('lemon')]).toEqual(['mind', 'holds', 'holds']);
    // 1 drop each in 14.25 ml: 0.351 % over 0.4, 0.7 and 2: 0.88 + 0.50 + 0.18 = 1.55.
    const together = found(
      { oils: { bergamot: 1, lime: 1, lemon: 1 }, vessel: 'roll-on-15' },
      'light-sum',
    );
    expect(together).toMatchObject({ verdict: 'over', hard: false });
    expect(together.value?.likely).toBeCloseTo(1.56, 1);
  });

  test('covered skin turns over into mind; rinsed off, light does not count', () => {
    const asked: Asked = { oils: { bergamot: 3 } };
    expect(found(asked, 'light-sum').verdict).toBe('over');
    expect(found({ ...asked, brief: { sun: 'covered' } }, 'light-sum')).toMatchObject({
      verdict: 'mind',
      hard: false,
    });
    expect(found({ ...asked, brief: { use: 'rinse-off' } }, 'light-sum').verdict).toBe('holds');
  });

  test('one oil above twice its light limit is hard', () => {
    // 2 drops of bergamot in 9.5 ml: 1.05 %, 2.6 times 0.4.
    expect(found({ oils: { bergamot: 2 } }, 'light-sum').hard).toBe(true);
    expect(found({ oils: { bergamot: 1 } }, 'light-sum').hard).toBe(false);
  });

  test('no maximum rests on light in two rules at once', () => {
    expect(
      judged({ oils: { bergamot: 1 } }).findings.some(
        ({ rule, subject }) => rule === 'oil-maximum' && subject === 'bergamot',
      ),
    ).toBe(false);
  });

  test("St John's wort in the carrier is to be minded in the sun", () => {
    expect(
      found({ oils: {}, bases: { st_johns_wort_infused: 1 } }, 'light-sum', 'st_johns_wort_infused')
        .verdict,
    ).toBe('mind');
  });
});

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
    expect(found1).toMatchObject({ verdict: 'over', hard: true });
  });

  test('no light-sensitising oil on lips, even covered', () => {
    expect(at('lips', 'bergamot')[0]).toMatchObject({ verdict: 'over', subject: 'bergamot' });
    expect(at('lips', 'bergamot-fcf')[0]?.verdict).toBe('holds');
  });

  test('shaved and broken skin are to be minded', () => {
    expect(at('underarm')[0]?.verdict).toBe('mind');
    expect(at('broken-or-inflamed-skin')[0]?.verdict).toBe('mind');
  });

  test('in the bath: nothing under two, hard; clove is kept out, peppermint very little', () => {
    expect(at('bath', 'lavender', 23)[0]).toMatchObject({ verdict: 'over', hard: true });
    expect(at('bath', 'lavender', 24)[0]?.verdict).toBe('holds');
    expect(at('bath', 'clove-bud')[0]).toMatchObject({ verdict: 'over', subject: 'clove-bud' });
    expect(at('bath', 'peppermint')[0]?.verdict).toBe('mind');
  });

  test('while nursing, a chest rub is to be kept off the breast', () => {
    const chest = { oils: { lavender: ml(0.01) }, brief: { place: 'chest-or-back-rub' } } as const;
    expect(found({ ...chest, wearer: { nursing: true } }, 'place').verdict).toBe('mind');
    expect(found(chest, 'place').verdict).toBe('holds');
  });
});

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
    expect(kinds({ oils: { lavender: ml(0.05) }, vessel: 'spray-30' })).toEqual(['flame']);
  });
});

describe('for sale', () => {
  // Rose otto, 1.7 % methyl eugenol: 0.05 ml in 9.5 ml is 0.526 %, so 0.0089 % of the blend.
  const rose = { oils: { 'rose-otto': ml(0.05) } } as const;
  const sold = (brief: Asked['brief']) =>
    found({ ...rose, brief: { ...brief, forSale: true } }, 'sale');

  test('methyl eugenol is held against the law of goods, by kind of product', () => {
    expect(sold({})).toMatchObject({ verdict: 'over', limit: 0.0002, hard: false });
    expect(sold({ place: 'perfume-small-area' })).toMatchObject({ limit: 0.01, verdict: 'mind' });
    expect(sold({ use: 'rinse-off' })).toMatchObject({ limit: 0.001 });
  });

  test('what is not for sale is not', () => {
    expect(judged(rose).findings.filter(({ rule }) => rule === 'sale')).toEqual([]);
  });
});

test('a balm where weight matters more than volume', () => {
  // Wintergreen (1.18 g/ml) in jojoba (0.867): by volume within its 2.4 %, by weight past it.
  const asked: Asked = { oils: { wintergreen: ml(0.19) } };
  const own = found(asked, 'constituent', 'methyl salicylate');
  expect(own).toMatchObject({ by: 'weight', verdict: 'over' });
  expect(judged(asked).mixture.oils[0]?.byVolume.likely).toBeLessThan(2.4);
});

describe('constituents together, across oils', () => {
  // By hand, in 9.5 ml: lemongrass 0.06 ml is 0.6316 %, melissa 0.04 ml is 0.4211 %. Citral, the
  // typical geranial and neral added up: 74.75 % and 49 %. So 0.4721 + 0.2063 = 0.678 %, by volume;
  // the oils are heavier than jojoba, so that by weight it is a little more.
  const citrals: Asked = { oils: { lemongrass: ml(0.06), melissa: ml(0.04) } };

  test('two oils that each keep their own limit can break a shared one', () => {
    expect(found(citrals, 'oil-maximum', 'lemongrass').verdict).not.toBe('over');
    expect(found(citrals, 'oil-maximum', 'melissa').verdict).not.toBe('over');
    const citral = found(citrals, 'constituent', 'citral');
    expect(citral).toMatchObject({ verdict: 'over', hard: false, limit: 0.6, by: 'weight' });
    expect(citral.value?.likely).toBeGreaterThan(0.678);
    expect(citral.value?.likely).toBeLessThan(0.71);
    expect(citral.reason).toMatchObject({ oils: ['lemongrass', 'melissa'] });
  });

  test('the same blend in a larger bottle keeps it', () => {
    const larger = found({ ...citrals, vessel: 'roll-on-30' }, 'constituent', 'citral');
    expect(larger.verdict).toBe('holds');
  });

  test('high content alone can spoil "holds"', () => {
    // Melissa 0.075 ml in 9.5 ml is 0.789 %: 49 % of it is 0.387 %, 75 % of it is 0.592 %.
    const citral = found({ oils: { melissa: ml(0.075) } }, 'constituent', 'citral');
    expect(citral.verdict).toBe('mind');
  });

  test('past twice a cap there is no way round', () => {
    // Holy basil: 4.5 % methyl eugenol. 1 % of it holds 0.045 %, past twice 0.02 %.
    const found1 = found({ oils: { 'holy-basil': ml(0.095) } }, 'constituent', 'methyl eugenol');
    expect(found1).toMatchObject({ verdict: 'over', hard: true });
  });

  test('an oil that only its constituents limit is cleared by them, or held back', () => {
    expect(judged({ oils: { caraway: ml(0.001) } }).verdict).toBe('holds');
    expect(judged({ oils: { caraway: ml(0.3) } }).verdict).toBe('over');
  });

  test('on lips and underarm a shared cap is to be minded at least', () => {
    const asked: Asked = { oils: { lemongrass: ml(0.001) }, brief: { place: 'lips' } };
    expect(found(asked, 'constituent', 'citral').verdict).toBe('mind');
  });

  test('the whole drops keep the shared cap, and it is named', () => {
    const { plan, findings } = judged({
      oils: { lemongrass: parts(1), melissa: parts(1) },
      target: 1.4,
      vessel: 'roll-on-30',
    });
    expect(plan.binding).toContainEqual({ rule: 'constituent', subject: 'citral' });
    expect(findings.filter(({ verdict }) => verdict === 'over')).toEqual([]);
  });
});

describe('age', () => {
  test('nothing at all under three months', () => {
    expect(judged({ oils: { lavender: 1 }, wearer: { ageMonths: 2 } })).toMatchObject({
      verdict: 'over',
      hard: true,
    });
    expect(judged({ oils: {}, wearer: { ageMonths: 2 } }).verdict).toBeNull();
  });

  test('an oil kept from under a certain age is hard below it and silent from it on', () => {
    const asked = (ageMonths: number): Asked => ({
      oils: { wintergreen: ml(0.001) },
      wearer: { ageMonths },
    });
    expect(found(asked(191), 'age')).toMatchObject({
      verdict: 'over',
      hard: true,
      subject: 'wintergreen',
    });
    expect(found(asked(192), 'age')).toMatchObject({ verdict: 'holds', subject: 'blend' });
  });

  test("cineole near a small child's face is over; on the feet it is to be minded", () => {
    const asked = (place: 'chest-or-back-rub' | 'hands-or-feet'): Asked => ({
      oils: { 'eucalyptus-globulus': ml(0.01) },
      wearer: { ageMonths: months(8) },
      brief: { place },
    });
    expect(found(asked('chest-or-back-rub'), 'age')).toMatchObject({ verdict: 'over', hard: true });
    expect(found(asked('hands-or-feet'), 'age')).toMatchObject({ verdict: 'mind', hard: false });
  });
});

describe('pregnancy and nursing', () => {
  test('avoid is hard, caution is to be minded', () => {
    const fennel: Asked = { oils: { 'fennel-sweet': ml(0.001) }, wearer: { nursing: true } };
    expect(found(fennel, 'life-stage')).toMatchObject({ verdict: 'over', hard: true });
    const basil: Asked = {
      oils: { 'basil-linalool': ml(0.001) },
      wearer: { pregnant: true, trimester: 3 },
    };
    expect(found(basil, 'life-stage')).toMatchObject({ verdict: 'mind', hard: false });
    expect(found({ ...fennel, wearer: {} }, 'life-stage').verdict).toBe('holds');
  });
});

describe('conditions', () => {
  test('an oil to avoid with a blood thinner is hard', () => {
    const asked: Asked = {
      oils: { wintergreen: ml(0.001) },
      wearer: { conditions: ['anticoagulants'] },
    };
    expect(found(asked, 'condition')).toMatchObject({ verdict: 'over', hard: true });
  });

  test('carriers are read too', () => {
    const asked: Asked = {
      oils: {},
      bases: { tamanu: 1 },
      wearer: { conditions: ['anticoagulants'] },
    };
    expect(found(asked, 'condition')).toMatchObject({ verdict: 'mind', subject: 'tamanu' });
  });

  test('sensitive skin counts as a condition', () => {
    const asked: Asked = { oils: {}, bases: { arnica_infused: 1 }, wearer: { skin: 'sensitive' } };
    expect(found(asked, 'condition')).toMatchObject({ verdict: 'over', hard: true });
  });

  test('asthma minds any smell near the face, not on the feet', () => {
    const asked = (place: 'face' | 'hands-or-feet'): Asked => ({
      oils: { lavender: ml(0.001) },
      wearer: { conditions: ['asthma'] },
      brief: { place },
    });
    expect(found(asked('face'), 'condition')).toMatchObject({ verdict: 'mind', subject: 'asthma' });
    expect(found(asked('hands-or-feet'), 'condition').verdict).toBe('holds');
  });

  test('free words are not known, by name', () => {
    const finding = found(
      { oils: { lavender: 1 }, wearer: { conditions: ['a new heart valve'] } },
      'condition',
    );
    expect(finding).toMatchObject({ verdict: 'not-known', subject: 'a new heart valve' });
    expect(findingMessage(finding)).toContain('a new heart valve');
  });
});

describe('allergies', () => {
  test('a nut oil for a nut allergy is hard, its kin is to be minded', () => {
    const teo = { allergies: ['tree nut'] };
    expect(found({ oils: {}, bases: { sweet_almond: 1 }, wearer: teo }, 'allergy')).toMatchObject({
      verdict: 'over',
      hard: true,
    });
    expect(found({ oils: {}, bases: { argan: 1 }, wearer: teo }, 'allergy')).toMatchObject({
      verdict: 'mind',
      hard: false,
    });
    expect(found({ oils: {}, bases: { jojoba: 1 }, wearer: teo }, 'allergy').verdict).toBe('holds');
  });

  test('an allergy to one material is hard for that material', () => {
    expect(
      found({ oils: { 'tea-tree': 1 }, wearer: { allergies: ['tea-tree'] } }, 'allergy'),
    ).toMatchObject({ verdict: 'over', hard: true, subject: 'tea-tree' });
  });

  test('an allergy that no rule reads is not known', () => {
    expect(found({ oils: {}, wearer: { allergies: ['nickel'] } }, 'allergy')).toMatchObject({
      verdict: 'not-known',
      subject: 'nickel',
    });
  });
});

describe('anyone', () => {
  test('every avoid and caution is to be minded, none is over', () => {
    const { findings } = judged({
      wearer: 'anyone',
      oils: { wintergreen: ml(0.001), 'rosemary-cineole': ml(0.001), 'chamomile-roman': ml(0.001) },
      bases: { sweet_almond: 1 },
    });
    const told = findings.filter(({ rule }) =>
      ['age', 'life-stage', 'condition', 'allergy'].includes(rule),
    );
    expect(told.length).toBeGreaterThan(6);
    for (const finding of told) {
      expect(finding).toMatchObject({ verdict: 'mind', hard: false, forAnyone: true });
    }
  });

  test('what is kept off skin is kept off anyone', () => {
    expect(judged({ wearer: 'anyone', oils: { rue: ml(0.0001) } })).toMatchObject({
      verdict: 'over',
      hard: true,
    });
  });
});

describe('never, and not known', () => {
  test.each(
    oils
      .filter(({ keepOffSkin, notForHomeBlending }) => keepOffSkin || notForHomeBlending)
      .map(({ id }) => id),
  )('%s is over and hard at any strength, in either school', (id) => {
    for (const school of ['clinical', 'cautious'] as const) {
      expect(judged({ oils: { [id]: ml(0.0001) }, school })).toMatchObject({
        verdict: 'over',
        hard: true,
      });
    }
  });

  test('an oil whose figure is not held cannot be cleared', () => {
    expect(judged({ oils: { 'violet-leaf': ml(0.001) } }).verdict).toBe('not-known');
  });

  test('an oil of unknown density cannot be cleared by weight', () => {
    expect(found({ oils: { vanilla: 1 } }, 'not-known', 'vanilla').verdict).toBe('not-known');
  });

  test('over is worse than not known, not known than mind', () => {
    expect(judged({ oils: { 'violet-leaf': ml(1) } }).verdict).toBe('over');
    expect(judged({ oils: { 'violet-leaf': ml(0.3) } }).verdict).toBe('not-known');
  });

  test('an oil taken down to nought drops is not in it any more', () => {
    expect(judged({ oils: { rue: 0, lavender: 1 } }).verdict).toBe('holds');
  });
});

test('every finding of every kind has words', () => {
  const everything = oils.map(({ id }) => [id, g(0.001)] as const);
  for (const wearer of [
    'anyone' as const,
    {
      ageMonths: 20,
      pregnant: true,
      nursing: true,
      skin: 'sensitive' as const,
      conditions: ['asthma', 'epilepsy', 'xyz'],
      allergies: ['daisy family', 'abc'],
    },
  ]) {
    for (const place of ['face', 'lips', 'hands-or-feet'] as const) {
      const { findings } = judged({
        oils: Object.fromEntries(everything),
        wearer,
        brief: { place },
      });
      for (const finding of findings) {
        expect(findingMessage(finding)).toMatch(/^[“A-Z].*\.$/);
        expect(findingMessage(finding)).not.toMatch(/undefined|null|NaN/);
      }
    }
  }
});

test('two numbers that differ never read alike', () => {
  const close = finding({
    rule: 'whole-blend',
    verdict: 'over',
    value: exactly(2.0031),
    limit: 2,
    unit: '%',
    by: 'volume',
    source: 'EOS2',
    reason: { code: 'whole-blend', recommended: 2, because: 'age' },
  });
  expect(findingMessage(close)).toMatch(/is at 2\.003 %, past the 2 % allowed/);
});
