import { constituentNames } from './commonNames';
import listJson from './data/constituent-list.json';
import { once } from './once';

const list: readonly string[] = listJson;

/** Totals that sheets give for several isomers: `citral` is geranial and neral. */
const sums: ReadonlyMap<string, readonly string[]> = new Map(Object.entries(constituentNames.sums));

/** What a name that stands for several constituents is made of; none for any other name. */
export const membersOfSum = (name: string): readonly string[] => sums.get(name) ?? [];

const greek: Readonly<Record<string, string>> = {
  α: 'alpha',
  β: 'beta',
  γ: 'gamma',
  δ: 'delta',
  ε: 'epsilon',
  τ: 'tau',
};

/** Words that join a name in other languages, and say nothing. */
const joining = new Set(['de', 'di', 'del', 'd', 'of', 'the', 'von']);

/** Words in brackets behind a name that say nothing of what it is. */
const saysNothing = new Set(
  'natural synthetic total sum isomer isomers main content all and both of'.split(' '),
);

/** Which mirror image it is: the limits do not tell them apart. */
const optical = /^(?:[dlrsn]|dl|ld|rac|racemic|levo|laevo|dextro|\d+[rs])$/;
/** Which side of a double bond or ring: another substance. */
const geometric = /^(?:[ez]|cis|trans)$/;
const side: Readonly<Record<string, string>> = { cis: 'z', trans: 'e' };
const short: Readonly<Record<string, string>> = { a: 'alpha', b: 'beta', g: 'gamma', para: 'p' };

/** The words of a name: Greek letters spelled out, no accents, no punctuation. */
const wordsOf = (name: string): string[] =>
  name
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[αβγδετ]/gu, (letter) => ` ${greek[letter] ?? ''} `)
    // A sharp s before a hyphen is meant for a beta.
    .replace(/ß(?=[- ])/gu, ' beta ')
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/ß/gu, 'ss')
    .split(/[^a-z0-9]+/)
    .filter(Boolean);

/** `trans-anethole` is (E)-anethole. */
const withSides = (words: readonly string[]): string[] => words.map((word) => side[word] ?? word);

/**
 * One spelling for a word that languages spell apart: `safrol`, `safrole`; `Cumarin`, `coumarine`;
 * `Limonen`, `limoneno`; `timolo`, `thymol`.
 */
const spelling = (word: string): string =>
  word
    .replace(/ou/g, 'u')
    .replace(/k/g, 'c')
    .replace(/ph/g, 'f')
    .replace(/th/g, 't')
    .replace(/y/g, 'i')
    .replace(/([a-z])\1+/g, '$1')
    .replace(/(?<=[a-z]{3})(?:e|o|a)$/, '');

/** The same words in any order are the same name. */
const keyOf = (words: readonly string[]): string => words.map(spelling).sort().join(' ');

/** Words that a laboratory runs together: `methylsalicylat`. */
const runTogether = (words: readonly string[]): string =>
  spelling(words.map((word) => word.replace(/e$/, '')).join(''));

/** A letter that stands alone may be all that tells two names apart. */
const canRunTogether = (words: readonly string[]): boolean =>
  words.every((word) => word.length > 1);

const hasSide = (words: readonly string[]): boolean => words.some((word) => geometric.test(word));

/** Names by one kind of key; null where two substances share it: then it is neither. */
type Index = ReadonlyMap<string, string | null>;

const indexBy = (entries: readonly (readonly [string, string])[]): Index => {
  const index = new Map<string, string | null>();
  for (const [key, name] of entries) {
    const before = index.get(key);
    index.set(key, before === undefined || before === name ? name : null);
  }
  return index;
};

const named: readonly (readonly [string, string])[] = [
  ...list.map((name) => [name, name] as const),
  ...[...sums.keys()].map((name) => [name, name] as const),
  ...Object.entries(constituentNames.names).flatMap(([name, others]) =>
    [name, ...others].map((other) => [other, name] as const),
  ),
];

/** Ways in which two names are one, the surest first; null where a name cannot be told that way. */
const keys: readonly ((words: readonly string[]) => string | null)[] = [
  (words) => words.map(spelling).join(' '),
  keyOf,
  (words) => keyOf(withSides(words)),
  (words) => (canRunTogether(words) ? runTogether(words) : null),
];

/** Made when first asked: most houses hold no constituents of their own. */
const indexes = once((all: typeof named) => {
  const entries = all.map(([other, name]) => ({ words: wordsOf(other), name }));
  const indexFor = (key: (words: readonly string[]) => string | null): Index =>
    indexBy(
      entries.flatMap(({ words, name }) => {
        const text = key(words);
        return text === null ? [] : [[text, name] as const];
      }),
    );
  return {
    byKey: keys.map((key) => ({ key, index: indexFor(key) })),
    sideless: indexBy(
      entries
        .filter(({ words, name }) => !hasSide([...words, ...wordsOf(name)]))
        .map(({ words, name }) => [keyOf(words), name] as const),
    ),
  };
});

const find = (words: readonly string[]): string | null => {
  const { byKey, sideless } = indexes(named);
  const bare = words.filter((word) => !joining.has(word) || word === 'd');
  const spelledOut = bare.map((word) => short[word] ?? word);
  const withDelta = spelledOut.map((word) => (word === 'd' ? 'delta' : word));
  const unmarked = spelledOut.filter((word) => !optical.test(word));
  for (const attempt of [words, bare, spelledOut, withDelta, unmarked]) {
    for (const { key, index } of byKey) {
      const name = index.get(key(attempt) ?? '');
      if (name) return name;
    }
  }
  return sideless.get(keyOf(unmarked.filter((word) => !geometric.test(word)))) ?? null;
};

const isMark = (word: string): boolean => optical.test(word) || saysNothing.has(word);
const isSide = (word: string): boolean => geometric.test(word);

/** True where two names are for the same: `Geranial (citral)` is the geranial of citral. */
const agrees = (name: string, other: string | null): boolean =>
  other === name || (other !== null && membersOfSum(other).includes(name));

/** More letters than any name of a constituent has. */
const longestName = 200;

/**
 * What the library calls the constituent of this name, in any case, with any accents, hyphens and
 * mirror-image marks, in the usual languages of laboratories: `trans-Zimtaldehyd` is
 * `cinnamaldehyde`. A total of several is a name of its own (`citral`). Null for a name that it does
 * not know; a name never leads to another substance.
 */
export const constituentNamed = (name: string): string | null => lookUp(name.slice(0, longestName));

const brackets = /\(([^()]*)\)/g;

const lookUp = (name: string): string | null => {
  const whole = find(wordsOf(name));
  if (whole) return whole;
  const insides: string[] = [];
  const outside = name.replace(brackets, (bracket, inside: string) => {
    const words = wordsOf(inside);
    // Which side of a double bond belongs to the name; which mirror image does not.
    if (words.length > 0 && words.every(isSide)) return bracket;
    if (!words.every(isMark)) insides.push(inside);
    return ' ';
  });
  if (outside !== name) {
    const found = find(wordsOf(outside));
    return found && insides.every((inside) => agrees(found, lookUp(inside))) ? found : null;
  }
  const parts = name.split(/[/=;]|\bor\b|\boder\b|\bou\b/i).filter((part) => part.trim());
  if (parts.length < 2) return null;
  const [first, ...others] = parts.map((part) => find(wordsOf(part)));
  return first && others.every((other) => other === first) ? first : null;
};
