/**
 * A text in small letters without accents, letter by letter: what is found in it is at the same
 * place in the text itself. Dashes and quotes of all kinds become plain ones.
 */
export const plainLetters = (text: string): string =>
  letterByLetter(text).replace(/\.{2,}/g, (dots) => ' '.repeat(dots.length));

const letterByLetter = (text: string): string =>
  /^[ -~]*$/.test(text) ? text.toLowerCase() : eachLetter(text);

const eachLetter = (text: string): string =>
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

/** Signs that other scripts write beside their digits, and full-width letters and signs, as those here. */
const signsElsewhere: Readonly<Record<string, string>> = { '٪': '%', '٫': '.', '٬': ',', '⁄': '/' };

/** The digit that a sign of any script stands for: they lie in rows of ten, from nought to nine. */
const digitOf = (sign: string): string => {
  const at = sign.codePointAt(0) ?? 0;
  let first = at;
  while (/\p{Nd}/u.test(String.fromCodePoint(first - 1))) first -= 1;
  return String((at - first) % 10);
};

/**
 * A text with the digits of any script, and the signs beside them, as 0 to 9, point, comma and %:
 * `١٢ ml` and `１２ ml` are `12 ml`.
 */
export const plainFigures = (text: string): string =>
  /[^ -~]/.test(text)
    ? text
        .replace(/(?![0-9])\p{Nd}/gu, digitOf)
        .replace(/[\uff01-\uff5e]/g, (sign) => String.fromCharCode(sign.charCodeAt(0) - 0xfee0))
        .replace(/[٪٫٬⁄]/g, (sign) => signsElsewhere[sign] ?? sign)
    : text;

/** Where something is in a line. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** True where two stretches share a letter. */
export const overlaps = (a: Span, b: Span): boolean => a.from < b.to && b.from < a.to;
