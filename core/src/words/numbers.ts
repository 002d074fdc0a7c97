import { isExact, type Range } from '../quantity';

/**
 * Writes a number the way doses are written in hospitals: a zero before the
 * point (0.5), none after it (5, not 5.0), no more digits than the measure
 * carries, and never an exponent.
 *
 * @param digits significant digits, 1 or more
 */
export const formatNumber = (value: number, digits = 2): string => {
  if (!Number.isFinite(value)) return 'not known';
  if (value === 0) return '0';
  const magnitude = Math.floor(Math.log10(Math.abs(value)));
  const decimals = Math.min(6, Math.max(0, digits - 1 - magnitude));
  // 0.285 is a hair less in binary; it is read as it was written.
  const scaled = Math.round(value * 10 ** decimals * (1 + 1e-12));
  const text = (scaled / 10 ** decimals).toFixed(decimals);
  return text.includes('.') ? text.replace(/\.?0+$/, '') || '0' : text;
};

/** A percentage with its sign and the space before it: `2.9 %`. */
export const formatPercent = (value: number, digits = 2): string =>
  `${formatNumber(value, digits)} %`;

/** A volume: `9.5 ml`, `0.15 ml`. */
export const formatMl = (value: number, digits = 2): string => `${formatNumber(value, digits)} ml`;

/** A mass: `8.2 g`. */
export const formatG = (value: number, digits = 2): string => `${formatNumber(value, digits)} g`;

/** A range with its unit, `2.2 to 3.7 %`; a single figure where the ends read alike. */
export const formatRange = (range: Range, unit: string, digits = 2): string => {
  const low = formatNumber(range.low, digits);
  const high = formatNumber(range.high, digits);
  return isExact(range) || low === high
    ? `${formatNumber(range.likely, digits)} ${unit}`
    : `${low} to ${high} ${unit}`;
};

/** With a small first letter, as a name is within a sentence; a saint keeps the capital. */
export const uncapitalised = (text: string): string =>
  /^St /.test(text) ? text : text.charAt(0).toLowerCase() + text.slice(1);

/** The same words with a capital first. */
export const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Plurals that are not made with an s. */
const plurals: Readonly<Record<string, string>> = { person: 'people' };

/** `box` is `boxes`, `batch` is `batches`. */
const pluralOf = (word: string): string =>
  plurals[word] ?? (/(?:s|x|z|ch|sh)$/.test(word) ? `${word}es` : `${word}s`);

/** `1 month`, `18 months`, `2 batches`, `3 people`. */
export const countedWords = (count: number, word: string): string =>
  `${formatNumber(count)} ${count === 1 ? word : pluralOf(word)}`;

/** `1 drop`, `7 drops`. */
export const formatDrops = (count: number): string => `${count} ${count === 1 ? 'drop' : 'drops'}`;

/** `15`; of a range `10 to 15`. */
export const dropsToCount = ({
  drops,
  atLeast = drops,
}: {
  readonly drops: number;
  readonly atLeast?: number;
}): string => (atLeast < drops ? `${atLeast} to ${drops}` : String(drops));

/** `1 drop`, `15 drops`; of a range `10 to 15 drops`. */
export const formatWantedDrops = (step: {
  readonly drops: number;
  readonly atLeast?: number;
}): string => `${dropsToCount(step)} ${step.drops === 1 ? 'drop' : 'drops'}`;

/** `lavender`, `lavender and lime`, `lavender, lime and myrrh`. */
export const formatList = (items: readonly string[], last: 'and' | 'or' = 'and'): string =>
  items.length < 2
    ? (items[0] ?? '')
    : `${items.slice(0, -1).join(', ')} ${last} ${items[items.length - 1]}`;

/** So many names stand in a line; the rest is counted. */
const namesInLine = 12;

/** A list of which what is beyond a line is counted: `rose, neroli and 3 more`. */
export const someOfWords = (items: readonly string[]): string =>
  items.length <= namesInLine
    ? formatList(items)
    : formatList([...items.slice(0, namesInLine), `${items.length - namesInLine} more`]);
