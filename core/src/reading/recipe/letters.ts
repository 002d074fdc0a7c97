/**
 * A text in small letters without accents, letter by letter: what is found in it is at the same
 * place in the text itself. Dashes and quotes of all kinds become plain ones.
 */
export const plainLetters = (text: string): string =>
  letterByLetter(text).replace(/\.{2,}/g, (dots) => ' '.repeat(dots.length));

const letterByLetter = (text: string): string =>
  Array.from({ length: text.length }, (_, n) => {
    const letter = text.charAt(n);
    if (letter >= ' ' && letter <= '~') return letter.toLowerCase();
    if (/[‐‑‒–—―−]/.test(letter)) return '-';
    if (/[‘’ʼ´`]/.test(letter)) return "'";
    if (/[“”«»]/.test(letter)) return '"';
    if (/[×✕]/.test(letter)) return 'x';
    if (/[•·▪◦‣●✓✔☐]/.test(letter)) return '*';
    if (/[\s\u00a0\u2007\u202f]/.test(letter)) return ' ';
    if (letter === 'œ') return 'o';
    const [bare = letter] = letter.normalize('NFD');
    return bare.length === 1 ? bare.toLowerCase() : letter;
  }).join('');

/** Where something is in a line. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** True where two stretches share a letter. */
export const overlaps = (a: Span, b: Span): boolean => a.from < b.to && b.from < a.to;
