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

/**
 * The library is not loaded with a condition that no rule reads: a slip in its files would let
 * something harmful pass without a word.
 *
 * @throws where a condition is not of the vocabulary
 */
export const checkConditions = (where: string, named: readonly string[]): void => {
  const unknown = named.find((id) => !conditions.has(id));
  if (unknown !== undefined) throw new Error(`library: ${where}: no condition “${unknown}”`);
};

/** The same for conditions and allergy families of materials. */
export const checkMaterials = <T extends Naming>(materials: readonly T[]): readonly T[] => {
  for (const { id, conditions: held, allergens } of materials) {
    checkConditions(
      id,
      held.map(({ condition }) => condition),
    );
    const unknown = allergens.find(({ family }) => !families.has(family));
    if (unknown) throw new Error(`library: ${id}: no allergy family “${unknown.family}”`);
  }
  return materials;
};
