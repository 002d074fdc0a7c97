import { constituentNamed } from './constituentIndex';
import { botanicalOf } from './botanical';
import { bareName, speciesIn } from './forbidden';
import { namesOf, ambiguousNames } from './names';
import type { Base, Oil } from './schema';
import { shippedBases, shippedOils } from './shipped';

/** Words beside a name that change nothing of what it is. */
const saysNothing =
  /\b(?:my|our|special|house|blend|mix|extra|fresh|new|old|fine|raw|co2|absolute|distilled|wild|wildcrafted|premium|quality|grade|a|the|of|from)\b/g;

const plainOf = (name: string): string =>
  bareName(name).replace(saysNothing, ' ').replace(/ +/g, ' ').trim();

/** Oils of the library by each of their names without such words, longest names known of all. */
const oilsByName: ReadonlyMap<string, readonly Oil[]> = (() => {
  const found = new Map<string, Oil[]>();
  const add = (name: string, oil: Oil): void => {
    const plain = bareName(name);
    if (plain.length < 3) return;
    const before = found.get(plain) ?? [];
    if (!before.includes(oil)) found.set(plain, [...before, oil]);
  };
  for (const oil of shippedOils) for (const name of namesOf(oil)) add(name, oil);
  for (const { name, ids } of ambiguousNames) {
    for (const oil of shippedOils) if (ids.includes(oil.id)) add(name, oil);
  }
  return found;
})();

const basesByName: ReadonlySet<string> = new Set(
  shippedBases.flatMap((base: Base) => namesOf(base)).map(bareName),
);

/** Oils of the library whose plant is one of these species. */
const oilsOfSpecies = (species: readonly string[]): readonly Oil[] =>
  species.length === 0
    ? []
    : shippedOils.filter((oil) => speciesIn(botanicalOf(oil)).some((one) => species.includes(one)));

/**
 * The oils of the library whose name something bears, ambiguous names with all of their oils. In
 * English the thing itself comes last: `my special wintergreen` is a wintergreen, `bergamot mint`
 * is no bergamot.
 */
const oilsOfName = (name: string): readonly Oil[] => {
  const exact = oilsByName.get(bareName(name));
  if (exact) return exact;
  const words = plainOf(name.replace(/\(.*?\)|,.*$/g, ' ')).split(' ');
  for (let from = 0; from < words.length; from += 1) {
    const found = oilsByName.get(words.slice(from).join(' '));
    if (found) return found;
  }
  return [];
};

/**
 * The oils of the library that an oil of the maker's own is held to: those of its name, and where
 * that is none, those of its plant; a plant and a name that both say something must agree.
 */
export const namesakesOf = ({
  name,
  botanical,
}: {
  readonly name: string;
  readonly botanical: string;
}): readonly Oil[] => {
  const named = oilsOfName(name);
  const ofPlant = oilsOfSpecies(speciesIn(`${botanical}; ${name}`));
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
  basesByName.has(bareName(name)) ? [] : (oilsByName.get(bareName(name)) ?? []);
