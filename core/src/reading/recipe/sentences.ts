import type { ReadIngredient } from './readIngredient';

/** An ingredient that a sentence names; in a note it is spoken of, rather than put in. */
export type Told = ReadIngredient & { readonly isNote: boolean };

const isSame = (one: ReadIngredient, other: ReadIngredient): boolean =>
  one.candidates.some((id) => other.candidates.includes(id));

const isMeasured = ({ amount, amountReadings }: ReadIngredient): boolean =>
  amount !== null || amountReadings.length > 0;

/** No more of it than the list has: the step puts in what is listed, or a part of it. */
const isOfListed = (one: ReadIngredient, listed: ReadIngredient): boolean => {
  const amounts = [listed.amount, listed.secondAmount].flatMap((amount) => amount ?? []);
  const { amount } = one;
  return (
    amount === null ||
    amounts.some(({ unit, value, high = value }) => unit === amount.unit && amount.value <= high)
  );
};

/**
 * What a list and the sentences around it come to. What a sentence puts in and the list does not have is
 * an ingredient; what it only speaks of, or measures otherwise than the list, is not understood.
 */
export const settledWith = (
  listed: readonly ReadIngredient[],
  told: readonly Told[],
): { readonly ingredients: ReadIngredient[]; readonly unread: readonly string[] } => {
  const ingredients = [...listed];
  const unread: string[] = [];
  const isList = listed.length > 0;
  const hasBase = listed.some(({ kind }) => kind === 'base');
  const isGoingIn = ({ role, isNote }: Told): boolean =>
    role === 'in' ? !isNote : role === 'perhaps' && !isNote && !isList;
  for (const entry of told) {
    const { isNote: _, ...ingredient } = entry;
    const at = ingredients.findIndex((other) => isSame(entry, other));
    const before = ingredients[at];
    if (before) {
      if (!isMeasured(before) && !before.isFill && isMeasured(entry) && isGoingIn(entry)) {
        ingredients[at] = { ...before, amount: entry.amount, amountReadings: entry.amountReadings };
      } else if (!isOfListed(entry, before)) unread.push(entry.text);
      continue;
    }
    if (isMeasured(entry) || (entry.isFill && (!isList || !hasBase || entry.kind === 'base'))) {
      if (isGoingIn(entry)) ingredients.push(ingredient);
      else unread.push(entry.text);
    } else if (
      !isList &&
      isGoingIn(entry) &&
      !told.some((other) => isMeasured(other) && isSame(entry, other))
    ) {
      ingredients.push(ingredient);
    } else if (isList && entry.kind === 'base' && !hasBase && isGoingIn(entry))
      ingredients.push(ingredient);
  }
  return { ingredients, unread };
};
