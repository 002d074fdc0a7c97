import { plainLetters, type Span } from '../../quantity';
import { nothingNamed, type Named, type MaterialFinder } from '../../catalog';

/** A name of a material in a line. */
export interface FoundMaterial extends Span {
  /** As it is there. */
  readonly text: string;
  /** What it may be, the likeliest first; one where it is certain. */
  readonly ids: readonly string[];
  readonly kind: 'oil' | 'base';
  /** It is spelled otherwise than anything here: the nearest was taken. */
  readonly isMisspelt: boolean;
  /** A word of every day that is a material only beside an amount, or beside `oil`. */
  readonly isCommonWord: boolean;
}

const oilWords = new Set(['oil', 'oils', 'essential', 'eo', 'eos', 'ess']);

/** Nouns that make another thing of the word before them: no oil, and no base of the library. */
const otherThing =
  /^(?:buds?|petals?|flowers?|leaf|leaves|tea|juice|zest|rind|powder|extract|sticks?|milk|honey|cream|flour|tincture|bark chips|sprigs?|slices?|wedges?|scented|coloured|colored|smelling|water|hydrosol|hydrolat|fragrances?|perfumed?|flavou?rings?|essence|soap)$/;

/** Names that are also words of every day. */
const common = new Set(
  'balm,rose,sage,bay,lime,orange,pine,mint,balsam,water,sugar,salt,rue,fir,wax,cocoa,coconut,olive,lemon,almond,hemp,mango,apricot,aloe,camphor,clary,spruce,alcohol,honey,may chang,palm,castor,thyme,oil'.split(
    ',',
  ),
);

interface Word extends Span {
  readonly text: string;
}

/** At most so many words are a name. */
const mostWords = 9;

/** What may be between two words of one name: a space, a hyphen, a comma, an opening bracket. */
const joins = /^(?: |-|_|\/| ?, | ?\. ?| ?\(|\) ?)$/;

const kindOf = ({ oils, bases }: Named, text: string): 'oil' | 'base' => {
  const saysEssential = /\b(?:essential|eos?|ess)\b/.test(text);
  if (bases.length === 0 || (saysEssential && oils.length > 0)) return 'oil';
  if (oils.length === 0) return 'base';
  return /\b(?:oil|carrier|butter)\b/.test(text) ? 'base' : 'oil';
};

/**
 * All materials of a line, from left to right, the longest name first.
 *
 * @param mayBeMisspelt true where the line is one of ingredients: elsewhere a word is just a word
 */
export const materialsIn = (
  line: string,
  finder: MaterialFinder,
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
    const hit = longest(plain, words, n, finder, mayBeMisspelt ? finder.nearest : null);
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
      text: line.slice(first.from, end.to),
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
  { look, isNameWithComma }: MaterialFinder,
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
    if (reachesIntoAnother(plain, words, [at, last, reach], { look, isNameWithComma })) continue;
    const stretch = Math.max(
      stretched(plain, words, last),
      nearest ? asOneName(words, at, last, reach, entry, { look, nearest }) : last,
    );
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
    const word = nearest(name);
    const entry = word === null ? nothingNamed : look(word);
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

const isOil = (look: MaterialFinder['look'], words: readonly Word[]): boolean =>
  look(nameOf(words)).oils.length > 0;

/**
 * True where words on both sides of a comma would be one name, and what is behind it is another:
 * `lemon, eucalyptus` are two oils, `orange, sweet` is one, and so is `Cedarwood, Atlas`, the name that
 * the library itself writes with a comma.
 */
const reachesIntoAnother = (
  plain: string,
  words: readonly Word[],
  [at, last, reach]: readonly [number, number, number],
  { look, isNameWithComma }: Pick<MaterialFinder, 'look' | 'isNameWithComma'>,
): boolean => {
  const span = words.slice(at, last + 1);
  const comma = span.findIndex((word, n) => {
    const next = span[n + 1];
    return next !== undefined && plain.slice(word.to, next.from).includes(',');
  });
  if (comma < 0) return false;
  const behind = at + comma + 1;
  const longer = Array.from({ length: reach - last }, (_, n) => last + 1 + n);
  if (longer.some((end) => isOil(look, words.slice(behind, end + 1)))) return true;
  const text = plain.slice(span[0]?.from, span[span.length - 1]?.to);
  return isOil(look, words.slice(behind, last + 1)) && !isNameWithComma(text);
};

/** Where a word more is the same name, misspelt: `ylang yland`. */
const asOneName = (
  words: readonly Word[],
  at: number,
  last: number,
  reach: number,
  entry: Named,
  { look, nearest }: Pick<MaterialFinder, 'look' | 'nearest'>,
): number => {
  const more = words[last + 1]?.text ?? '';
  if (last + 1 > reach || more.length < 4 || !/^[a-z]/.test(more)) return last;
  const longer = nearest(nameOf(words.slice(at, last + 2)));
  const same = longer === null ? nothingNamed : look(longer);
  return [...same.oils, ...same.bases].some((id) => [...entry.oils, ...entry.bases].includes(id))
    ? last + 1
    : last;
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

/** With `essential oil` and the like that are right behind a name. */
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
