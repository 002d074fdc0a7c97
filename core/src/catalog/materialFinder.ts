import { plainLetters } from '../quantity';
import { botanicalOf } from './botanical';
import type { Catalog } from './catalog';
import { forbiddenMaterials, forbiddenNamed } from './forbidden';
import { allNames, basesNamed, oilsNamed } from './names';
import { once } from './once';
import type { Base, Oil } from './schema';
import { shortForms } from './shortForms';

/** What makers call bases beside their names. */
const saidOfBases: Readonly<Record<string, readonly string[]>> = {
  shea: ['shea_butter'],
  karite: ['shea_butter'],
  cocoa: ['cocoa_butter'],
  cacao: ['cocoa_butter'],
  mango: ['mango_butter'],
  kokum: ['kokum_butter'],
  almond: ['sweet_almond'],
  apricot: ['apricot_kernel'],
  rosehip: ['rosehip_seed'],
  coconut: ['coconut_virgin', 'fractionated_coconut'],
  'solid coconut': ['coconut_virgin'],
  'virgin coconut': ['coconut_virgin'],
  'liquid coconut': ['fractionated_coconut'],
  'fractionated coco': ['fractionated_coconut'],
  'fract coconut': ['fractionated_coconut'],
  mct: ['fractionated_coconut'],
  hemp: ['hemp_seed'],
  camellia: ['camellia_seed'],
  sunflower: ['sunflower_high_oleic', 'sunflower_linoleic'],
  calendula: ['calendula_infused'],
  arnica: ['arnica_infused'],
  'aloe vera': ['aloe_vera_gel'],
  aloe: ['aloe_vera_gel'],
  'aloe gel': ['aloe_vera_gel'],
  water: ['distilled_water'],
  'spring water': ['distilled_water'],
  'epsom salts': ['epsom_salt'],
  'sea salts': ['sea_salt'],
  sugar: ['white_sugar'],
  'granulated sugar': ['white_sugar'],
  'bicarbonate of soda': ['baking_soda'],
  bicarb: ['baking_soda'],
  glycerin: ['vegetable_glycerin'],
  glycerine: ['vegetable_glycerin'],
  'vit e': ['vitamin_e'],
  tocopherol: ['vitamin_e'],
  'bees wax': ['beeswax_white', 'beeswax_yellow'],
  'castile soap': ['liquid_castile_soap'],
  'evening primrose': ['evening_primrose'],
  'perfumers alcohol': ['ethanol_perfumers'],
  "perfumer's alcohol": ['ethanol_perfumers'],
  wax: ['beeswax_white', 'beeswax_yellow'],
  sao: ['sweet_almond'],
};

/** What goes by a name. */
export interface Named {
  readonly oils: readonly string[];
  readonly bases: readonly string[];
}

/** Nothing goes by that name. */
export const nothingNamed: Named = { oils: [], bases: [] };

const ids = (materials: readonly (Oil | Base)[]): string[] => materials.map(({ id }) => id);

/** A name as the catalog may know it, with `oil` and `butter` put to it or taken away. */
const variants = (name: string): readonly string[] => {
  const bare = name
    .replace(/\b(?:essential oils?|ess oils?|eos?|carrier oils?|oils?|butter|seed oil)\b/g, ' ')
    .replace(/ +/g, ' ')
    .trim();
  const text = bare.replace(/s$/, '');
  // `Yellow beeswax` is `Beeswax, yellow`.
  const [first, second, ...more] = bare.split(' ');
  const turned = second !== undefined && more.length === 0 ? `${second} ${first ?? ''}` : bare;
  return [
    ...new Set([
      name,
      bare,
      text,
      turned,
      `${bare} oil`,
      `${bare} seed`,
      `${bare} seed oil`,
      `${bare} butter`,
    ]),
  ].filter((each) => each.length > 1);
};

const plainWords = (text: string): string =>
  plainLetters(text)
    .replace(/[^a-z0-9']+/g, ' ')
    .trim();

/** Where names that may be misspelt lie: by their first letter, and how many they have. */
const spellingKey = (letter: string, length: number): string => `${letter}${length}`;

/** All names of a catalog that may be misspelt. */
const knownNames = once((catalog: Catalog): ReadonlyMap<string, readonly string[]> => {
  const byLetter = new Map<string, string[]>();
  for (const name of new Set([...allNames(catalog).map(plainWords), ...Object.keys(saidOfBases)])) {
    if (name.length < 5) continue;
    const key = spellingKey(name.charAt(0), name.length);
    byLetter.set(key, [...(byLetter.get(key) ?? []), name]);
  }
  return byLetter;
});

/** Words that may be put to a name or taken away, and name nothing. */
const wordsBeside =
  '100 pure organic natural therapeutic grade essential ess eo eos oil oils carrier butter seed'.split(
    ' ',
  );

/** Every word of every name: what has another word in it is no name. */
const wordsOfNames = once(
  (catalog: Catalog): ReadonlySet<string> =>
    new Set([
      ...wordsBeside,
      ...[
        ...allNames(catalog),
        ...forbiddenMaterials.map(({ id }) => id),
        ...Object.keys(saidOfBases),
      ].flatMap((name) => plainWords(name).split(/[ ']/)),
    ]),
);

/** How many letters apart two words are, two that changed places counting as one; at most `most` + 1. */
const lettersApart = (a: string, b: string, most: number): number => {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let before: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, n) => n);
  for (let i = 1; i <= a.length; i += 1) {
    const row = [i];
    for (let j = 1; j <= b.length; j += 1) {
      const same = a.charAt(i - 1) === b.charAt(j - 1);
      let best = Math.min(
        (last[j] ?? 0) + 1,
        (row[j - 1] ?? 0) + 1,
        (last[j - 1] ?? 0) + (same ? 0 : 1),
      );
      if (a.charAt(i - 1) === b.charAt(j - 2) && a.charAt(i - 2) === b.charAt(j - 1)) {
        best = Math.min(best, (before[j - 2] ?? 0) + 1);
      }
      row.push(best);
    }
    before = last;
    last = row;
  }
  return last[b.length] ?? most + 1;
};

/** Oils by genus and species, in small letters: of a citrus there are several. */
const speciesOf = once((catalog: Catalog): ReadonlyMap<string, readonly string[]> => {
  const oils = new Map<string, string[]>();
  for (const oil of catalog.oils) {
    const [species] = /^[a-z]+ (?:x )?[a-z]{3,}/.exec(plainWords(botanicalOf(oil))) ?? [];
    if (species !== undefined) oils.set(species, [...(oils.get(species) ?? []), oil.id]);
  }
  return oils;
});

/** Names of the library that hold a comma: `cedarwood, atlas`. */
const namesWithComma = once(
  ({ oils, bases }: Catalog): ReadonlySet<string> =>
    new Set(
      [...oils, ...bases]
        .map(({ name }) => name)
        .filter((name) => name.includes(','))
        .map(plainLetters),
    ),
);

/** Finds materials in lines, by all their names, in one catalog. */
export const materialFinder = (catalog: Catalog) => {
  const species = speciesOf(catalog);
  const words = wordsOfNames(catalog);
  const looked = new Map<string, Named>();
  const look = (name: string): Named => {
    const before = looked.get(name);
    if (before) return before;
    let entry = nothingNamed;
    const mayBeName = name
      .split(/[ ']/)
      .every((word) => words.has(word) || words.has(word.replace(/s$/, '')));
    for (const text of mayBeName ? variants(name) : []) {
      const forbidden = forbiddenNamed(text);
      const oils = forbidden
        ? [forbidden.id]
        : [...new Set([...ids(oilsNamed(catalog, text)), ...(species.get(text) ?? [])])];
      const bases = [...ids(basesNamed(catalog, text)), ...(saidOfBases[text] ?? [])];
      if (oils.length + bases.length > 0) {
        entry = { oils, bases: [...new Set(bases)] };
        break;
      }
    }
    looked.set(name, entry);
    return entry;
  };
  const spelt = new Map<string, string | null>();
  const nearest = (name: string): string | null => {
    const before = spelt.get(name);
    if (before !== undefined) return before;
    const short = Object.hasOwn(shortForms, name) ? shortForms[name] : undefined;
    if (short !== undefined) return short;
    if (name.length < 5) return null;
    const most = name.length >= 8 ? 2 : 1;
    let best: string | null = null;
    let least = most + 1;
    const known = knownNames(catalog);
    for (let length = name.length - most; length <= name.length + most; length += 1) {
      for (const text of known.get(spellingKey(name.charAt(0), length)) ?? []) {
        const apart = lettersApart(name, text, least - 1);
        if (apart < least) [best, least] = [text, apart];
      }
    }
    spelt.set(name, best);
    return best;
  };
  const withComma = namesWithComma(catalog);
  /** What a name by itself is for, as on a bottle or in the cell of a table. */
  const named = (text: string): Named => {
    const exact = { oils: ids(oilsNamed(catalog, text)), bases: ids(basesNamed(catalog, text)) };
    return exact.oils.length + exact.bases.length > 0 ? exact : look(plainWords(text));
  };
  return { look, named, nearest, isNameWithComma: (text: string) => withComma.has(text) };
};

export type MaterialFinder = ReturnType<typeof materialFinder>;
