import { allergyFamilyIds } from './allergyFamilies';
import { conditionIds } from './conditions';

const conditions: ReadonlySet<string> = new Set(conditionIds);
const families: ReadonlySet<string> = new Set(allergyFamilyIds);

/** What of a material names words of the vocabulary. */
interface Naming {
  readonly id: string;
  readonly conditions: readonly { readonly condition: string }[];
  readonly allergens: readonly { readonly family: string }[];
}

const checkConditions = (where: string, named: readonly string[]): void => {
  const unknown = named.find((id) => !conditions.has(id));
  if (unknown !== undefined) throw new Error(`library: ${where}: no condition “${unknown}”`);
};

const checkMaterials = (materials: readonly Naming[]): void => {
  for (const { id, conditions: held, allergens } of materials) {
    checkConditions(
      id,
      held.map(({ condition }) => condition),
    );
    const unknown = allergens.find(({ family }) => !families.has(family));
    if (unknown) throw new Error(`library: ${id}: no allergy family “${unknown.family}”`);
  }
};

/** What of the library names words of the vocabulary. */
interface Library {
  readonly materials: readonly Naming[];
  readonly cautions: readonly {
    readonly constituents: readonly string[];
    readonly conditions: readonly string[];
  }[];
}

/**
 * Nothing is judged by a library with a condition or a family that no rule reads: a slip in its files
 * would let something harmful pass without a word.
 *
 * @throws where a word is not of the vocabulary, with the file's entry
 */
export const checkVocabulary = ({ materials, cautions }: Library): void => {
  checkMaterials(materials);
  for (const { constituents, conditions: named } of cautions) {
    checkConditions(`caution on ${constituents.join(', ')}`, named);
  }
};
