import { readDecimal } from './number';

/** An age in full months, or that it cannot be read. */
export type ReadAge = { readonly ok: true; readonly months: number } | { readonly ok: false };

/** No one grows older, in months. */
const oldest = 1500;

/** Weeks in a month of the calendar, on the mean of four years. */
const weeksPerMonth = 365.25 / 12 / 7;

const fractions: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75 };

const unitMonths = (unit: string): number | null => {
  if (/^(y|yr|yrs|years?|years? old)$/.test(unit)) return 12;
  if (/^(m|mo|mos|mth|mths|months?|months? old)$/.test(unit)) return 1;
  if (/^(w|wk|wks|weeks?|weeks? old)$/.test(unit)) return 1 / weeksPerMonth;
  return null;
};

/** `2`, `2.5`, `1/2`, `2 1/2`, `2½`, `½`. */
const numberOf = (text: string): number | null => {
  const plain = text.trim();
  const match = /^(\d+)?\s*(?:(\d+)\/(\d+)|([½¼¾]))$/.exec(plain);
  if (match) {
    const [, whole = '0', top, under, sign = ''] = match;
    if (match[1] !== undefined && top !== undefined && !/\d\s+\d/.test(plain)) return null;
    if (under === '0') return null;
    return Number(whole) + (top && under ? Number(top) / Number(under) : (fractions[sign] ?? 0));
  }
  const read = readDecimal(plain);
  return read.ok && read.value >= 0 ? read.value : null;
};

/**
 * Reads an age as people say it: `41`, `8 years`, `7 months`, `18 mo`, `6 weeks`, `2 1/2`,
 * `1 year 3 months`. Without a unit it is in years. Full months are reported, so that a part of one
 * counts as the younger, which is the careful side.
 */
export const readAge = (text: string): ReadAge => {
  const plain = text
    .toLowerCase()
    .replace(/ ?and a half/, '½')
    .replace(/\./g, (dot, at: number, all: string) => (/\d/.test(all.charAt(at + 1)) ? dot : ''));
  const part = /\s*(\d[\d.,/ ]*(?:[½¼¾])?|[½¼¾])\s*([a-z]+(?: old)?)?\s*(?:,|and|&)?\s*/y;
  let months = 0;
  let parts = 0;
  let smallest = Infinity;
  while (part.lastIndex < plain.length) {
    const match = part.exec(plain);
    const value = match && numberOf(match[1] ?? '');
    if (!match || value === null) return { ok: false };
    const unit = match[2] === undefined && parts === 0 ? 12 : unitMonths(match[2] ?? '');
    // Years, then months, then weeks: each once.
    if (unit === null || unit >= smallest) return { ok: false };
    smallest = unit;
    months += value * unit;
    parts += 1;
  }
  const full = Math.floor(months + 1e-9);
  return parts > 0 && full <= oldest ? { ok: true, months: full } : { ok: false };
};
