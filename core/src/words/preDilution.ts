import { type Catalog } from '../catalog';
import { preDilutedIn, type PreDilutionNeed } from '../mixture';
import { preDilutionsIn, type PreDilution, type Recipe } from '../recipe';
import { formatDrops, formatList, formatMl, formatPercent } from './numbers';
import { nameInSentence } from './inSentence';

/** What a pre-dilution is mixed from: `1 drop each of lavender and mandarin in 2.5 ml of jojoba`. */
export const mixedWords = (
  catalog: Catalog,
  { oils, carrier }: Pick<PreDilution, 'oils' | 'carrier'>,
  times = 1,
): string => {
  const named = (id: string): string => nameInSentence(catalog, id);
  const [first] = oils;
  const drops =
    first && oils.length > 1 && oils.every((oil) => oil.drops === first.drops)
      ? `${formatDrops(times * first.drops)} each of ${formatList(oils.map(({ id }) => named(id)))}`
      : formatList(
          oils.map(({ id, drops: count }) => `${formatDrops(times * count)} of ${named(id)}`),
        );
  return `${drops} in ${formatMl(times * carrier.ml)} of ${named(carrier.id)}`;
};

/** The same of what a blend takes: mixed as often as it needs. */
export const mixedOnceWords = (
  catalog: Catalog,
  { mixed: { oils, carrier, carrierMl }, times }: PreDilutionNeed,
): string =>
  mixedWords(
    catalog,
    {
      oils: oils.map(({ oil, drops }) => ({ id: oil.id, drops })),
      carrier: { id: carrier.id, ml: carrierMl },
    },
    times,
  );

/** How much of it there is, how strong it is, and what stays over. */
export const mixedAmountWords = ({ mixed, times, neededMl, leftMl }: PreDilutionNeed): string =>
  `${formatMl(times * mixed.ml)} at ${formatPercent(mixed.percent)}; ${formatMl(neededMl)} goes in, ${formatMl(leftMl)} is left over`;

/** The pre-dilutions of a recipe in a sentence each, for what is read or printed. */
export const preDilutionLines = (catalog: Catalog, recipe: Recipe): string[] =>
  preDilutionsIn(recipe).flatMap((one) => {
    const mixed = preDilutedIn(catalog, recipe).find(({ id }) => id === one.id);
    if (!mixed) return [];
    return [
      `${mixed.name}: mix ${mixedWords(catalog, one)}. That is ${formatMl(mixed.ml)} at ${formatPercent(mixed.percent)}; the drops in the recipe are drops of this.`,
    ];
  });
