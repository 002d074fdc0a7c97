import {
  allNames,
  basesNamed,
  forbiddenNamed,
  oilsNamed,
  type Base,
  type Catalog,
  type Oil,
} from '../../catalog';
import { plainLetters, type Span } from './letters';

/** A name of a material in a line. */
export interface FoundMaterial extends Span {
  /** As it stands there. */
  readonly said: string;
  /** What it may be, the likeliest first; one where it is certain. */
  readonly ids: readonly string[];
  readonly kind: 'oil' | 'base';
  /** It is spelled otherwise than anything here: the nearest was taken. */
  readonly isMisspelt: boolean;
  /** A word of every day that is a material only beside an amount, or beside `oil`. */
  readonly isCommonWord: boolean;
}

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
};

const oilWords = new Set(['oil', 'oils', 'essential', 'eo', 'eos', 'ess']);

/** Nouns that make another thing of the word before them: no oil, and no base of the library. */
const otherThing =
  /^(?:buds?|petals?|flowers?|leaf|leaves|tea|juice|zest|rind|powder|extract|sticks?|milk|honey|cream|flour|tincture|bark chips|sprigs?|slices?|wedges?|scented|coloured|colored|smelling)$/;

/** Names that are also words of every day. */
const common = new Set(
  'rose,sage,bay,lime,orange,pine,mint,balsam,water,sugar,salt,rue,fir,wax,cocoa,coconut,olive,lemon,almond,hemp,mango,apricot,aloe,camphor,clary,spruce,alcohol,honey,may chang,palm,castor,thyme,oil'.split(
    ',',
  ),
);

interface Entry {
  readonly oils: readonly string[];
  readonly bases: readonly string[];
}

const none: Entry = { oils: [], bases: [] };

const ids = (materials: readonly (Oil | Base)[]): string[] => materials.map(({ id }) => id);

/** A name as the catalog may know it, with `oil` and `butter` put to it or taken away. */
const variants = (name: string): readonly string[] => {
  const bare = name
    .replace(/\b(?:essential oils?|ess oils?|eos?|carrier oils?|oils?|butter|seed oil)\b/g, ' ')
    .replace(/ +/g, ' ')
    .trim();
  const one = bare.replace(/s$/, '');
  return [
    ...new Set([
      name,
      bare,
      one,
      `${bare} oil`,
      `${bare} seed`,
      `${bare} seed oil`,
      `${bare} butter`,
    ]),
  ].filter((each) => each.length > 1);
};

const plainWords = (said: string): string =>
  plainLetters(said)
    .replace(/[^a-z0-9']+/g, ' ')
    .trim();

/** All names of a catalog that may be misspelt, by their first letter. */
const spellings = new WeakMap<Catalog, ReadonlyMap<string, readonly string[]>>();

const knownNames = (catalog: Catalog): ReadonlyMap<string, readonly string[]> => {
  const before = spellings.get(catalog);
  if (before) return before;
  const byLetter = new Map<string, string[]>();
  for (const name of new Set([...allNames(catalog).map(plainWords), ...Object.keys(saidOfBases)])) {
    if (name.length < 5) continue;
    const letter = name.charAt(0);
    byLetter.set(letter, [...(byLetter.get(letter) ?? []), name]);
  }
  spellings.set(catalog, byLetter);
  return byLetter;
};

/** How many letters apart two words are, two that changed places counting as one; at most `most` + 1. */
export const lettersApart = (a: string, b: string, most: number): number => {
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

/** Finds materials in lines, by all their names, in one catalog. */
export const materialFinder = (catalog: Catalog) => {
  const looked = new Map<string, Entry>();
  const look = (name: string): Entry => {
    const before = looked.get(name);
    if (before) return before;
    let entry = none;
    for (const one of variants(name)) {
      const forbidden = forbiddenNamed(one);
      const oils = forbidden ? [forbidden.id] : ids(oilsNamed(catalog, one));
      const bases = [...ids(basesNamed(catalog, one)), ...(saidOfBases[one] ?? [])];
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
    const most = name.length >= 8 ? 2 : 1;
    let best: string | null = null;
    let least = most + 1;
    for (const one of knownNames(catalog).get(name.charAt(0)) ?? []) {
      const apart = lettersApart(name, one, most);
      if (apart < least) [best, least] = [one, apart];
    }
    spelt.set(name, best);
    return best;
  };
  return { look, nearest };
};

export type MaterialFinder = ReturnType<typeof materialFinder>;

interface Word extends Span {
  readonly text: string;
}

/** At most so many words are a name. */
const mostWords = 6;

/** What may stand between two words of one name: a space, a hyphen, a comma, an opening bracket. */
const joins = /^(?: |-| ?, | ?\. ?| ?\(|\) ?)$/;

const kindOf = ({ oils, bases }: Entry, said: string): 'oil' | 'base' => {
  const saysEssential = /\b(?:essential|eos?|ess)\b/.test(said);
  if (bases.length === 0 || (saysEssential && oils.length > 0)) return 'oil';
  if (oils.length === 0) return 'base';
  return /\b(?:oil|carrier|butter)\b/.test(said) ? 'base' : 'oil';
};

/**
 * All materials of a line, from left to right, the longest name first.
 *
 * @param mayBeMisspelt true where the line is one of ingredients: elsewhere a word is just a word
 */
export const materialsIn = (
  line: string,
  { look, nearest }: MaterialFinder,
  mayBeMisspelt: boolean,
): readonly FoundMaterial[] => {
  const plain = plainLetters(line);
  const words: Word[] = [...plain.matchAll(/[a-z][a-z']*|\d+/g)].map((match) => ({
    text: match[0],
    from: match.index,
    to: match.index + match[0].length,
  }));
  const found: FoundMaterial[] = [];
  let n = 0;
  while (n < words.length) {
    const hit = longest(plain, words, n, look, mayBeMisspelt ? nearest : null);
    if (!hit) {
      n += 1;
      continue;
    }
    const { last, ids: some, kind, isMisspelt } = hit;
    const first = words[n];
    const end = words[last];
    if (!first || !end) break;
    const next = words[last + 1];
    if (next && otherThing.test(next.text) && plain.slice(end.to, next.from).trim() === '') {
      n = last + 2;
      continue;
    }
    const bare = plain.slice(first.from, end.to);
    found.push({
      from: first.from,
      to: end.to,
      said: line.slice(first.from, end.to),
      ids: some,
      kind,
      isMisspelt,
      isCommonWord: common.has(bare),
    });
    n = last + 1;
  }
  return found;
};

const longest = (
  plain: string,
  words: readonly Word[],
  at: number,
  look: MaterialFinder['look'],
  nearest: MaterialFinder['nearest'] | null,
): { last: number; ids: readonly string[]; kind: 'oil' | 'base'; isMisspelt: boolean } | null => {
  const first = words[at];
  if (!first || oilWords.has(first.text)) return null;
  const reach = reachOf(plain, words, at);
  for (let last = reach; last >= at; last -= 1) {
    const name = nameOf(words.slice(at, last + 1));
    const end = words[last];
    if (!end || name.length < 2) continue;
    const entry = look(name);
    if (entry.oils.length + entry.bases.length === 0) continue;
    const stretch = stretched(plain, words, last);
    const kind = kindOf(entry, plain.slice(first.from, words[stretch]?.to ?? end.to));
    return {
      last: stretch,
      ids: kind === 'oil' ? entry.oils : entry.bases,
      kind,
      isMisspelt: false,
    };
  }
  if (!nearest) return null;
  for (let last = Math.min(reach, at + 2); last >= at; last -= 1) {
    const name = nameOf(words.slice(at, last + 1)).replace(/ (?:essential )?oils?$| eo$/, '');
    const word = name.length < 5 ? null : nearest(name);
    const entry = word === null ? none : look(word);
    if (entry.oils.length + entry.bases.length === 0) continue;
    const stretch = stretched(plain, words, last);
    const kind = kindOf(entry, plain.slice(first.from, words[stretch]?.to ?? 0));
    return {
      last: stretch,
      ids: kind === 'oil' ? entry.oils : entry.bases,
      kind,
      isMisspelt: true,
    };
  }
  return null;
};

const nameOf = (words: readonly Word[]): string => words.map(({ text }) => text).join(' ');

/** The last word that may belong to a name that begins here. */
const reachOf = (plain: string, words: readonly Word[], at: number): number => {
  let last = at;
  while (last + 1 < words.length && last + 1 < at + mostWords) {
    const [here, next] = [words[last], words[last + 1]];
    if (!here || !next || !joins.test(plain.slice(here.to, next.from))) break;
    last += 1;
  }
  return last;
};

/** With `essential oil` and the like that stand right behind a name. */
const stretched = (plain: string, words: readonly Word[], last: number): number => {
  let to = last;
  while (to + 1 < words.length) {
    const [here, next] = [words[to], words[to + 1]];
    if (!here || !next || !oilWords.has(next.text)) break;
    if (!/^[ .-]+$/.test(plain.slice(here.to, next.from))) break;
    to += 1;
  }
  return to;
};
