import {
  asCounted,
  countedDrops,
  evaluate,
  findingMessage,
  formatPercent,
  type Blend,
  type Step,
  type Tally,
} from '@jubbet/core';
import { useMemo } from 'react';
import { together } from '../../parts/together';
import { verdictShapes } from '../../parts/VerdictMark';

/** Drops as they will be if the rest goes in as asked. */
const foretold = (
  steps: readonly Step[],
  tally: Tally,
  vessel: number,
): ReadonlyMap<string, number> =>
  new Map(
    steps.flatMap((step) => {
      if (step.kind !== 'count' || step.vessel !== vessel) return [];
      const count = tally.drops.get(step.id) ?? 0;
      return [[step.oilId, tally.done.has(step.id) ? count : Math.max(count, step.drops)] as const];
    }),
  );

const panel = 'rounded-xl bg-[#26345f] px-4 py-3';

/** What is in this bottle now, and what it comes to. */
export const BottleNow = ({
  blend,
  steps,
  tally,
  vessel,
  askedPercent,
}: {
  blend: Blend;
  steps: readonly Step[];
  tally: Tally;
  vessel: number;
  askedPercent: number | null;
}) => {
  const { now, then } = useMemo(() => {
    const measuredIds = new Set(
      steps.flatMap((step) =>
        step.kind === 'measure' && step.vessel === vessel && tally.done.has(step.id)
          ? [step.oilId]
          : [],
      ),
    );
    const all = new Set(steps.flatMap((step) => (step.kind === 'measure' ? [step.oilId] : [])));
    const counted = countedDrops(steps, tally, vessel);
    return {
      now: evaluate({ ...blend, formula: asCounted(blend.formula, counted, measuredIds) }),
      then: evaluate({
        ...blend,
        formula: asCounted(blend.formula, foretold(steps, tally, vessel), all),
      }),
    };
  }, [blend, steps, tally, vessel]);
  const first = then.findings[0];
  return (
    <div className="grid content-start gap-3">
      <section aria-label="In the bottle now" className={panel}>
        <h2 className="font-sans text-sm font-normal text-soft">If you stop now</h2>
        <p className="text-lg">
          <b>{formatPercent(now.mixture.strength.byVolume.likely)}</b> in the bottle
          {askedPercent !== null && `, asked ${formatPercent(askedPercent)}`}
        </p>
      </section>
      <section aria-label="When all is in" className={panel}>
        <h2 className="font-sans text-sm font-normal text-soft">When all is in</h2>
        <p className="text-lg">
          <b>{formatPercent(then.mixture.strength.byVolume.likely)}</b> ·{' '}
          <span aria-hidden>{verdictShapes[then.verdict]} </span>
          {then.verdict === 'not-known' ? 'not known' : then.verdict}
        </p>
        {then.verdict !== 'holds' && first && (
          <p className="mt-1 text-[15px]">{together(findingMessage(first))}</p>
        )}
      </section>
    </div>
  );
};
