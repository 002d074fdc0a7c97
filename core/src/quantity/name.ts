import { z } from 'zod';

// Names that people type: of a person, a blend, a bottle.

/** Marks that show nothing, and a blank that is a letter to a computer. */
const invisible = /[\p{Default_Ignorable_Code_Point}\p{Cf}\p{Cc}\u2800]/gu;
const blanks = /[\s\p{Z}]+/gu;

/** Letters of other scripts that look like those of ours, in small letters. */
const lookalikes: Readonly<Record<string, string>> = {
  а: 'a',
  е: 'e',
  о: 'o',
  р: 'p',
  с: 'c',
  у: 'y',
  х: 'x',
  і: 'i',
  ј: 'j',
  ѕ: 's',
  ԁ: 'd',
  һ: 'h',
  ο: 'o',
  α: 'a',
  ν: 'v',
  ι: 'i',
  ı: 'i',
  ℓ: 'l',
};

const withoutInvisible = (text: string): string =>
  text
    .replace(/[\t\n\r]/g, ' ')
    .replace(invisible, '')
    .replace(blanks, ' ')
    .trim();

/** True where something can be seen of a name. */
export const isVisible = (text: string): boolean => withoutInvisible(text) !== '';

/** A name as it was typed, with one plain blank between words; empty where nothing can be seen. */
export const shownName = (text: string): string =>
  isVisible(text) ? text.normalize('NFC').replace(blanks, ' ').trim() : '';

/**
 * What two names have in common that a reader takes for one: capitals, accents, the width of blanks
 * and letters, kinds of hyphen and apostrophe, invisible marks and letters that look alike count for
 * nothing. Empty for a name in which nothing can be seen.
 */
export const nameKey = (text: string): string =>
  withoutInvisible(text.normalize('NFKD'))
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/\p{Pd}/gu, '-')
    .replace(/[‘’ʼ`´′]/gu, "'")
    .replace(/\P{ASCII}/gu, (letter) => lookalikes[letter] ?? letter);

/** True where a reader takes two names for one. */
export const sameName = (text: string, other: string): boolean => nameKey(text) === nameKey(other);

/** A name that someone must give: some of it can be seen. */
export const nameSchema = (most: number) =>
  z.string().trim().min(1).max(most).refine(isVisible, { error: 'needs-name' });

const collator = new Intl.Collator('en', { numeric: true });

/** The order of a dictionary: accents and capitals beside their letters, 2 before 10. */
export const byName = (text: string, other: string): number => collator.compare(text, other);

/** True where a text holds what was typed as it stands, in any capitals, accents and hyphens. */
export const searchAsTyped = (query: string): ((text: string) => boolean) => {
  const plain = (text: string): string => nameKey(text).replace(/-/g, ' ');
  const key = plain(query);
  return (text) => plain(text).includes(key);
};

/** True where a text holds every word of a search, in any capitals and accents. */
export const searchFor = (query: string): ((text: string) => boolean) => {
  const words = nameKey(query).split(/[ -]+/).filter(Boolean);
  return (text) => {
    const key = nameKey(text);
    return words.every((word) => key.includes(word));
  };
};
