import { baseFacts } from './baseFacts';
import { botanicalOf } from './botanical';
import type { Base, Oil } from './schema';

/** Names of oils that the library knows for certain, in the style of the EU. */
const known: Readonly<Record<string, string>> = {
  lavender: 'Lavandula Angustifolia Oil',
  'tea-tree': 'Melaleuca Alternifolia Leaf Oil',
  peppermint: 'Mentha Piperita Oil',
  'orange-sweet': 'Citrus Aurantium Dulcis Peel Oil',
  lemon: 'Citrus Limon Peel Oil',
  bergamot: 'Citrus Aurantium Bergamia Peel Oil',
  'bergamot-fcf': 'Citrus Aurantium Bergamia Peel Oil',
  'eucalyptus-globulus': 'Eucalyptus Globulus Leaf Oil',
  'rosemary-cineole': 'Rosmarinus Officinalis Leaf Oil',
  'rosemary-verbenone': 'Rosmarinus Officinalis Leaf Oil',
  'rosemary-camphor': 'Rosmarinus Officinalis Leaf Oil',
  patchouli: 'Pogostemon Cablin Oil',
  frankincense: 'Boswellia Carterii Oil',
};

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** Genus and species, of a botanical name with whatever is behind them; empty where it has none. */
const plantOf = (botanical: string): string =>
  /^[A-Z][a-z]+(?: x)? [a-z-]+/.exec(botanical)?.[0].replace(' x ', ' ') ?? '';

/** The name of a material in a list of ingredients. */
interface InciName {
  readonly inci: string;
  /** Made of genus and species, as the rule has it; the part of the plant may be wanting. */
  readonly isDerived: boolean;
}

/** The INCI name of an oil; null where not even its plant is known. */
export const inciOfOil = (oil: Oil): InciName | null => {
  const name = known[oil.id];
  if (name !== undefined && !oil.own?.material) return { inci: name, isDerived: false };
  const plant = plantOf(botanicalOf(oil));
  return plant === ''
    ? null
    : { inci: `${plant.split(' ').map(capital).join(' ')} Oil`, isDerived: true };
};

/** The INCI name of a base; null where no one has said it. */
export const inciOfBase = (base: Base): InciName | null => {
  const inci = base.inci ?? baseFacts(base.id)?.inci ?? '';
  return inci === '' ? null : { inci, isDerived: false };
};

/** Whose law a list of ingredients is written for. */
export type Region = 'eu' | 'us';

/**
 * A name in the style of a region: in the EU and Great Britain without the common name, in the US with
 * it behind genus and species.
 *
 * @param common of a plant, as the maker calls it
 */
export const inciIn = (region: Region, inci: string, common: string): string => {
  if (region === 'eu') return inci.replace(/ \([^)]*\)/g, '');
  if (inci.includes('(')) return inci;
  const [genus, species, ...rest] = inci.split(' ');
  // Beeswax and tocopherol have no plant to be reported by.
  return species === undefined || rest.length === 0
    ? inci
    : `${genus ?? ''} ${species} (${common}) ${rest.join(' ')}`;
};
