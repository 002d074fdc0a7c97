import { readDecimal } from './number';

/** What may be in a field. */
export interface NumberRule {
  readonly least: number;
  /** True where `least` itself may not be. */
  readonly above?: boolean;
  readonly most: number;
  readonly whole?: boolean;
}

/** Why a number cannot are in a field, or is none. */
export type NumberProblem =
  | { readonly code: 'empty' | 'no-number'; readonly text: string; readonly whole: boolean }
  | { readonly code: 'not-whole' }
  | { readonly code: 'not-above' | 'too-small' | 'too-large'; readonly bound: number }
  | { readonly code: 'two-ways'; readonly text: string };

export type ReadNumber =
  | { readonly ok: true; readonly value: number }
  | {
      readonly ok: false;
      readonly problem: NumberProblem;
      /** True for a number that may not be here; false for what is no number. */
      readonly isNumber: boolean;
      /** Texts that are read without doubt; none where nothing is in doubt. */
      readonly readings: readonly string[];
    };

const no = (
  problem: NumberProblem,
  isNumber: boolean,
  readings: readonly string[] = [],
): ReadNumber => ({ ok: false, problem, isNumber, readings });

const withoutUnit = (text: string, unit: string): string => {
  const plain = text.trim();
  return unit !== '' && plain.toLowerCase().endsWith(unit.toLowerCase())
    ? plain.slice(0, -unit.length).trim()
    : plain;
};

/** A number against what may be in the field. */
const checked = (value: number, rule: NumberRule): ReadNumber => {
  if (rule.whole && !Number.isInteger(value)) return no({ code: 'not-whole' }, true);
  if (value < rule.least || (rule.above && value === rule.least)) {
    return no({ code: rule.above ? 'not-above' : 'too-small', bound: rule.least }, true);
  }
  return value > rule.most
    ? no({ code: 'too-large', bound: rule.most }, true)
    : { ok: true, value };
};

/**
 * A number as people type it: in either custom of commas and points, with spaces around it, with
 * the unit of the field behind it or without.
 *
 * @param unit that is beside the field: `%`
 */
export const readNumber = (text: string, rule: NumberRule, unit = ''): ReadNumber => {
  const whole = rule.whole ?? false;
  const plain = withoutUnit(text, unit);
  if (plain === '') return no({ code: 'empty', text: '', whole }, false);
  const read = readDecimal(plain);
  if (read.ok) return checked(read.value, rule);
  if (read.code === 'no-number') return no({ code: 'no-number', text: text.trim(), whole }, false);
  // Of two readings one may be out of the question here: 99.999 % is no 99999 %.
  const possible = read.readings.map((value) => checked(value, rule)).filter(({ ok }) => ok);
  const [only] = possible;
  return only && possible.length === 1
    ? only
    : no({ code: 'two-ways', text: plain }, true, read.readings.map(String));
};
