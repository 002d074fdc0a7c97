import { readDecimal } from '@jubbet/core/quantity';

/** What may stand in a field. */
export interface NumberRule {
  readonly least: number;
  /** True where `least` itself may not stand. */
  readonly above?: boolean;
  readonly most: number;
  readonly whole?: boolean;
}

/** Why something typed is not taken, and the ways in which it may have been meant. */
export interface Refusal {
  readonly sentence: string;
  /** Texts that are read without doubt, to be pressed; none where nothing is in doubt. */
  readonly readings: readonly string[];
}

export type ReadNumber =
  | { readonly ok: true; readonly value: number }
  | (Refusal & {
      readonly ok: false;
      /** True for a number that may not stand here; false for what is no number. */
      readonly isNumber: boolean;
    });

const no = (sentence: string, isNumber = false, readings: readonly string[] = []): ReadNumber => ({
  ok: false,
  sentence,
  isNumber,
  readings,
});

const notHere = (sentence: string): ReadNumber => no(sentence, true);

const withoutUnit = (text: string, unit: string): string => {
  const plain = text.trim();
  return unit !== '' && plain.toLowerCase().endsWith(unit.toLowerCase())
    ? plain.slice(0, -unit.length).trim()
    : plain;
};

/** A number against what may stand in the field. */
const checked = (value: number, rule: NumberRule): ReadNumber => {
  if (rule.whole && !Number.isInteger(value)) return notHere('Whole numbers only.');
  if (value < rule.least || (rule.above && value === rule.least)) {
    return notHere(
      rule.above ? `More than ${rule.least}, please.` : `${rule.least} or more, please.`,
    );
  }
  return value > rule.most ? notHere(`At most ${rule.most}.`) : { ok: true, value };
};

/**
 * A number as people type it: in either custom of commas and points, with spaces around it, with
 * the unit of the field behind it or without.
 *
 * @param unit that stands beside the field: `%`
 */
export const readNumber = (text: string, rule: NumberRule, unit = ''): ReadNumber => {
  const kind = rule.whole ? 'a whole number' : 'a number';
  const plain = withoutUnit(text, unit);
  if (plain === '') return no(`Type ${kind}.`);
  const read = readDecimal(plain);
  if (read.ok) return checked(read.value, rule);
  if (read.code === 'no-number') return no(`“${text.trim()}” is not ${kind}.`);
  // Of two readings one may be out of the question here: 99.999 % is no 99999 %.
  const possible = read.readings.map((value) => checked(value, rule)).filter(({ ok }) => ok);
  const [only] = possible;
  return only && possible.length === 1
    ? only
    : no(`“${plain}” can be read two ways. Which is meant?`, true, read.readings.map(String));
};
