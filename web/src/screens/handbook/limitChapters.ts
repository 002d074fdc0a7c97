import {
  ageWords,
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
  schoolDropPercent,
} from '@jubbet/core';
import { list, readable, table, text, type Chapter } from './chapter';

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

export const dilution = (): Chapter => {
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

export const drops = (measured: readonly (readonly string[])[]): Chapter => ({
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
          ...dropFigures.schools.map(({ perMl }) =>
            formatPercent(schoolDropPercent(perMl, vessel)),
          ),
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

export const usable = (): readonly Oil[] => [...oils].sort((a, b) => a.name.localeCompare(b.name));

const maximumWords = ({ dermalMaximum: max }: Oil): string =>
  max.percent === null
    ? max.status
    : `${formatPercent(max.percent)}${max.status === 'assumed' ? ', assumed' : ''}`;

export const oilLimits = (): Chapter => ({
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

export const light = (): Chapter => {
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

export const pregnancy = (): Chapter => {
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

export const children = (): Chapter => ({
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

export const conditions = (): Chapter => ({
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

export const constituents = (): Chapter => ({
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
