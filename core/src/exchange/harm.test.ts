import { describe, expect, test } from 'vitest';
import { checkBlend } from './checkBlend';

// What must be stopped, asked or said, and what must not be: each as a file, as `npm run check` reads it.

const today = '2026-12-01';

interface Given {
  readonly oils: Readonly<Record<string, number | Readonly<Record<string, unknown>>>>;
  readonly wearer?: Readonly<Record<string, unknown>> | 'anyone';
  readonly brief?: Readonly<Record<string, unknown>>;
  /** By parts, unless another amount is given. */
  readonly bases?: Readonly<Record<string, number | Readonly<Record<string, unknown>>>>;
  readonly materials?: readonly Readonly<Record<string, unknown>>[];
  readonly more?: Readonly<Record<string, unknown>>;
}

const amountOf = (unit: string, amount: number | Readonly<Record<string, unknown>>) =>
  typeof amount === 'number' ? { amount: { unit, value: amount } } : amount;

const percent = (value: number) => ({ amount: { unit: 'percent', value } });

/** Jojoba in a 10 ml roll-on for the wrists of a healthy adult who was asked everything. */
const file = ({ oils, wearer, brief, bases, materials, more }: Given): string =>
  JSON.stringify({
    format: 'jubbet-blend',
    version: 3,
    name: 'A blend',
    brief: {
      wearer:
        wearer === 'anyone'
          ? 'anyone'
          : {
              ageMonths: 420,
              pregnant: false,
              breastfeeding: false,
              skin: 'normal',
              conditions: [],
              allergies: [],
              ...wearer,
            },
      place: 'pulse-points',
      use: 'leave-on',
      sun: 'exposed',
      asked: ['everything'],
      ...brief,
    },
    containers: [{ container: { id: 'roll-on-10' }, count: 1 }],
    oils: Object.entries(oils).map(([id, amount]) => ({ id, ...amountOf('drops', amount) })),
    bases: Object.entries(bases ?? { jojoba: 1 }).map(([id, amount]) => ({
      id,
      ...amountOf('parts', amount),
    })),
    ...(materials ? { materials } : {}),
    ...more,
  });

const reportOf = (given: Given) => {
  const checked = checkBlend(file(given), today);
  if (!checked.ok) throw new Error(checked.sentence);
  return checked.report;
};

/** Its verdict, in one word. */
const of = (given: Given): string => {
  const { verdict, blocking } = reportOf(given);
  return blocking ? 'blocking' : String(verdict);
};

/** What is said of it, what is within limits aside. */
const said = (given: Given, level?: string): string =>
  reportOf(given)
    .findings.filter(({ verdict }) => (level ? verdict === level : verdict !== 'within'))
    .map(({ message }) => message)
    .join('\n');

const refused = (given: Given): string => {
  const checked = checkBlend(file(given), today);
  return checked.ok ? '' : checked.sentence;
};

const own = (more: Readonly<Record<string, unknown>>) => ({
  kind: 'oil',
  id: 'own-x',
  name: 'Hedge blossom',
  botanical: '',
  densityGPerMl: 0.9,
  shelfYears: 2,
  note: 'middle',
  viscosity: 'thin',
  source: 'its sheet',
  maximumPercent: 50,
  lightPercent: null,
  contents: [['linalool', 80, 90, 95]],
  ...more,
});

const readyMade = (more: Readonly<Record<string, unknown>>) => {
  const { maximumPercent: _, lightPercent: __, contents: ___, ...rest } = own({});
  return {
    ...rest,
    kind: 'ready-made',
    essentialPercent: 20,
    parts: [{ id: 'lavender', parts: 1 }],
    ...more,
  };
};

const base = (name: string) => ({
  kind: 'base',
  id: 'own-base',
  name,
  inci: '',
  baseKind: 'oil',
  densityGPerMl: 0.92,
  meltC: null,
  shelfMonths: 12,
  allergens: [],
  allergensKnown: true,
  source: 'its label',
});

const child = { ageMonths: 48 };
const little = { lavender: 2 };

describe('allergies', () => {
  test.each(['hazelnut', 'macadamia', 'almond', 'walnut', 'tree nut'])(
    'almond oil is not for an allergy to %s',
    (allergy) => {
      const given = { oils: little, wearer: { allergies: [allergy] }, bases: { sweet_almond: 1 } };
      expect(of(given)).toBe('blocking');
    },
  );

  test.each([
    ['eugenol', 'clove-bud'],
    ['geraniol', 'palmarosa'],
    ['menthol', 'peppermint'],
  ])('an allergy to %s is answered from what is in an oil', (allergy, oil) => {
    expect(of({ oils: { [oil]: 1 }, wearer: { allergies: [allergy] } })).toBe('blocking');
    expect(of({ oils: { frankincense: 1 }, wearer: { allergies: [allergy] } })).toBe('within');
  });

  test('a ready-made blend whose carrier no one named may hold the nut', () => {
    const given = { oils: { 'own-x': 4 }, materials: [readyMade({})] };
    expect(of(given)).toBe('within');
    const nuts = { ...given, wearer: { allergies: ['tree nut'] } };
    expect(of(nuts)).toBe('unknown');
    expect(said(nuts)).toContain('what carries its oils is not known');
    const named = readyMade({ carriers: [{ id: 'jojoba', parts: 1 }] });
    expect(of({ ...nuts, materials: [named] })).toBe('within');
  });

  test('what someone is allergic to is not said twice in one sentence', () => {
    const given = { oils: little, wearer: { allergies: ['sesame oil'] }, bases: { sesame: 1 } };
    expect(said(given)).not.toMatch(/allergic to Sesame oil/i);
    expect(of(given)).toBe('blocking');
  });
});

describe('a ready-made blend of unknown proportions', () => {
  const blend = readyMade({
    proportionsKnown: false,
    parts: [
      { id: 'lavender', parts: 1 },
      { id: 'wintergreen', parts: 1 },
    ],
  });

  test('can’t be checked, and no figure is made up for it', () => {
    const given = { oils: { 'own-x': 20 }, materials: [blend] };
    expect(of(given)).toBe('unknown');
    expect(said(given)).toContain('how much of each oil is in it is not known');
    expect(reportOf(given).findings.some(({ rule }) => rule === 'oil-maximum')).toBe(false);
  });

  test('is kept from whom one of its oils is kept from', () => {
    expect(of({ oils: { 'own-x': 4 }, wearer: child, materials: [blend] })).toBe('blocking');
  });

  test('is over where the other oils alone are', () => {
    expect(said({ oils: { 'own-x': 4, 'clove-bud': 2 }, materials: [blend] }, 'over')).toContain(
      'Clove bud',
    );
  });
});

describe('no material escapes by its name', () => {
  test.each(['Menthol crystals', 'Camphor', 'Eucalyptus oil', 'Clove oil', 'Peppermint oil'])(
    '%s as a base is judged as what it is',
    (name) => {
      const given = {
        oils: little,
        wearer: child,
        brief: { place: 'face' },
        bases: { jojoba: 1, 'own-base': percent(10) },
        materials: [base(name)],
      };
      expect(of(given)).toBe('blocking');
      expect(said(given)).toContain('is judged as one here');
    },
  );

  test.each([
    'Ruta graveolens',
    'Artemisia absinthium',
    'Mentha pulegium',
    'Thuja occidentalis',
    'Juniperus oxycedrus',
    'Brassica nigra',
  ])('an oil of %s is never for skin, whatever it is called', (botanical) => {
    expect(of({ oils: { 'own-x': 1 }, materials: [own({ botanical })] })).toBe('blocking');
  });

  test.each(['Cade', 'Cade oil', 'Mustard', 'Mustard essential oil'])(
    '%s is known by its name alone',
    (name) => {
      expect(of({ oils: { 'own-x': 1 }, materials: [own({ name })] })).toBe('blocking');
    },
  );

  test.each(['Wintergreen', 'My special wintergreen', 'Cinnamon bark', 'Cinnamon Bark (Ceylon)'])(
    'an oil named %s is held to what the library says of it',
    (name) => {
      const given = { oils: { 'own-x': 8 }, materials: [own({ name })] };
      expect(of(given)).not.toBe('within');
      expect(said(given)).toContain('the stricter figures count');
      expect(of({ ...given, wearer: child })).toBe('blocking');
    },
  );

  test('a ready-made blend named wintergreen is no lavender, unless wintergreen is in it', () => {
    const named = (parts: readonly object[]) => ({
      oils: { 'own-x': 2 },
      materials: [readyMade({ name: 'Wintergreen', parts })],
    });
    expect(of(named([{ id: 'lavender', parts: 1 }]))).toBe('unknown');
    expect(of({ ...named([{ id: 'lavender', parts: 1 }]), wearer: child })).toBe('blocking');
    expect(
      of(
        named([
          { id: 'lavender', parts: 19 },
          { id: 'wintergreen', parts: 1 },
        ]),
      ),
    ).toBe('within');
  });

  test('an oil named Bergamot is phototoxic, whatever is said of its contents', () => {
    expect(of({ oils: { 'own-x': 4 }, materials: [own({ name: 'Bergamot' })] })).toBe('blocking');
    // Bergamot mint is another plant.
    const mint = own({ name: 'Bergamot mint', botanical: 'Mentha citrata' });
    expect(said({ oils: { 'own-x': 4 }, materials: [mint] })).not.toContain('phototoxic');
  });
});

describe('files', () => {
  test.each([0.25, 0.0005, 0.09])('a drop of %f ml is refused', (likely) => {
    const lavender = {
      amount: { unit: 'drops', value: 2 },
      dropMl: { low: likely, likely, high: likely },
    };
    expect(refused({ oils: { lavender } })).toBe(
      'oils.0.dropMl: cannot be one drop: a drop is 0.015 to 0.08 ml.',
    );
  });

  test('two materials with one id are refused', () => {
    expect(refused({ oils: { 'own-x': 1 }, materials: [own({}), own({})] })).toMatch(
      /^materials\.1\.id: is there twice/,
    );
  });

  test('a bottle that is past its date is past it in a file as well', () => {
    const past = { lot: 'A1', keepsUntil: '2026-01-01', because: 'printed', past: true };
    const bottled = (bottle: object) => ({
      oils: { 'tea-tree': { amount: { unit: 'drops', value: 2 }, bottle } },
    });
    expect(of(bottled(past))).toBe('over');
    expect(of(bottled({ ...past, past: false }))).toBe('within');
  });

  test('what is left of a batch is past its date with it', () => {
    const leftOver = (bestBefore: string) => ({
      oils: { 'own-x': 4 },
      materials: [
        readyMade({
          carriers: [{ id: 'jojoba', parts: 1 }],
          batch: { number: '2026-003', madeOn: '2026-01-01', bestBefore, lots: [] },
        }),
      ],
    });
    expect(of(leftOver('2026-11-30'))).toBe('caution');
    expect(of(leftOver('2027-06-01'))).toBe('within');
  });

  test('a figure that comes with a file allows no more than the library', () => {
    const figure = (oilId: string, what: string, value: number) => ({
      kind: 'figure',
      id: `own-${oilId}`,
      oilId,
      figure: what,
      value,
      source: 'a leaflet',
    });
    expect(
      said(
        { oils: { 'ylang-ylang': 2 }, materials: [figure('ylang-ylang', 'maximum', 5)] },
        'over',
      ),
    ).toContain('over its 0.8 % limit');
    expect(of({ oils: { bergamot: 4 }, materials: [figure('bergamot', 'light', 5)] })).toBe(
      'blocking',
    );
    // A stricter one counts.
    expect(
      said({ oils: { lavender: 4 }, materials: [figure('lavender', 'maximum', 1)] }, 'over'),
    ).toContain('2.1 times its 1 % limit');
  });
});

describe('kinds and places', () => {
  const scent = {
    ...readyMade({}),
    kind: 'fragrance',
    essentialPercent: undefined,
    parts: undefined,
    certificate: { face: 1, body: 3, rinseOff: 5 },
  };

  test.each(['lips', 'underarm'])('a fragrance oil on %s needs a figure of its own', (place) => {
    const given = { oils: { 'own-x': 1 }, brief: { place }, materials: [scent] };
    expect(of(given)).toBe('unknown');
    const known = { ...scent, certificate: { ...scent.certificate, [place]: 2 } };
    expect(of({ ...given, materials: [known] })).toBe('within');
  });

  test('oil in water floats, unless something takes it up', () => {
    const sprayed = (bases: Given['bases'] & object) =>
      said({ oils: { lavender: 4 }, brief: { place: 'body-leave-on' }, bases });
    expect(sprayed({ distilled_water: 1 })).toContain('Oil floats on water');
    expect(sprayed({ distilled_water: 8, polysorbate_20: 2 })).not.toContain('Oil floats');
    expect(sprayed({ distilled_water: 2, ethanol_perfumers: 8 })).not.toContain('Oil floats');
    expect(sprayed({ jojoba: 1 })).not.toContain('Oil floats');
  });

  test('a foot bath is a bath, and soap disperses', () => {
    const bath = (
      bases: Given['bases'] & object,
      brief: Readonly<Record<string, unknown>>,
      name = 'A blend',
    ) => of({ oils: { lavender: 3 }, brief, bases, more: { name, useMl: 9 } });
    const feet = { place: 'hands-or-feet' };
    expect(bath({ epsom_salt: 1 }, feet, 'Foot bath')).toBe('over');
    expect(bath({ epsom_salt: 1 }, feet, 'Foot cream')).toBe('within');
    expect(bath({ liquid_castile_soap: 1 }, { place: 'bath' })).toBe('within');
    expect(bath({ jojoba: 1 }, { place: 'bath' })).toBe('caution');
  });

  test('what a bath asks is asked of a foot bath', () => {
    const feet = (oil: string, ageMonths: number) => ({
      oils: { [oil]: 1 },
      wearer: { ageMonths },
      brief: { place: 'hands-or-feet' },
      bases: { distilled_water: 8, polysorbate_20: 2 },
      more: { name: 'Foot soak', useMl: 9 },
    });
    expect(of(feet('lavender', 20))).toBe('blocking');
    expect(said(feet('clove-bud', 420), 'over')).toContain('keep it out of the bath');
  });

  test.each(['wintergreen', 'peppermint', 'rosemary-camphor'])(
    '%s past four uses a day is a caution with the daily amount',
    (oil) => {
      const given = (timesPerDay: number) => ({
        oils: { [oil]: 1 },
        brief: { timesPerDay },
        more: { useMl: 0.5 },
      });
      expect(said(given(5), 'caution')).toMatch(/5 times a day: that is about [\d.]+ mg of/);
      expect(said(given(4), 'caution')).toBe('');
    },
  );

  test('a trace of camphor in lavender is no matter, however often', () => {
    expect(of({ oils: { lavender: 4 }, brief: { timesPerDay: 12 } })).toBe('within');
  });

  test('the daily amount, by hand', () => {
    // One drop of wintergreen: 0.05 ml at 1.18 g/ml, typically 98 % salicylate, in 9.5 ml. At 6 times
    // half a ml: 6 × 0.5 × 0.05 × 1.18 × 980 / 9.5 = 18 mg.
    expect(
      said({ oils: { wintergreen: 1 }, brief: { timesPerDay: 6 }, more: { useMl: 0.5 } }),
    ).toContain('about 18 mg of methyl salicylate a day');
  });
});

describe('names and purposes', () => {
  test.each(
    'Nipple Yoni Vulva Lubricant Pessary Thrush Eye Gum Mouth Teething Swallow Vape Nebuliser Sunburn Tattoo Cat Dog'.split(
      ' ',
    ),
  )('“%s” asks whether the place is right, until it is answered', (word) => {
    const given = { oils: little, more: { name: `${word} balm` } };
    expect(of(given)).toBe('caution');
    const asked = ['everything', `place: ${word.toLowerCase()}`];
    expect(of({ ...given, brief: { asked } })).toBe('within');
  });

  test.each([
    ['Baby balm', { ageMonths: 24 }],
    ['For my toddler', { ageMonths: 24 }],
    ['Kids’ sniffles', { ageMonths: 60 }],
    ['A child’s sleep', { ageMonths: 60 }],
    ['Bump butter', { pregnant: true, trimester: 2 }],
    ['Pregnancy oil', { pregnant: true, trimester: 3 }],
  ])('“%s” asks whether the wearer is right, where a grown-up is', (name, wearer) => {
    const given = { oils: { lavender: 1 }, brief: { place: 'body-leave-on' }, more: { name } };
    expect(said(given, 'caution')).toMatch(/Is it for (?:a child|someone pregnant)\?/);
    expect(said({ ...given, wearer: 'anyone' }, 'caution')).toMatch(/Is it for/);
    expect(said({ ...given, wearer })).not.toMatch(/Is it for/);
  });

  test.each(['Dogwood walk', 'Catnap', 'Earl’s beard', 'Hand cream', 'Wild garden'])(
    '“%s” asks nothing',
    (name) => {
      expect(of({ oils: little, more: { name } })).toBe('within');
    },
  );
});

describe('new caps and conditions', () => {
  test('perillaldehyde at most 0.1 %; what is prohibited 0.01 %', () => {
    const holding = (name: string, percentOfOil: number) =>
      said(
        {
          oils: { 'own-x': { amount: { unit: 'ml', value: 0.095 } } },
          materials: [
            own({
              contents: [
                [name, percentOfOil, percentOfOil, percentOfOil],
                ['linalool', 80, 85, 89],
              ],
            }),
          ],
        },
        'over',
      );
    // 0.095 ml in 9.5 ml is one percent of an oil of which so much is the constituent.
    expect(holding('perillaldehyde', 9)).toBe('');
    expect(holding('Perilla aldehyde', 11)).toContain('perillaldehyde');
    for (const name of ['beta-asarone', 'ascaridole', 'allyl isothiocyanate', 'costunolide']) {
      expect(holding(name, 0.5), name).toBe('');
      expect(holding(name, 2), name).toContain(name);
    }
  });

  test.each([
    ['febrile seizures', 'eucalyptus-globulus', 'blocking'],
    ['kidney disease', 'wintergreen', 'blocking'],
    ['kidney failure', 'wintergreen', 'blocking'],
    ['drugs that make skin sensitive to light', 'lemon', 'caution'],
    ['doxycycline', 'lemon', 'caution'],
    ['medicine patch', 'lavender', 'caution'],
    ['rosacea', 'clove-bud', 'caution'],
    ['hormone-sensitive cancer', 'fennel-sweet', 'blocking'],
    ['favism', 'peppermint', 'blocking'],
    ['haemophilia', 'wintergreen', 'blocking'],
    ['WARFARIN', 'wintergreen', 'blocking'],
  ])('%s is read, and %s is minded', (condition, oil, expected) => {
    const wearer = {
      conditions: [condition],
      ...(condition.startsWith('febrile') ? { ageMonths: 100 } : {}),
    };
    const amount = { amount: { unit: 'ml', value: 0.004 } };
    expect(of({ oils: { [oil]: amount }, wearer })).toBe(expected);
  });

  test('what no rule reads can’t be checked', () => {
    expect(of({ oils: little, wearer: { conditions: ['Grumbling knee'] } })).toBe('unknown');
  });
});

describe('what did not apply is not said to be fine', () => {
  const within = (rule: string, given: Given): string =>
    reportOf(given).findings.find((entry) => entry.rule === rule)?.message ?? '';

  test('nobody is pregnant, no condition, no allergy was given, and an adult is no child', () => {
    const fennel = { oils: { 'fennel-sweet': 1 } };
    expect(within('life-stage', fennel)).toMatch(/^Not pregnant and not breastfeeding/);
    expect(within('condition', fennel)).toBe(
      'No condition or medicine was given, so none was checked.',
    );
    expect(within('allergy', fennel)).toBe('No allergy was given, so none was checked.');
    expect(within('age', fennel)).toMatch(/don’t apply to an adult/);
    expect(within('age', { oils: little, wearer: { ageMonths: 100 } })).toBe(
      'Nothing in it is restricted at this age.',
    );
    expect(within('life-stage', { oils: little, wearer: { pregnant: true, trimester: 2 } })).toBe(
      'Nothing in it is restricted in pregnancy or while breastfeeding.',
    );
  });
});

test('an oil that was left out leaves no trace', () => {
  // One drop of clove is already past its half percent in 5 ml.
  const parts = (value: number) => ({ amount: { unit: 'parts', value } });
  const report = reportOf({
    oils: { lavender: parts(20), 'clove-bud': parts(1) },
    more: { target: { percent: 2 }, containers: [{ container: { id: 'roll-on-5' }, count: 1 }] },
  });
  expect(report.findings.filter(({ subject }) => subject === 'clove-bud')).toEqual([]);
});

/** Jojoba, a roll-on and a healthy adult unless something else is said. */
const everyday: readonly (readonly [string, Given])[] = [
  ['lavender at 2 %', { oils: { lavender: 4 } }],
  ['lavender and frankincense', { oils: { lavender: 3, frankincense: 2 } }],
  ['a gift at 1 %', { oils: { lavender: percent(1) }, wearer: 'anyone' }],
  [
    'one percent on a child of five',
    {
      oils: { lavender: percent(1) },
      wearer: { ageMonths: 60 },
      brief: { place: 'body-leave-on' },
    },
  ],
  ['a drop for a child of eight', { oils: { lavender: 1 }, wearer: { ageMonths: 96 } }],
  ['tea tree on a spot', { oils: { 'tea-tree': 4 }, brief: { place: 'local-short-term' } }],
  [
    'a face oil at half a percent',
    { oils: { 'rose-otto': percent(0.5) }, brief: { place: 'face' } },
  ],
  ['a beard oil', { oils: { 'cedarwood-atlas': 2 }, brief: { place: 'beard' } }],
  [
    'perfume at 12 %',
    { oils: { patchouli: 10, lavender: 8 }, brief: { place: 'perfume-small-area' } },
  ],
  [
    'a fingertip of perfume on the 65th birthday',
    {
      oils: { lavender: percent(5) },
      wearer: { ageMonths: 780 },
      brief: { place: 'perfume-small-area' },
    },
  ],
  ['massage at 2.5 %', { oils: { lavender: percent(2.5) }, brief: { place: 'body-massage' } }],
  [
    'high blood pressure',
    { oils: { lavender: 3 }, wearer: { conditions: ['high blood pressure'] } },
  ],
  [
    'diabetes and a thyroid condition',
    { oils: { lavender: 3 }, wearer: { conditions: ['diabetes', 'thyroid'] } },
  ],
  ['sertraline', { oils: { lavender: 3 }, wearer: { conditions: ['sertraline'] } }],
  [
    'clove at 0.3 % on warfarin',
    { oils: { 'clove-bud': percent(0.3) }, wearer: { conditions: ['warfarin'] } },
  ],
  [
    'refined sunflower and a daisy allergy',
    {
      oils: { lavender: 2 },
      wearer: { allergies: ['daisy family'] },
      bases: { sunflower_high_oleic: 1 },
    },
  ],
  [
    'shea and a nut allergy',
    {
      oils: { lavender: 2 },
      wearer: { allergies: ['tree nut'] },
      bases: { shea_butter: 1, jojoba: 4 },
    },
  ],
  [
    'soap in a bath',
    {
      oils: { lavender: 3 },
      brief: { place: 'bath' },
      bases: { liquid_castile_soap: 1 },
      more: { useMl: 9 },
    },
  ],
  ['steam-distilled lemon in the sun', { oils: { 'lemon-distilled': 3 } }],
  [
    'lavender while breastfeeding',
    {
      oils: { lavender: percent(1) },
      wearer: { breastfeeding: true },
      brief: { place: 'hands-or-feet' },
    },
  ],
];

const harmful: readonly (readonly [string, Given])[] = [
  [
    'eucalyptus on the face of a child',
    { oils: { 'eucalyptus-globulus': 1 }, wearer: child, brief: { place: 'face' } },
  ],
  ['a drop for a newborn', { oils: { lavender: 1 }, wearer: { ageMonths: 1 } }],
  ['wintergreen for a girl of ten', { oils: { wintergreen: 1 }, wearer: { ageMonths: 120 } }],
  ['wintergreen on warfarin', { oils: { wintergreen: 1 }, wearer: { conditions: ['warfarin'] } }],
  [
    'sage in pregnancy',
    { oils: { 'sage-dalmatian': 1 }, wearer: { pregnant: true, trimester: 2 } },
  ],
  [
    'peppermint with G6PD deficiency',
    { oils: { peppermint: 1 }, wearer: { conditions: ['G6PD'] } },
  ],
  [
    'rosemary, camphor type, with epilepsy',
    { oils: { 'rosemary-camphor': 1 }, wearer: { conditions: ['epilepsy'] } },
  ],
  ['bergamot in the sun', { oils: { bergamot: 3 } }],
  ['cinnamon bark at 1 %', { oils: { 'cinnamon-bark': percent(1) } }],
  ['a quarter of neat oil', { oils: { lavender: percent(25) } }],
  ['melissa at 3 %', { oils: { melissa: percent(3) } }],
  [
    'oil on bath salt',
    { oils: { lavender: 4 }, brief: { place: 'bath' }, bases: { epsom_salt: 1 } },
  ],
  ['lemon on lips', { oils: { lemon: 1 }, brief: { place: 'lips' } }],
  ['lavender on nipples', { oils: { lavender: 1 }, brief: { place: 'nipple' } }],
  ['rue', { oils: { rue: 1 } }],
  [
    'chamomile and a daisy allergy',
    { oils: { 'chamomile-german': 1 }, wearer: { allergies: ['daisy family'] } },
  ],
  [
    'peanut oil and a peanut allergy',
    { oils: little, wearer: { allergies: ['peanut'] }, bases: { peanut_oil: 1 } },
  ],
  [
    'an alcohol base on a baby',
    {
      oils: { lavender: percent(0.2) },
      wearer: { ageMonths: 12 },
      bases: { ethanol_perfumers: 1 },
    },
  ],
  [
    'fennel and endometriosis',
    { oils: { 'fennel-sweet': 1 }, wearer: { conditions: ['endometriosis'] } },
  ],
  ['body oil at 4.5 %', { oils: { lavender: percent(4.5) }, brief: { place: 'body-leave-on' } }],
];

test('there are twenty of each', () => {
  expect([everyday.length, harmful.length]).toEqual([20, 20]);
});

test.each(everyday)(
  '%s is within limits, and nothing is said of its strength or wearer',
  (_, given) => {
    expect(of(given)).toBe('within');
    expect(said(given, 'caution')).toBe('');
  },
);

test.each(harmful)('%s must not be used', (_, given) => {
  expect(['over', 'blocking']).toContain(of(given));
});
