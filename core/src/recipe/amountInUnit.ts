import { measures } from '../catalog';
import { readAmount, type SpoonCountry } from '../quantity';
import { aRange, type SaidProblem } from './saidAmount';

/** Of what an amount is stated, and in which unit it is kept. */
export interface AmountOf {
  readonly unit: 'ml' | 'g';
  /** Null where it is not known: then it is stated in the unit itself. */
  readonly densityGPerMl: number | null;
  /** False for what lies in a heap: a cup of it weighs what it likes. */
  readonly liquid: boolean;
}

/** What an amount comes to in its unit, or why it does not. */
export type AmountInUnit =
  | { readonly ok: true; readonly value: number }
  | { readonly ok: false; readonly problem: SaidProblem };

const no = (problem: SaidProblem): AmountInUnit => ({ ok: false, problem });

/** To a hundredth: finer than a kitchen scale. */
const yes = (value: number): AmountInUnit => ({ ok: true, value: Math.round(100 * value) / 100 });

/** Reads `2 fl oz`, `1 lb`, `3 tbsp` into ml or g. */
export const readAmountInUnit = (
  text: string,
  { unit, densityGPerMl, liquid }: AmountOf,
  country: SpoonCountry | null,
): AmountInUnit => {
  // No one is asked whose cup it is where no cup will do.
  const whose = liquid ? country : (country ?? 'metric');
  const read = readAmount(text, whose, measures, { fillMl: 0, liquid });
  if (!read.ok) return no({ ...read, readings: read.readings ?? [] });
  const { amount } = read;
  if (amount.upTo !== undefined) return no(aRange(text));
  switch (amount.kind) {
    case 'ml':
      if (unit === 'ml') return yes(amount.ml);
      if (!liquid) return no({ code: 'a-heap' });
      return densityGPerMl === null
        ? no({ code: 'density-unknown', unit })
        : yes(amount.ml * densityGPerMl);
    case 'g':
      if (unit === 'g') return yes(amount.g);
      return densityGPerMl === null
        ? no({ code: 'density-unknown', unit })
        : yes(amount.g / densityGPerMl);
    case 'drops':
    case 'parts':
    case 'percent':
      return no({ code: 'other-unit', unit });
  }
};
