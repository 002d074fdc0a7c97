import type { ReadNumber } from '@jubbet/core/quantity';
import { numberProblemWords } from '@jubbet/core/words';

/** Why something typed is not taken, and the ways in which it may have been meant. */
export interface Refusal {
  readonly sentence: string;
  /** Texts that are read without doubt, to be pressed; none where nothing is in doubt. */
  readonly readings: readonly string[];
}

/** Why a number is not taken. */
export const refusalOfNumber = ({
  problem,
  readings,
}: Extract<ReadNumber, { ok: false }>): Refusal => ({
  sentence: numberProblemWords(problem),
  readings,
});
