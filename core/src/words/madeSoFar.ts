import { formatNumber } from './numbers';

const timesWords = (times: number): string =>
  times === 1 ? 'made once' : times === 2 ? 'made twice' : `made ${times} times`;

/**
 * How often something was made, when last, and how it was: `made 4 times, last 12 Jun, 4.5 of 5`.
 *
 * @param last the day, in words
 */
export const madeSoFarWords = (
  { times, mark }: { readonly times: number; readonly mark: number | null },
  last: string,
): string =>
  [
    timesWords(times),
    `${times > 1 ? 'last ' : ''}${last}`,
    ...(mark === null ? [] : [`${formatNumber(mark, 2)} of 5`]),
  ].join(', ');
