import { z } from 'zod';
import { strengthBy } from '../blend/words';
import type { Made } from '../make/made';
import { mixtureBestBefore, type Day } from './bestBefore';

/** What came of a batch, as lists show it: from what was counted and measured. */
export const madeSummarySchema = z.strictObject({
  /** The worst of its containers; null where nothing went in. */
  verdict: z.enum(['holds', 'mind', 'over', 'not-known']).nullable(),
  /** Some container must not be used by its wearer. */
  hard: z.boolean(),
  /** The weakest and the strongest container, in percent; null where nothing went in. */
  percent: z.tuple([z.number().min(0).max(100), z.number().min(0).max(100)]).nullable(),
  /** The earliest of its containers; null where nothing went in. */
  bestBefore: z.iso.date().nullable(),
});

export type MadeSummary = z.infer<typeof madeSummarySchema>;

/** What a list shows of a batch. */
export const summaryOf = (made: Made, madeOn: Day): MadeSummary => {
  const filled = made.vessels.filter(({ isEmpty }) => !isEmpty);
  const percents = filled.map(
    ({ evaluation }) => strengthBy(evaluation.mixture, made.blend.formula.by).likely,
  );
  const days = filled.map(({ evaluation }) => mixtureBestBefore(madeOn, evaluation.mixture).date);
  return {
    verdict: made.verdict,
    hard: made.hard,
    percent: percents.length > 0 ? [Math.min(...percents), Math.max(...percents)] : null,
    bestBefore: [...days].sort()[0] ?? null,
  };
};
