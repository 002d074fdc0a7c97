import {
  askedAboutAllergy,
  askedAboutCondition,
  askedAboutEverything,
  askedAboutStage,
  type Wearer,
} from '../brief';
import {
  conditionIds,
  conditionOf,
  damagedSkin,
  isAllergyFamily,
  mayBePregnantMonths,
  type ConditionId,
} from '../catalog';
import { allergiesOf, allergySays } from './allergies';
import { conditionsOf } from './conditions';
import { knownWearer, type Question } from './question';
import { againstConditions } from './rules/condition';
import { cautionsOfStages } from './rules/lifeStage';
import { unique } from '../quantity';

/** Each once, in the order of the alphabet: the order of the oils changes no question. */
const sortedUnique = (list: readonly string[]): string[] => unique(list).sort();

/** Something that matters for what is in a blend, and that no one has asked of the wearer. */
export interface OpenQuestion {
  readonly about: 'stage' | 'condition' | 'allergy';
  /** Ids of conditions or allergies that are asked about together. */
  readonly what: readonly string[];
  /** Ids of the materials for which it is asked. */
  readonly because: readonly string[];
  /** What is written down once the answer is no. */
  readonly asked: readonly string[];
}

/** Ages in months: from one, and below another where there is one. */
interface Ages {
  readonly from: number;
  readonly below: number | null;
}

const within = (ageMonths: number, { from, below }: Ages): boolean =>
  ageMonths >= from && (below === null || ageMonths < below);

const anyAge: Ages = { from: 0, below: null };

/** Where nothing in it says otherwise, skin is asked of everyone. */
const everybodyIsAsked: ReadonlySet<ConditionId> = new Set([damagedSkin]);

const aboutStage = (question: Question, { ageMonths, pregnant, breastfeeding }: Wearer) => {
  // No one with a beard to oil is asked.
  if (question.brief.place === 'beard') return [];
  if (pregnant || breastfeeding || !within(ageMonths, mayBePregnantMonths)) return [];
  const because = question.mixture.oils
    .map(({ oil }) => oil)
    .filter((oil) =>
      cautionsOfStages(oil, question.brief.place).some(({ what }) => what === 'avoid'),
    )
    .map(({ id }) => id)
    .sort();
  return because.length === 0
    ? []
    : [{ about: 'stage' as const, what: ['stage'], because, asked: [askedAboutStage] }];
};

const aboutConditions = (question: Question, wearer: Wearer): OpenQuestion[] => {
  const has = conditionsOf(wearer, question.brief.place);
  const relevant = againstConditions(question).filter(
    ({ condition }) =>
      !has.has(condition) &&
      !everybodyIsAsked.has(condition) &&
      within(wearer.ageMonths, conditionOf(condition).askedAtMonths ?? anyAge),
  );
  const open = conditionIds.filter((id) => relevant.some(({ condition }) => condition === id));
  const groups = new Map<string, ConditionId[]>();
  for (const id of open) {
    const group = conditionOf(id).askedWith ?? id;
    groups.set(group, [...(groups.get(group) ?? []), id]);
  }
  return [...groups.values()].map((what) => ({
    about: 'condition' as const,
    what,
    because: sortedUnique(
      relevant.filter(({ condition }) => what.includes(condition)).map(({ subject }) => subject),
    ),
    asked: what.map(askedAboutCondition),
  }));
};

const aboutAllergies = (question: Question, wearer: Wearer): OpenQuestion[] => {
  const { mixture, catalog } = question;
  const known = allergiesOf(wearer, catalog).read;
  const materials = [
    ...mixture.oils.map(({ oil }) => oil),
    ...mixture.bases.map(({ base }) => base),
  ];
  const avoided = sortedUnique(
    materials.flatMap(({ allergens }) =>
      allergens.filter(({ what }) => what === 'avoid').map(({ family }) => family),
    ),
  ).filter((family) => isAllergyFamily(family) && !known.includes(family));
  return avoided.map((family) => ({
    about: 'allergy' as const,
    what: [family],
    because: sortedUnique(
      materials
        .filter((material) => allergySays(material, family, catalog)?.what === 'avoid')
        .map(({ id }) => id),
    ),
    asked: [askedAboutAllergy(family)],
  }));
};

/**
 * The few questions that matter for what is in this blend, and that no one has asked of this
 * wearer: not asked is not no. None of someone not known: for them the label has the words.
 */
export const openQuestions = (question: Question): readonly OpenQuestion[] => {
  const wearer = knownWearer(question.brief);
  const { asked } = question.brief;
  if (!wearer || asked.includes(askedAboutEverything) || question.mixture.oils.length === 0) {
    return [];
  }
  return [
    ...aboutStage(question, wearer),
    ...aboutConditions(question, wearer),
    ...aboutAllergies(question, wearer),
  ].flatMap((openQuestion): OpenQuestion[] => {
    const what = openQuestion.what.filter(
      (_, index) => !asked.includes(openQuestion.asked[index] ?? ''),
    );
    return what.length === 0
      ? []
      : [{ ...openQuestion, what, asked: openQuestion.asked.filter((id) => !asked.includes(id)) }];
  });
};
