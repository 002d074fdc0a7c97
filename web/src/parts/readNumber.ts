/** What may stand in a field. */
export interface NumberRule {
  readonly least: number;
  /** True where `least` itself may not stand. */
  readonly above?: boolean;
  readonly most: number;
  readonly whole?: boolean;
}

export type ReadNumber =
  | { readonly ok: true; readonly value: number }
  | {
      readonly ok: false;
      readonly sentence: string;
      /** True for a number that may not stand here; false for what is no number. */
      readonly isNumber: boolean;
    };

const no = (sentence: string, isNumber = false): ReadNumber => ({ ok: false, sentence, isNumber });

const notHere = (sentence: string): ReadNumber => no(sentence, true);

/** A number as people type it: a comma or a point, spaces around it. */
export const readNumber = (text: string, rule: NumberRule): ReadNumber => {
  const plain = text.trim().replace(',', '.');
  const kind = rule.whole ? 'a whole number' : 'a number';
  if (plain === '') return no(`Type ${kind}.`);
  if (!/^[+-]?(\d+\.?\d*|\.\d+)$/.test(plain)) return no(`“${text.trim()}” is not ${kind}.`);
  const value = Number(plain);
  if (rule.whole && !Number.isInteger(value)) return notHere('Whole numbers only.');
  if (value < rule.least || (rule.above && value === rule.least)) {
    return notHere(
      rule.above ? `More than ${rule.least}, please.` : `${rule.least} or more, please.`,
    );
  }
  if (value > rule.most) return notHere(`At most ${rule.most}.`);
  return { ok: true, value };
};
