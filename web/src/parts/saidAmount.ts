import type { Refusal } from './readNumber';
import { amountProblemWords } from '@jubbet/core/words';
import { readAmount, type SpoonCountry } from '@jubbet/core/quantity';
import { measures } from '@jubbet/core/catalog';

/** Of what an amount is said, and in which unit it is kept. */
export interface SaidOf {
  readonly unit: 'ml' | 'g';
  /** Null where it is not known: then it is said in the unit itself. */
  readonly densityGPerMl: number | null;
  /** False for what lies in a heap: a cup of it weighs what it likes. */
  readonly liquid: boolean;
}

/** What an amount comes to in its unit, or why it does not. */
export type SaidAmount =
  { readonly ok: true; readonly value: number } | ({ readonly ok: false } & Refusal);

const no = (sentence: string, readings: readonly string[] = []): SaidAmount => ({
  ok: false,
  sentence,
  readings,
});

/** To a hundredth: finer than a kitchen scale. */
const yes = (value: number): SaidAmount => ({ ok: true, value: Math.round(100 * value) / 100 });

/** Reads `2 fl oz`, `1 lb`, `3 tbsp` into ml or g. */
export const saidAmount = (
  text: string,
  { unit, densityGPerMl, liquid }: SaidOf,
  country: SpoonCountry,
): SaidAmount => {
  const read = readAmount(text, country, measures, { fillMl: 0, liquid });
  if (!read.ok) return no(amountProblemWords(read), read.readings);
  const { amount } = read;
  switch (amount.kind) {
    case 'ml':
      if (unit === 'ml') return yes(amount.ml);
      if (!liquid) return no('What a cup of it weighs depends on how it lies: weigh it.');
      return densityGPerMl === null
        ? no('Its density is not known: say it in g.')
        : yes(amount.ml * densityGPerMl);
    case 'g':
      if (unit === 'g') return yes(amount.g);
      return densityGPerMl === null
        ? no('Its density is not known: say it in ml.')
        : yes(amount.g / densityGPerMl);
    case 'drops':
    case 'parts':
    case 'percent':
      return no(`Say it in ${unit}, or in spoons, cups or ounces.`);
  }
};
