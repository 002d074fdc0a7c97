/** What may stand in a field. */
export interface NumberRule {
  readonly least: number;
  /** True where `least` itself may not stand. */
  readonly above?: boolean;
  readonly most: number;
  readonly whole?: boolean;
}

export type ReadNumber =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly sentence: string };

const no = (sentence: string): ReadNumber => ({ ok: false, sentence });

/** A number as people type it: a comma or a point, spaces around it. */
export const readNumber = (text: string, rule: NumberRule): ReadNumber => {
  const plain = text.trim().replace(',', '.');
  const kind = rule.whole ? 'a whole number' : 'a number';
  if (plain === '') return no(`Type ${kind}.`);
  if (!/^[+-]?(\d+\.?\d*|\.\d+)$/.test(plain)) return no(`“${text.trim()}” is not ${kind}.`);
  const value = Number(plain);
  if (rule.whole && !Number.isInteger(value)) return no('Whole numbers only.');
  if (value < rule.least || (rule.above && value === rule.least)) {
    return no(rule.above ? `More than ${rule.least}, please.` : `${rule.least} or more, please.`);
  }
  if (value > rule.most) return no(`At most ${rule.most}.`);
  return { ok: true, value };
};
