import type { BatchRecord } from './database';

/** A number that is on a label already gets a mark beside it. */
export const unusedNumber = (
  number: string,
  taken: { readonly has: (number: string) => boolean },
): string => {
  let next = number;
  for (let n = 2; taken.has(next); n += 1) next = `${number} (${n})`;
  return next;
};

/** Batches whose numbers are taken by none of these, nor by each other. */
export const withDistinctNumbers = (
  list: readonly BatchRecord[],
  given: Iterable<string>,
): BatchRecord[] => {
  const taken = new Set(given);
  return list.map((batch) => {
    const number = unusedNumber(batch.number, taken);
    taken.add(number);
    return { ...batch, number };
  });
};
