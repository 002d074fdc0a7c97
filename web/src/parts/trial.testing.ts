import { emptyRecipe } from '@jubbet/core/recipe';

/** A small blend that is worked out: two drops of lavender in a roll-on of jojoba, for anyone. */
export const trial = {
  ...emptyRecipe(),
  name: 'Trial',
  brief: { ...emptyRecipe().brief, wearer: 'anyone' as const, place: 'pulse-points' as const },
  oils: [{ id: 'lavender', amount: { unit: 'drops' as const, value: 2 } }],
  bases: [{ id: 'jojoba', amount: { unit: 'parts' as const, value: 1 } }],
};
