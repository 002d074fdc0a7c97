import { nameIn, type Catalog } from '../catalog';
import type { EventOf, SomethingElse } from '../making';
import { formatDrops, formatG, formatMl } from './numbers';

const amountWords = ({ amount }: SomethingElse): string | null => {
  switch (amount?.unit) {
    case 'drops':
      return formatDrops(amount.value);
    case 'ml':
      return formatMl(amount.value, 3);
    case 'g':
      return formatG(amount.value, 3);
    default:
      return null;
  }
};

/** What else went in: `3 drops of Cinnamon bark`, `“a splash of coffee”`. */
export const somethingElseWords = (catalog: Catalog, entry: SomethingElse): string => {
  const name = entry.ingredient === null ? `“${entry.words}”` : nameIn(catalog, entry.ingredient);
  const amount = amountWords(entry);
  if (amount !== null) return `${amount} of ${name}`;
  return entry.ingredient === null ? name : `${name}, amount unknown`;
};

const smelled: Readonly<Record<EventOf<'smelled'>['when'], string>> = {
  now: 'How it smells now',
  'one-minute': 'After one minute',
  'ten-minutes': 'After ten minutes',
  'next-day': 'The next day',
};

/** When a nose was put to it. */
export const smelledWords = (when: EventOf<'smelled'>['when']): string => smelled[when];

/** What was spilled: `about 2 ml: “over the edge”`. */
export const spilledWords = ({ ml, words }: EventOf<'spilled'>): string =>
  [...(ml === null ? [] : [`about ${formatMl(ml, 3)}`]), ...(words ? [`“${words}”`] : [])].join(
    ': ',
  );

/** How much of something was added or corrected: `3 drops`, `9.9 ml`, `2.87 g`. */
export const correctedAmountWords = ({
  unit,
  value,
}: {
  readonly unit: 'drops' | 'ml' | 'g';
  readonly value: number;
}): string =>
  unit === 'drops' ? formatDrops(value) : unit === 'ml' ? formatMl(value, 4) : formatG(value, 4);
