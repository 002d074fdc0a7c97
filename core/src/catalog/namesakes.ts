import { constituentNamed } from './constituentIndex';
import { botanicalOf } from './botanical';
import { bareName, speciesIn } from './forbidden';
import { namesOf, ambiguousNames } from './names';
import { once } from './once';
import type { Base, Oil } from './schema';
import { shippedBases, shippedOils } from './shipped';

/** Words beside a name that change nothing of what it is. */
const saysNothing =
  /\b(?:my|our|special|house|blend|mix|extra|fresh|new|old|fine|raw|co2|wild|wildcrafted|premium|quality|grade|a|the|of|from)\b/g;

const plainOf = (name: string): string =>
  bareName(name).replace(saysNothing, ' ').replace(/ +/g, ' ').trim();

/** Adds to what lies under a key, each once. */
const add = (found: Map<string, Oil[]>, key: string, oil: Oil): void => {
  const before = found.get(key) ?? [];
  if (!before.includes(oil)) found.set(key, [...before, oil]);
};

/** Oils by each of their names, without words that say nothing. */
const byName = once((oils: readonly Oil[]): ReadonlyMap<string, readonly Oil[]> => {
  const found = new Map<string, Oil[]>();
  const named = (name: string, oil: Oil): void => {
    const plain = bareName(name);
    if (plain.length >= 3) add(found, plain, oil);
  };
  for (const oil of oils) for (const name of namesOf(oil)) named(name, oil);
  for (const { name, ids } of ambiguousNames) {
    for (const oil of oils) if (ids.includes(oil.id)) named(name, oil);
  }
  return found;
});

/** Oils by the species of their plant. */
const bySpecies = once((oils: readonly Oil[]): ReadonlyMap<string, readonly Oil[]> => {
  const found = new Map<string, Oil[]>();
  for (const oil of oils) for (const one of speciesIn(botanicalOf(oil))) add(found, one, oil);
  return found;
});

const namesOfBases = once(
  (bases: readonly Base[]): ReadonlySet<string> => new Set(bases.flatMap(namesOf).map(bareName)),
);

/**
 * The oils of the library whose name something bears, ambiguous names with all of their oils. In
 * English the thing itself comes last: `my special wintergreen` is a wintergreen, `bergamot mint`
 * is no bergamot.
 */
const oilsOfName = (name: string): readonly Oil[] => {
  const names = byName(shippedOils);
  const exact = names.get(bareName(name));
  if (exact) return exact;
  const words = plainOf(name.replace(/\(.*?\)|,.*$/g, ' ')).split(' ');
  for (let from = 0; from < words.length; from += 1) {
    const found = names.get(words.slice(from).join(' '));
    if (found) return found;
  }
  return [];
};

/**
 * The oils of the library that an oil of the maker's own is held to: those that bear its name and
 * come from its plant; where no oil does both, all that do either.
 */
export const namesakesOf = ({
  name,
  botanical,
}: {
  readonly name: string;
  readonly botanical: string;
}): readonly Oil[] => {
  const named = oilsOfName(name);
  const species = speciesIn(`${botanical}; ${name}`);
  const ofPlant = species.flatMap((one) => bySpecies(shippedOils).get(one) ?? []);
  const both = named.filter((oil) => ofPlant.includes(oil));
  if (both.length > 0) return both;
  return [...new Set([...named, ...ofPlant])];
};

/** Words that say in what form something active is sold. */
const forms = /\b(?:crystals?|powder|flakes?|pure|natural|synthetic|gum|blocks?)\b/g;

/** What acts as a medicine does, alone, and is sold as crystals. */
const actives: ReadonlySet<string> = new Set([
  'menthol',
  'camphor',
  'thymol',
  'eugenol',
  '1,8-cineole',
  'methyl salicylate',
  'cinnamaldehyde',
  'coumarin',
  'vanillin',
]);

/** The constituent that a base is by its name: `menthol crystals`; null where it is none. */
export const activeNamed = (name: string): string | null => {
  const constituent = constituentNamed(name.toLowerCase().replace(forms, ' ').trim());
  return constituent !== null && actives.has(constituent) ? constituent : null;
};

/** The essential oils that a base is by its name: none where the library has a base of that name. */
export const essentialOilsNamed = (name: string): readonly Oil[] =>
  namesOfBases(shippedBases).has(bareName(name))
    ? []
    : (byName(shippedOils).get(bareName(name)) ?? []);
