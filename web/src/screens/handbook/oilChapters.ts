import {
  allergyFamilyIds,
  conditionIds,
  conditionOf,
  constituentLimits,
  guidelines,
  provenance,
  type Catalog,
  type Oil,
} from '@jubbet/core/catalog';
import { byName } from '@jubbet/core/quantity';
import {
  ageWords,
  capitalised,
  formatList,
  formatPercent,
  maximumWords,
  sourceWords,
} from '@jubbet/core/words';
import { list, table, text, type Chapter } from './chapter';
import { ages } from './limitChapters';

/** All oils of the house, by name. */
export const byOilName = ({ oils }: Catalog): readonly Oil[] =>
  [...oils].sort((a, b) => byName(a.name, b.name));

export const oilLimits = (catalog: Catalog): Chapter => ({
  id: 'oils',
  title: 'Each oil and its maximum',
  blocks: [
    text(
      'Percent of the finished product left on skin. “No published maximum” means that the text covers the oil and sets none; “not known” means that there is no figure here, and the oil can’t be checked.',
    ),
    table(
      'Dermal maxima',
      ['Oil', 'At most', 'Why', 'Confidence'],
      byOilName(catalog)
        .filter((oil) => !oil.keepOffSkin && oil.notForHomeBlending === null)
        .map((oil) => [
          oil.name,
          maximumWords(oil.dermalMaximum),
          oil.dermalMaximum.basis ?? '',
          oil.dermalMaximum.confidence,
        ]),
    ),
    table(
      'Not used at all',
      ['Oil', 'Why'],
      byOilName(catalog)
        .filter((oil) => oil.keepOffSkin || oil.notForHomeBlending !== null)
        .map((oil) => [oil.name, oil.notForHomeBlending ?? 'never on skin']),
    ),
  ],
});

export const light = (catalog: Catalog): Chapter => {
  const { phototoxic: sun } = guidelines;
  return {
    id: 'light',
    title: 'Phototoxic oils',
    blocks: [
      text(
        'They make skin burn in the sun. Each has a phototoxic limit. In a blend, the share that each oil uses of its limit is added up, and the total must not be more than 100 % on skin that may see the sun.',
      ),
      table(
        'Phototoxic limits',
        ['Oil', 'At most, in sun'],
        byOilName(catalog)
          .filter(({ phototoxicLimitPercent }) => phototoxicLimitPercent !== null)
          .map((oil) => [oil.name, formatPercent(oil.phototoxicLimitPercent ?? 0)]),
      ),
      table(
        'How long to stay out of the sun, and who says so',
        ['Hours', 'Source'],
        sun.hoursOutOfSun.views.map(({ hours, who }) => [String(hours), sourceWords(who)]),
      ),
      text(`Jubbet uses ${sun.hoursOutOfSun.used} hours, on every label.`),
      list(sun.facts.map((fact) => `${capitalised(fact)}.`)),
    ],
  };
};

export const pregnancy = (catalog: Catalog): Chapter => {
  const rows = (what: 'avoid' | 'caution') =>
    byOilName(catalog)
      .filter((oil) => oil.pregnancy === what || oil.breastfeeding === what)
      .map((oil) => [oil.name, oil.pregnancy, oil.breastfeeding]);
  return {
    id: 'pregnancy',
    title: 'Pregnancy and breastfeeding',
    blocks: [
      table(
        'Oils to avoid or use with care',
        ['Oil', 'Pregnancy', 'Breastfeeding'],
        [
          ...rows('avoid'),
          ...rows('caution').filter(([name]) => !rows('avoid').some(([other]) => other === name)),
        ],
      ),
      text('Ask a midwife or doctor first. Nothing on the breast while breastfeeding.'),
    ],
  };
};

export const children = (catalog: Catalog): Chapter => ({
  id: 'children',
  title: 'Children, by age',
  blocks: [
    text(`No essential oil at all ${ages(0, guidelines.age[0]?.toMonths ?? 0)}.`),
    table(
      'Oils not for children',
      ['Oil', 'Under', 'Where', 'Why'],
      byOilName(catalog).flatMap((oil) =>
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

export const conditions = (catalog: Catalog): Chapter => ({
  id: 'conditions',
  title: 'Conditions, medicines, allergies',
  blocks: [
    table(
      'Conditions that Jubbet reads',
      ['Condition or medicine', 'Avoid', 'Take care'],
      conditionIds.map((id) => {
        const { why, maximumPercent } = conditionOf(id);
        const named = (what: 'avoid' | 'caution') =>
          catalog.oils
            .filter((oil) =>
              oil.conditions.some(
                (condition) => condition.condition === id && condition.what === what,
              ),
            )
            .map(({ name }) => name);
        const general = [
          ...(why ? [why] : []),
          ...(maximumPercent === undefined ? [] : [`at most ${formatPercent(maximumPercent)}`]),
        ];
        return [id, formatList(named('avoid')), formatList([...named('caution'), ...general])];
      }),
    ),
    text(
      `Allergies that Jubbet reads: ${formatList(allergyFamilyIds)}, and any single material.`,
      'Free text isn’t checked.',
    ),
  ],
});

export const constituents = (catalog: Catalog): Chapter => ({
  id: 'constituents',
  title: 'Constituents and why',
  blocks: [
    text(
      'Some constituents are found in many oils. Jubbet adds up what all the oils in a blend bring: two oils within their own limits can be over a combined one.',
    ),
    table(
      'Combined limits, percent of the finished product',
      ['Constituent', 'At most', 'Why', 'Oils rich in it', 'Confidence'],
      constituentLimits.map((limit) => [
        limit.id,
        formatPercent(limit.percent),
        limit.why,
        formatList(richIn(catalog, limit.members)),
        limit.confidence,
      ]),
    ),
    text(provenance.chemistry),
  ],
});

const richIn = ({ oils }: Catalog, members: readonly string[]): string[] =>
  oils
    .map((oil) => ({
      name: oil.name,
      typical: (oil.counted?.constituents ?? [])
        .filter(([name]) => members.includes(name))
        .reduce((total, [, , typical]) => total + typical, 0),
    }))
    .filter(({ typical }) => typical >= 1)
    .sort((a, b) => b.typical - a.typical)
    .slice(0, 5)
    .map(({ name }) => name);
