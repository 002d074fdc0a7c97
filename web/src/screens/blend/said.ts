import { amountProblemWords, measures, readAmount, type SpoonCountry } from '@jubbet/core';
import type { Refusal } from '../../parts/readNumber';
import type { Amount } from './changes';

/** What an oil may be said to be at most, as its file has it. */
const mostMl = 20_000;
const mostDrops = 10_000;

/** To a ten-thousandth of a ml or a g: finer than anybody measures. */
const readable = (amount: number): number => Math.round(10_000 * amount) / 10_000;

/**
 * Reads an amount of an oil in words and takes it.
 *
 * @returns null where it was taken, else a sentence that says why not
 */
export const said = (
  text: string,
  {
    country,
    fillMl,
    take,
  }: {
    readonly country: SpoonCountry;
    readonly fillMl: number;
    readonly take: (amount: Amount) => void;
  },
): Refusal | null => {
  const no = (sentence: string, readings: readonly string[] = []): Refusal => ({
    sentence,
    readings,
  });
  const read = readAmount(text, country, measures, { fillMl, liquid: true });
  if (!read.ok) return no(amountProblemWords(read), read.readings);
  const { amount } = read;
  const tooMuch = no('That is more than any vessel here takes.');
  switch (amount.kind) {
    case 'ml':
      if (amount.ml > mostMl) return tooMuch;
      take({ ml: readable(amount.ml) });
      return null;
    case 'g':
      if (amount.g > mostMl) return tooMuch;
      take({ g: readable(amount.g) });
      return null;
    case 'drops':
      if (amount.drops > mostDrops) return tooMuch;
      take({ drops: amount.drops });
      return null;
    case 'parts':
      if (amount.parts <= 0) return no('More than 0 parts, please.');
      take({ parts: amount.parts });
      return null;
    case 'percent':
      if (amount.percent > 100) return no('At most 100 %.');
      take({ percent: amount.percent });
      return null;
  }
};
