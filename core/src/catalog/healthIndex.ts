import { namesOfAllergy } from './allergyNames';
import { allergyFamilyIds, allergyFamilyOf, type AllergyFamilyId } from './allergyFamilies';
import { namesOfCondition, withoutCautions } from './conditionNames';
import { conditionIds, type ConditionId } from './conditions';
import { once } from './once';
import { plainName } from './plainName';
import { unique } from '../quantity';

/** What someone's own words on their health are for. */
export interface ReadHealth {
  readonly conditions: readonly ConditionId[];
  readonly allergies: readonly AllergyFamilyId[];
  /** Common conditions for which no caution on skin is published, by name. */
  readonly withoutCaution: readonly string[];
  /** What no rule reads, as it was typed. */
  readonly unread: readonly string[];
}

/** What one name is for. */
interface Meaning {
  readonly conditions: Set<ConditionId>;
  readonly allergies: Set<AllergyFamilyId>;
  readonly withoutCaution: Set<string>;
}

type Names = ReadonlyMap<string, Meaning>;

const collect = (
  entries: readonly (readonly [string, (meaning: Meaning) => unknown])[],
): Map<string, Meaning> => {
  const names = new Map<string, Meaning>();
  for (const [name, add] of entries) {
    const key = plainName(name);
    const meaning = names.get(key) ?? {
      conditions: new Set(),
      allergies: new Set(),
      withoutCaution: new Set(),
    };
    add(meaning);
    names.set(key, meaning);
  }
  return names;
};

const conditionNames: Names = collect([
  ...conditionIds.flatMap((id) => {
    const { names, medicines = [] } = namesOfCondition(id);
    return [id, ...names, ...medicines].map(
      (name) => [name, ({ conditions }: Meaning) => conditions.add(id)] as const,
    );
  }),
  ...withoutCautions.flatMap(({ id, names }) =>
    [id, ...names].map(
      (name) => [name, ({ withoutCaution }: Meaning) => withoutCaution.add(id)] as const,
    ),
  ),
]);

const allergyNames: Names = collect([
  ...allergyFamilyIds.flatMap((id) => {
    const { latin, patchTest } = allergyFamilyOf(id);
    const { names } = namesOfAllergy(id);
    return [id, ...(latin ? [latin] : []), ...(patchTest ? [patchTest] : []), ...names].map(
      (name) => [name, ({ allergies }: Meaning) => allergies.add(id)] as const,
    );
  }),
  // An allergy to aspirin is a condition by another name.
  ...['aspirin', 'salicylate', 'salicylates', 'acetylsalicylic acid'].map(
    (name) => [name, ({ conditions }: Meaning) => conditions.add('aspirin sensitivity')] as const,
  ),
]);

/** A dose and how often it is taken say nothing of what it is: `warfarin 3 mg daily`. */
const withoutDose = (plain: string): string =>
  plain
    .replace(/\b\d+ ?(mg|mcg|g|ml|iu)?\b/g, ' ')
    .replace(/\b(daily|twice|once|a day|tablets?|capsules?|every|day|night|morning)\b/g, ' ')
    .replace(/ +/g, ' ')
    .trim();

/** What an allergy is to, in plain letters: `Allergic to nuts`, `nut allergy`. */
const withoutAllergy = (plain: string): string =>
  plain
    .replace(/^(?:an? )?(?:allerg(?:y|ic)|intoleran(?:t|ce)|sensitiv(?:e|ity)) (?:to|of) /, '')
    .replace(/ (?:allerg(?:y|ies)|intolerance|sensitivity)$/, '');

/** Answers that name nothing. */
const nothing = new Set([
  'none',
  'no',
  'nothing',
  'nil',
  'n a',
  'no allergies',
  'no known allergies',
  'none known',
  'no conditions',
  'no medicines',
  'no medication',
]);

/** Shorter names are only taken whole: `af` is in many words. */
const shortestAmong = 4;

/** Names that are in a text as whole words; the longest, where one holds another. */
const among = (plain: string, names: Names): Meaning[] => {
  const found = [...names.keys()].filter(
    (name) => name.length >= shortestAmong && ` ${plain} `.includes(` ${name} `),
  );
  return found
    .filter((name) => !found.some((other) => other !== name && ` ${other} `.includes(` ${name} `)))
    .flatMap((name) => names.get(name) ?? []);
};

/** Words in front of a name that turn it into its opposite. */
const denied = /^(?:no|not|never|without)\b/;

const meaningOf = (text: string, first: Names, second: Names): readonly Meaning[] => {
  const plain = plainName(text);
  for (const form of [plain, withoutDose(plain), withoutAllergy(plain)]) {
    const exact = first.get(form) ?? second.get(form);
    if (exact) return [exact];
  }
  if (denied.test(plain)) return [];
  return among(plain, first);
};

const partings = /[,;/+&\n]|\band\b|\bwith\b|\bplus\b/i;

/** Where the whole is one name, that; else each part of a list. */
const piecesOf = (text: string, first: Names, second: Names): readonly string[] => {
  const plain = plainName(text);
  if (nothing.has(plain)) return [];
  if (first.has(plain) || second.has(plain)) return [text];
  return text.split(partings).filter((part) => part.trim() !== '');
};

const read = (text: string, first: Names, second: Names): ReadHealth => {
  const pieces = piecesOf(text, first, second).map((part) => ({
    part: part.trim(),
    meaning: meaningOf(part, first, second),
  }));
  const meanings = pieces.flatMap(({ meaning }) => meaning);
  return {
    conditions: unique(meanings.flatMap(({ conditions }) => [...conditions])),
    allergies: unique(meanings.flatMap(({ allergies }) => [...allergies])),
    withoutCaution: unique(meanings.flatMap(({ withoutCaution }) => [...withoutCaution])),
    unread: pieces
      .filter(({ part, meaning }) => meaning.length === 0 && !nothing.has(plainName(part)))
      .map(({ part }) => part),
  };
};

/** What was typed among conditions and medicines; an allergy there is read as one. */
export const readCondition = (text: string): ReadHealth => {
  const plain = plainName(text);
  return /\ballerg(?:y|ies|ic)\b/.test(plain) && !conditionNames.has(plain)
    ? read(text, allergyNames, conditionNames)
    : read(text, conditionNames, allergyNames);
};

/** What was typed among allergies; a condition there is read as one. */
export const readAllergy = (text: string): ReadHealth => read(text, allergyNames, conditionNames);

/** What all of someone's conditions are for, worked out once for each list. */
export const readConditions = once((texts: readonly string[]) => texts.map(readCondition));

/** The same of their allergies. */
export const readAllergies = once((texts: readonly string[]) => texts.map(readAllergy));

/** The families whose material a name speaks of: `cold-pressed almond oil`. */
export const familiesInName = (name: string): readonly AllergyFamilyId[] => {
  const words = plainName(name).split(' ');
  return allergyFamilyIds.filter((id) => {
    const { names, materials = [] } = namesOfAllergy(id);
    return [id, ...names, ...materials].some((entry) => words.includes(entry));
  });
};

/** What someone says that they are allergic to, without the words that only say so. */
export const allergenIn = (text: string): string => withoutAllergy(plainName(text));
