import {
  ageWords,
  baseFacts,
  bases,
  capitalised,
  constituentLimits,
  dropFigures,
  fillMl,
  formatList,
  formatMl,
  formatNumber,
  formatPercent,
  guidelines,
  handbook,
  oils,
  placeWords,
  provenance,
  sourceWords,
  usualVessels,
  vesselWords,
  type Oil,
} from '@jubbet/core';

/** A table with its heading; cells are text, the first of each row names it. */
export interface Table {
  readonly kind: 'table';
  readonly caption: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** Paragraphs, or points of a list. */
export interface Lines {
  readonly kind: 'text' | 'list';
  readonly lines: readonly string[];
}

export interface Chapter {
  readonly id: string;
  readonly title: string;
  readonly blocks: readonly (Table | Lines)[];
}

const text = (...lines: string[]): Lines => ({ kind: 'text', lines });
const list = (lines: readonly string[]): Lines => ({ kind: 'list', lines });
const table = (
  caption: string,
  head: readonly string[],
  rows: readonly (readonly string[])[],
): Table => ({ kind: 'table', caption, head, rows });

const upTo = (figure: { recommended: number; maximum: number }): string =>
  figure.maximum === 0
    ? 'none'
    : `${figure.recommended === 0 ? 'none' : formatPercent(figure.recommended)}, at most ${formatPercent(figure.maximum)}`;

const ages = (fromMonths: number, toMonths: number | null): string =>
  toMonths === null
    ? `from ${ageWords(fromMonths)}`
    : fromMonths === 0
      ? `under ${ageWords(toMonths)}`
      : `${ageWords(fromMonths)} to under ${ageWords(toMonths)}`;

const degrees = (range: readonly [number, number] | null): string =>
  range === null ? 'not known' : `${range[0]} to ${range[1]} °C`;

const readable = (id: string): string => capitalised(id.replace(/[-_]/g, ' '));

const dilution = (): Chapter => {
  const { strongHabit: strong } = handbook;
  return {
    id: 'dilution',
    title: 'How strong: dilution',
    blocks: [
      text(
        'Percent of essential oil in the finished product, recommended and at most. Of all rows that apply, the lowest counts, and one oil may have a lower limit of its own.',
        ...guidelines.schools
          .filter(({ usableAsLimit }) => usableAsLimit)
          .map(({ name, why }) => `${name}: ${why}.`),
      ),
      table(
        'By age',
        ['Age', 'Clinical', 'Cautious', 'Source', 'Sure'],
        guidelines.age.map((row) => [
          ages(row.fromMonths, row.toMonths),
          upTo(row.clinical),
          upTo(row.cautious),
          sourceWords(row.source),
          row.confidence,
        ]),
      ),
      table(
        'By place',
        ['Place', 'Recommended, at most', 'Source', 'Sure'],
        guidelines.place.map((row) => [
          capitalised(placeWords[row.id]),
          upTo(row),
          sourceWords(row.source),
          row.confidence,
        ]),
      ),
      table(
        'By stage',
        ['Stage', 'Recommended, at most', 'Source', 'Sure'],
        guidelines.stage.flatMap((row) => [
          [readable(row.id), upTo(row), sourceWords(row.source), row.confidence],
          ...(row.firstTrimester
            ? [
                [
                  `${readable(row.id)}, first trimester`,
                  upTo(row.firstTrimester),
                  sourceWords(row.source),
                  row.confidence,
                ],
              ]
            : []),
        ]),
      ),
      text(
        `The strong habit of some communities comes to ${formatPercent(strong.adult)} for adults, ${formatPercent(strong.teenOrChild)} for teens and children, ${formatPercent(strong.toddler)} for toddlers and ${strong.baby[0]} to ${formatPercent(strong.baby[1])} for babies. Jubbet reads and translates it and never uses it as a limit: it breaks the maxima of most oils that have one.`,
        `In a ${vesselWords({ kind: 'roll-on', nominalMl: 10 })} that is ${formatMl((strong.adult / 100) * 10)} of neat oil.`,
      ),
    ],
  };
};

const drops = (measured: readonly (readonly string[])[]): Chapter => ({
  id: 'drops',
  title: 'Drops and ml',
  blocks: [
    text(
      'A drop is not one number. What a bottle gives depends on its insert, on the oil, and on the warmth of the room.',
      `${dropFigures.advice}.`,
    ),
    table(
      'Drops in a ml, by school',
      ['School', 'Drops in 1 ml', 'One drop', 'Source'],
      dropFigures.schools.map(({ id, perMl, source }) => [
        capitalised(id),
        formatNumber(perMl),
        formatMl(1 / perMl),
        source,
      ]),
    ),
    table(
      'What one drop comes to in a vessel',
      ['Vessel', 'Takes', ...dropFigures.schools.map(({ id }) => capitalised(id))],
      usualVessels
        .filter(({ nominalMl }) => nominalMl >= 5)
        .map((vessel) => [
          capitalised(vesselWords(vessel)),
          formatMl(fillMl(vessel), 3),
          ...dropFigures.schools.map(({ perMl }) => formatPercent(100 / perMl / fillMl(vessel))),
        ]),
    ),
    table(
      'What is met in practice, by thickness',
      ['Oil', 'Least', 'Most'],
      Object.entries(dropFigures.unmeasuredRangeMl).map(([thickness, [least, most]]) => [
        capitalised(thickness),
        formatMl(least),
        formatMl(most),
      ]),
    ),
    ...(measured.length > 0
      ? [table('Your own bottles, as you weighed them', ['Oil', 'Lot', 'One drop'], measured)]
      : []),
  ],
});

const usable = (): readonly Oil[] => [...oils].sort((a, b) => a.name.localeCompare(b.name));

const maximumWords = ({ dermalMaximum: max }: Oil): string =>
  max.percent === null
    ? max.status
    : `${formatPercent(max.percent)}${max.status === 'assumed' ? ', assumed' : ''}`;

const oilLimits = (): Chapter => ({
  id: 'oils',
  title: 'Each oil and its maximum',
  blocks: [
    text(
      'Percent of the finished product that stays on skin. “None stated” means that the text has the oil and sets none; “not known” means that no figure is held here, and the oil cannot be cleared.',
    ),
    table(
      'Dermal maxima',
      ['Oil', 'At most', 'Why', 'Sure'],
      usable()
        .filter((oil) => !oil.keepOffSkin && oil.notForHomeBlending === null)
        .map((oil) => [
          oil.name,
          maximumWords(oil),
          oil.dermalMaximum.basis ?? '',
          oil.dermalMaximum.confidence,
        ]),
    ),
    table(
      'Kept out altogether',
      ['Oil', 'Why'],
      usable()
        .filter((oil) => oil.keepOffSkin || oil.notForHomeBlending !== null)
        .map((oil) => [oil.name, oil.notForHomeBlending ?? 'never on skin']),
    ),
  ],
});

const light = (): Chapter => {
  const { lightSensitising: sun } = guidelines;
  return {
    id: 'light',
    title: 'Light-sensitising oils',
    blocks: [
      text(
        'Each has a light limit. In a blend their shares of it are added up, and together they must not pass the whole, on skin that stays on and may see sun.',
      ),
      table(
        'Light limits',
        ['Oil', 'At most, in sun'],
        usable()
          .filter(({ phototoxicLimitPercent }) => phototoxicLimitPercent !== null)
          .map((oil) => [oil.name, formatPercent(oil.phototoxicLimitPercent ?? 0)]),
      ),
      table(
        'How long out of the sun, and who says so',
        ['Hours', 'Who'],
        sun.hoursOutOfSun.schools.map(({ hours, who }) => [String(hours), sourceWords(who)]),
      ),
      text(`Jubbet says ${sun.hoursOutOfSun.used} hours, on every label.`),
      list(sun.facts.map((fact) => `${capitalised(fact)}.`)),
    ],
  };
};

const pregnancy = (): Chapter => {
  const rows = (what: 'avoid' | 'caution') =>
    usable()
      .filter((oil) => oil.pregnancy === what || oil.nursing === what)
      .map((oil) => [oil.name, oil.pregnancy, oil.nursing]);
  return {
    id: 'pregnancy',
    title: 'Pregnancy and nursing',
    blocks: [
      table(
        'Oils to avoid or to be careful with',
        ['Oil', 'Pregnancy', 'Nursing'],
        [
          ...rows('avoid'),
          ...rows('caution').filter(([name]) => !rows('avoid').some(([other]) => other === name)),
        ],
      ),
      text('Ask a midwife or doctor first. Nothing on the breast while nursing.'),
    ],
  };
};

const children = (): Chapter => ({
  id: 'children',
  title: 'Children, by age',
  blocks: [
    text(`No essential oil at all ${ages(0, guidelines.age[0]?.toMonths ?? 0)}.`),
    table(
      'Oils kept from children',
      ['Oil', 'Under', 'Where', 'Why'],
      usable().flatMap((oil) =>
        oil.age.map(({ belowMonths, what, why }) => [
          oil.name,
          ageWords(belowMonths),
          what === 'avoid' ? 'anywhere' : 'on or near the face',
          why,
        ]),
      ),
    ),
  ],
});

const conditions = (): Chapter => ({
  id: 'conditions',
  title: 'Conditions, medicines, allergies',
  blocks: [
    table(
      'Conditions that Jubbet reads',
      ['Condition or medicine', 'Avoid', 'Take care'],
      guidelines.conditions.map(({ id, why, maximum }) => {
        const named = (what: 'avoid' | 'caution') =>
          oils
            .filter((oil) =>
              oil.conditions.some((one) => one.condition === id && one.what === what),
            )
            .map(({ name }) => name);
        const general = [
          ...(why ? [why] : []),
          ...(maximum === undefined ? [] : [`at most ${formatPercent(maximum)}`]),
        ];
        return [id, formatList(named('avoid')), formatList([...named('caution'), ...general])];
      }),
    ),
    text(
      `Allergies that Jubbet reads: ${formatList(guidelines.allergyFamilies)}, and any single material.`,
      'What stands in your own words no rule reads.',
    ),
  ],
});

const constituents = (): Chapter => ({
  id: 'constituents',
  title: 'Constituents and why',
  blocks: [
    text(
      'Some substances occur in many oils. What all oils of a blend bring of one is added up: two oils within their own limits can break a shared one.',
    ),
    table(
      'Shared caps, percent of the finished product',
      ['Constituent', 'At most', 'Why', 'Rich in it', 'Sure'],
      constituentLimits.map((limit) => [
        limit.id,
        formatPercent(limit.percent),
        limit.why,
        formatList(richIn(limit.members)),
        limit.confidence,
      ]),
    ),
    text(provenance.chemistry),
  ],
});

const richIn = (members: readonly string[]): string[] =>
  oils
    .map((oil) => ({
      name: oil.name,
      typical: (oil.capped?.constituents ?? [])
        .filter(([name]) => members.includes(name))
        .reduce((total, [, , typical]) => total + typical, 0),
    }))
    .filter(({ typical }) => typical >= 1)
    .sort((a, b) => b.typical - a.typical)
    .slice(0, 5)
    .map(({ name }) => name);

const carriers = (): Chapter => ({
  id: 'carriers',
  title: 'Carriers and other bases compared',
  blocks: [
    table(
      'Bases',
      ['Base', 'Kind', 'Sinks in', 'Feel', 'Melts', 'Keeps', 'Suits'],
      bases.map((base) => {
        const facts = baseFacts(base.id);
        return [
          base.name,
          base.kind,
          facts?.absorption ?? 'not known',
          facts?.feel ?? 'not known',
          degrees(base.meltRangeC),
          `${base.shelfMonths} months`,
          formatList(facts?.skin ?? []),
        ];
      }),
    ),
  ],
});

const texture = (): Chapter => {
  const { texture: wax } = handbook;
  return {
    id: 'texture',
    title: 'Wax and texture',
    blocks: [
      text(wax.note),
      table(
        'Beeswax in liquid oil, by weight',
        ['Wax', 'Texture', 'Sets at', 'Good for'],
        wax.bands.map((band) => [
          `${band.waxPercent[0]} to ${formatPercent(band.waxPercent[1])}`,
          `${band.texture}: ${band.words}`,
          degrees(band.setPointC),
          band.use,
        ]),
      ),
      table(
        'In place of 1 g of beeswax',
        ['Wax', 'Take', 'Met', 'Feel', 'Sure'],
        wax.waxEquivalents.map((one) => [
          readable(one.wax),
          `${one.gramsForOneGramBeeswax} g`,
          `${one.range[0]} to ${one.range[1]} g`,
          one.feel,
          one.confidence,
        ]),
      ),
      table(
        'Butters',
        ['Butter', 'What it does'],
        wax.butters.map(({ butter, effect }) => [capitalised(butter), effect]),
      ),
      table(
        'How long it sets',
        ['Vessel', 'At 20 to 22 °C', 'In the fridge', 'Sure'],
        wax.settingTimes.map((one) => [
          capitalised(one.vessel),
          one.room,
          one.fridge,
          one.confidence,
        ]),
      ),
      list(wax.settingTips),
      table(
        'What goes wrong',
        ['Sign', 'Cause', 'Remedy', 'Sure'],
        wax.faults.map((one) => [capitalised(one.sign), one.cause, one.remedy, one.confidence]),
      ),
      text(wax.climate),
    ],
  };
};

const patchTest = (): Chapter => {
  const { patchTest: patch } = handbook;
  return {
    id: 'patch-test',
    title: 'Patch test',
    blocks: [
      text(
        `${capitalised(patch.used.how)}. Looked at after ${formatList(patch.used.readAt.map((hours) => `${hours} hours`))}.`,
      ),
      table(
        'What is seen, and what it means',
        ['Seen', 'Means'],
        patch.reading.map(({ sign, means }) => [capitalised(sign), means]),
      ),
      text(
        `Never with ${formatList(patch.never)}.`,
        `Other schools: ${formatList(patch.otherSchools)}.`,
      ),
    ],
  };
};

const storage = (): Chapter => ({
  id: 'storage',
  title: 'Keeping oils',
  blocks: [
    text(
      'Cool, dark, full and closed. Oxidised limonene, linalool and pinene sensitise skin: an old citrus or tea tree is for the mop bucket.',
    ),
    table(
      'How long an oil keeps once opened',
      ['Oil', 'Years', 'Oxidises'],
      usable().map((oil) => [oil.name, formatNumber(oil.shelfYears), oil.oxidation]),
    ),
  ],
});

const labelLaw = (): Chapter => {
  const { labelLaw: law } = handbook;
  return {
    id: 'label-law',
    title: 'Label law in short',
    blocks: [
      text(
        `As recalled in ${handbook.asOf}. It does not stand in for advice; your authority comes first.`,
      ),
      table(
        'European Union, for goods on the market',
        ['What', 'Where', 'Sure'],
        law.eu.map((one) => [one.text, one.where, one.confidence]),
      ),
      text('Before anything is sold in the EU:'),
      list(law.euBeforeSale),
      text(law.handmade, law.uk, law.allergens),
      table(
        'United States',
        ['What', 'Sure'],
        law.us.map((one) => [one.text, one.confidence]),
      ),
      text(law.usAct, law.usLine, law.durability, law.gift),
      text(`Words that make a medicine of it: ${formatList(law.claims)}.`),
    ],
  };
};

const disagree = (): Chapter => ({
  id: 'disagree',
  title: 'Where makers disagree, and what Jubbet does',
  blocks: [
    table(
      'Questions',
      ['Question', 'Schools', 'Jubbet'],
      [
        [
          'Drops in a ml',
          formatList(dropFigures.schools.map(({ perMl }) => String(perMl))),
          `${dropFigures.schools.find((school) => school.default)?.perMl ?? ''} unless set otherwise, since that seldom understates strength; a measured drop of your own bottle beats any school`,
        ],
        [
          'How strong',
          formatList(guidelines.schools.map(({ name }) => name.toLowerCase())),
          'clinical or cautious, as you choose; the strong habit is shown and never used',
        ],
        [
          'Sun after light-sensitising oils',
          formatList(
            guidelines.lightSensitising.hoursOutOfSun.schools.map(({ hours }) => `${hours} hours`),
          ),
          `${guidelines.lightSensitising.hoursOutOfSun.used} hours on every label`,
        ],
        [
          'Patch test',
          formatList(handbook.patchTest.otherSchools),
          `${handbook.patchTest.used.hours} hours, looked at after ${formatList(handbook.patchTest.used.readAt.map(String))}`,
        ],
        [
          'When oils go into a melt',
          'at once; after some minutes; after an hour',
          'by temperature: as cool as it still pours',
        ],
        [
          'Oils or carrier first',
          'either',
          'oils first in small vessels, carrier first in a weighed melt',
        ],
      ],
    ),
  ],
});

/**
 * All chapters, with every number from the library.
 *
 * @param measured rows of the maker's own measured drops: oil, lot, drop
 */
export const chapters = (measured: readonly (readonly string[])[]): readonly Chapter[] => [
  dilution(),
  drops(measured),
  oilLimits(),
  light(),
  pregnancy(),
  children(),
  conditions(),
  constituents(),
  carriers(),
  texture(),
  patchTest(),
  {
    id: 'bath',
    title: 'Bath',
    blocks: [list(handbook.bath.map((line) => `${capitalised(line)}.`))],
  },
  {
    id: 'heat',
    title: 'Heat and fire',
    blocks: [
      list(handbook.heat.map((line) => `${capitalised(line)}.`)),
      list(handbook.texture.waterBath),
      table(
        'Flash points',
        ['Oil', 'Flash point', 'Sure'],
        handbook.flashPoints.map(({ id, rangeC: [from, to], confidence }) => [
          oils.find((oil) => oil.id === id)?.name ?? id,
          to === null ? `above ${from} °C` : `${from} to ${to} °C`,
          confidence,
        ]),
      ),
    ],
  },
  storage(),
  {
    id: 'pets',
    title: 'Pets',
    blocks: [list(handbook.pets.map((line) => `${capitalised(line)}.`))],
  },
  labelLaw(),
  disagree(),
  {
    id: 'sources',
    title: 'Where the figures come from',
    blocks: [text(provenance.oils, provenance.bases, provenance.chemistry, handbook.provenance)],
  },
];

const holds = (line: string, words: readonly string[]): boolean =>
  words.every((word) => line.toLowerCase().includes(word));

/** Of each chapter what holds all words; a chapter whose title does is kept whole. */
export const searchChapters = (all: readonly Chapter[], query: string): readonly Chapter[] => {
  const words = query.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return all;
  return all.flatMap((chapter): Chapter[] => {
    if (holds(chapter.title, words)) return [chapter];
    const blocks = chapter.blocks.flatMap((block): (Table | Lines)[] => {
      if (block.kind === 'table') {
        if (holds(block.caption, words)) return [block];
        const rows = block.rows.filter((row) => holds(row.join(' '), words));
        return rows.length > 0 ? [{ ...block, rows }] : [];
      }
      const lines = block.lines.filter((line) => holds(line, words));
      return lines.length > 0 ? [{ ...block, lines }] : [];
    });
    return blocks.length > 0 ? [{ ...chapter, blocks }] : [];
  });
};
