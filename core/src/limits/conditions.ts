import type { Wearer } from '../brief';
import {
  damagedSkin,
  readAllergies,
  readConditions,
  type ConditionId,
  type PlaceId,
} from '../catalog';

/** Eczema that is over, or dry and calm, leaves sensitive skin. */
const calmEczema: readonly ConditionId[] = ['eczema, in the past', 'eczema, dry'];

/** Everything of a wearer that rules on conditions read, by the ids of the vocabulary. */
export const conditionsOf = (
  { conditions, allergies, skin }: Pick<Wearer, 'conditions' | 'allergies' | 'skin'>,
  place?: PlaceId,
): ReadonlySet<ConditionId> => {
  const read = new Set([
    ...readConditions(conditions).flatMap((read) => read.conditions),
    ...readAllergies(allergies).flatMap((read) => read.conditions),
  ]);
  if (
    skin !== 'normal' ||
    place === 'broken-or-inflamed-skin' ||
    calmEczema.some((text) => read.has(text))
  ) {
    read.add(damagedSkin);
  }
  return read;
};

/** Someone who is trying counts as in the first weeks; where no trimester is given, it is the first. */
export const pregnancyOf = (
  wearer: Wearer,
): { readonly pregnant: boolean; readonly isFirstTrimester: boolean } => {
  const trying = conditionsOf(wearer).has('trying to conceive');
  return {
    pregnant: wearer.pregnant || trying,
    isFirstTrimester: !wearer.pregnant || (wearer.trimester ?? 1) === 1,
  };
};
