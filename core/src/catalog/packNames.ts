import { baseFacts } from './baseFacts';
import { botanicalOf } from './botanical';
import namesJson from './data/pack-names.json';
import type { Base, Oil } from './schema';

/** Whose law a pack is written for: the EU, Northern Ireland, Great Britain, the United States. */
export const regions = ['eu', 'ni', 'gb', 'us'] as const;
export type Region = (typeof regions)[number];

/** What a material is called in a list of ingredients. */
export interface PackName {
  /** In the style of the region; several where it is a mixture, the most of it first. Empty where
   * only the bottle knows. */
  readonly names: readonly string[];
  readonly confidence: 'high' | 'medium' | 'low';
  /** The list on the bottle that was bought decides. */
  readonly isFromBottle: boolean;
  /** What is not settled of it. */
  readonly note: string;
}

interface Entry {
  readonly eu: readonly string[];
  readonly us: readonly string[];
  readonly cas: readonly string[];
  readonly confidence: 'high' | 'medium' | 'low';
  readonly fromBottle?: boolean;
  readonly note?: string;
}

const known = namesJson.names as unknown as Readonly<Record<string, Entry>>;

const entryOf = (id: string): Entry | undefined =>
  Object.hasOwn(known, id) ? known[id] : undefined;

const inRegion = (entry: Entry, region: Region): PackName => ({
  names: region === 'us' ? entry.us : entry.eu,
  confidence: entry.confidence,
  isFromBottle: entry.fromBottle ?? false,
  note: entry.note ?? '',
});

const unnamed: PackName = { names: [], confidence: 'low', isFromBottle: true, note: '' };

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

/** Genus and species, of a botanical name with whatever is behind them; empty where it has none. */
const plantOf = (botanical: string): string =>
  /^[A-Z][a-z]+(?: x)? [a-z-]+/.exec(botanical)?.[0].replace(' x ', ' ') ?? '';

/** The name of an oil on a pack; of one that the library does not have it is made of its plant. */
export const packNameOfOil = (oil: Oil, region: Region): PackName => {
  const entry = oil.own?.material ? undefined : entryOf(oil.id);
  if (entry) return inRegion(entry, region);
  const plant = plantOf(botanicalOf(oil));
  if (plant === '') return unnamed;
  const words = plant.split(' ').map(capital).join(' ');
  return {
    names: [`${words} Oil`],
    confidence: 'low',
    isFromBottle: false,
    note: 'Built from genus and species: the plant part may be missing.',
  };
};

/** What is no name: an example, an aside, or words that leave it open. */
const isNoName = (text: string): boolean =>
  /e\.g\.|such as|similar|depends|\.\.\.|…|\?/i.test(text);

/** The name of a base on a pack, as the maker or the library has it. */
export const packNameOfBase = (base: Base, region: Region): PackName => {
  const entry = entryOf(base.id);
  if (entry) return inRegion(entry, region);
  const inci = base.inci ?? baseFacts(base.id)?.inci ?? '';
  if (inci.trim() === '' || isNoName(inci)) return unnamed;
  const names = inci
    .split(/\s*,\s*/)
    .map((name) => (region === 'us' ? name : name.replace(/ \([^)]*\)/g, '')).trim())
    .filter((name) => name !== '');
  return { names, confidence: 'medium', isFromBottle: false, note: '' };
};

/** True of a material of which the list on the bottle that was bought decides. */
export const isNamedOnBottle = (oil: Oil | undefined, base: Base | undefined): boolean =>
  (oil && packNameOfOil(oil, 'eu').isFromBottle) ??
  (base !== undefined && packNameOfBase(base, 'eu').isFromBottle);

/** Numbers of the Chemical Abstracts Service of a material of the library, as they are recalled. */
export const casOf = (materialId: string): readonly string[] => entryOf(materialId)?.cas ?? [];
