import { z } from 'zod';
import { strengthBy } from '../mixture';
import type { Finding } from '../limits';
import type { Made, MadeContainer } from './made';
import { mixtureBestBefore, type BestBefore } from './bestBefore';
import type { Day } from '../quantity';

/** What came of a batch, as lists show it: from what was counted and measured. */
export const madeSummarySchema = z.strictObject({
  /** The worst of its containers; null where nothing went in. */
  verdict: z.enum(['within', 'caution', 'over', 'unknown']).nullable(),
  /** Some container must not be used by its wearer. */
  blocking: z.boolean(),
  /** The weakest and the strongest container, in percent; null where nothing went in. */
  percent: z.tuple([z.number().min(0).max(100), z.number().min(0).max(100)]).nullable(),
  /** The earliest of its containers; null where nothing went in. */
  bestBefore: z.iso.date().nullable(),
});

export type MadeSummary = z.infer<typeof madeSummarySchema>;

const filledOf = ({ containers }: Made): readonly MadeContainer[] =>
  containers.filter(({ isEmpty }) => !isEmpty);

/** The earliest date of the containers of a batch; null where nothing is in any. */
export const madeBestBefore = (made: Made, madeOn: Day): BestBefore | null =>
  filledOf(made)
    .map(({ evaluation }) => mixtureBestBefore(madeOn, evaluation.mixture))
    .sort((a, b) => a.date.localeCompare(b.date))[0] ?? null;

/** What stands against a batch, of all its containers; what is the same of several once. */
export const madeFindings = (made: Made): readonly Finding[] => [
  ...new Map(
    filledOf(made).flatMap(({ evaluation }) =>
      evaluation.findings
        .filter(({ verdict }) => verdict !== 'within' && verdict !== 'note')
        .map(
          (one) => [JSON.stringify([one.rule, one.subject, one.reason, one.value]), one] as const,
        ),
    ),
  ).values(),
];

/** What a list shows of a batch. */
export const summaryOf = (made: Made, madeOn: Day): MadeSummary => {
  const filled = filledOf(made);
  const percents = filled.map(
    ({ evaluation }) => strengthBy(evaluation.mixture, made.blend.formula.by).likely,
  );
  return {
    verdict: made.verdict,
    blocking: made.blocking,
    percent: percents.length > 0 ? [Math.min(...percents), Math.max(...percents)] : null,
    bestBefore: madeBestBefore(made, madeOn)?.date ?? null,
  };
};
