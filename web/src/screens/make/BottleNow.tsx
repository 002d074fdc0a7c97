import { useCatalog } from '../../parts/catalog';
import {
  findingMessage,
  formatMl,
  formatPercent,
  strengthWords,
  verdictWords,
  makeWords,
} from '@jubbet/core/words';
import type { Blend, Evaluation } from '@jubbet/core/drops';
import { nonBreaking } from '../../parts/nonBreaking';
import { verdictShapes } from '../../parts/VerdictMark';
import { panel } from './panel';

/** What is in this bottle now, and what it comes to. */
export const BottleNow = ({
  blend,
  now,
  then,
  more,
  targetPercent,
}: {
  blend: Blend;
  now: Evaluation;
  then: Evaluation;
  /** When complete with one drop more of the oil that is counted; null where none is. */
  more: Evaluation | null;
  targetPercent: number | null;
}) => {
  const catalog = useCatalog();
  const first = then.findings[0];
  const oilMl = now.mixture.oils.reduce((total, { ml }) => total + ml.likely, 0);
  const baseMl = now.mixture.bases.reduce((total, { ml }) => total + ml.likely, 0);
  return (
    <>
      <section aria-label={makeWords.inTheBottleNow} className={panel}>
        <h2 className="font-sans text-sm font-normal text-soft">{makeWords.ifYouStopNow}</h2>
        <p className="text-lg">
          {oilMl === 0 ? (
            verdictWords(null)
          ) : baseMl === 0 ? (
            <>
              <b>{formatMl(oilMl)}</b> {makeWords.ofOilUndilutedNoCarrier}
            </>
          ) : (
            <>
              <b>{strengthWords(now.mixture, blend.formula.by)}</b>{' '}
              {blend.inOne ? 'in what is in it' : 'in the bottle'}
            </>
          )}
          {targetPercent !== null && baseMl > 0 && `, target ${formatPercent(targetPercent)}`}
        </p>
      </section>
      {more && (
        <section aria-label={makeWords.withOneMoreDrop} className={panel}>
          <h2 className="font-sans text-sm font-normal text-soft">{makeWords.withOneMoreDrop}</h2>
          <p className="text-lg">
            <b>{strengthWords(more.mixture, blend.formula.by)}</b> ·{' '}
            {more.verdict && <span aria-hidden>{verdictShapes[more.verdict]} </span>}
            {verdictWords(more.verdict)}
          </p>
        </section>
      )}
      <section aria-label="When complete" className={panel}>
        <h2 className="font-sans text-sm font-normal text-soft">When complete</h2>
        <p className="text-lg">
          <b>{strengthWords(then.mixture, blend.formula.by)}</b> ·{' '}
          {then.verdict && <span aria-hidden>{verdictShapes[then.verdict]} </span>}
          {verdictWords(then.verdict)}
        </p>
        {then.verdict !== 'within' && first && (
          <p className="mt-1 text-[15px]">{nonBreaking(findingMessage(catalog, first))}</p>
        )}
      </section>
    </>
  );
};
