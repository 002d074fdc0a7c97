import { useCatalog } from '../../parts/catalog';
import { bottleNow, bottleThen, type Step, type Tally } from '@jubbet/core/making';
import { findingMessage, formatPercent, strengthWords, verdictSaid } from '@jubbet/core/words';
import type { Blend } from '@jubbet/core/drops';
import { useMemo } from 'react';
import { together } from '../../parts/together';
import { verdictShapes } from '../../parts/VerdictMark';

const panel = 'rounded-xl bg-[#26345f] px-4 py-3';

/** What is in this bottle now, and what it comes to. */
export const BottleNow = ({
  blend,
  steps,
  tally,
  container,
  askedPercent,
}: {
  blend: Blend;
  steps: readonly Step[];
  tally: Tally;
  container: number;
  askedPercent: number | null;
}) => {
  const catalog = useCatalog();
  const { now, then } = useMemo(
    () => ({
      now: bottleNow(blend, steps, tally, container),
      then: bottleThen(blend, steps, tally, container),
    }),
    [blend, steps, tally, container],
  );
  const first = then.findings[0];
  return (
    <>
      <section aria-label="In the bottle now" className={panel}>
        <h2 className="font-sans text-sm font-normal text-soft">If you stop now</h2>
        <p className="text-lg">
          {now.mixture.oils.every(({ ml }) => ml.likely === 0) ? (
            verdictSaid(null)
          ) : (
            <>
              <b>{strengthWords(now.mixture, blend.formula.by)}</b>{' '}
              {blend.inOne ? 'in the whole batch' : 'in the bottle'}
            </>
          )}
          {askedPercent !== null && `, target ${formatPercent(askedPercent)}`}
        </p>
      </section>
      <section aria-label="When complete" className={panel}>
        <h2 className="font-sans text-sm font-normal text-soft">When complete</h2>
        <p className="text-lg">
          <b>{strengthWords(then.mixture, blend.formula.by)}</b> ·{' '}
          {then.verdict && <span aria-hidden>{verdictShapes[then.verdict]} </span>}
          {verdictSaid(then.verdict)}
        </p>
        {then.verdict !== 'within' && first && (
          <p className="mt-1 text-[15px]">{together(findingMessage(catalog, first))}</p>
        )}
      </section>
    </>
  );
};
