import type { RoughTime } from '../making';
import type { OnTheTable } from '../stock';
import { containerWordsOf } from './containers';
import { formatDrops, formatList, formatMl, formatNumber } from './numbers';
import { massWords, volumeWords, type Units } from './units';

/** How much of it goes into one container, as it is measured: `2 drops`, `6.4 ml`, `35.6 g`. */
export const eachWords = ({ each }: OnTheTable, weighed: boolean, units: Units): string => {
  if (each.drops !== null) return formatDrops(each.drops);
  return weighed ? massWords(each.g, units) : volumeWords(each.ml, units);
};

/** How much goes in altogether. */
export const inAllWords = ({ each, count }: OnTheTable, weighed: boolean, units: Units): string => {
  if (each.drops !== null) {
    return `${formatDrops(each.drops * count)}, ${formatMl(each.ml * count)}`;
  }
  return weighed ? massWords(each.g * count, units) : volumeWords(each.ml * count, units);
};

/** From which bottle it comes, and whether that is enough; what is out is for the eye to find. */
export const fromWords = ({
  from,
  closed,
  count,
}: OnTheTable): { readonly text: string; readonly isShort: boolean } => {
  const sealed = closed ? `unopened${closed.lot ? `: lot ${closed.lot}` : ''}` : '';
  if (!from) return { text: sealed || 'not on the shelf', isShort: false };
  const bottle = `${from.lot ? `lot ${from.lot}` : 'open bottle'}, ${formatNumber(from.left)} ${from.unit} left`;
  const short = from.enoughFor < count;
  return {
    text: [
      bottle,
      ...(short
        ? [
            count === 1 || from.enoughFor === 0
              ? 'not enough'
              : `enough for ${from.enoughFor} of ${count}`,
          ]
        : []),
      ...(from.past ? ['past its best before'] : []),
      ...(short && sealed ? [sealed] : []),
    ].join('; '),
    isShort: short || from.past,
  };
};

/** `About 25 minutes, by our estimate; then it sets: tins in 30 to 60 minutes.` */
export const roughTimeWords = ({ minutes, sets }: RoughTime): string =>
  `About ${minutes} minutes at the table, by our estimate${
    sets.length === 0
      ? ''
      : `; then it sets: ${formatList(sets.map(({ kind, room }) => `${containerWordsOf(kind).plural} in ${room}`))}`
  }.`;
