import { mixedAmountWords, mixedOnceWords } from '@jubbet/core/words';
import type { Calculated } from '@jubbet/core/drops';
import { preDilutionNeed } from '@jubbet/core/mixture';
import { wholeBlendLimit } from '@jubbet/core/limits';
import { nonBreaking } from './nonBreaking';

/** What is mixed with carrier first: how, how much of it goes in, and that it is not for skin itself. */
export const PreDilutions = ({ done }: { done: Calculated }) => {
  const { blend, evaluation } = done;
  const { catalog, preDilutions = [], brief, guideline, count } = blend;
  const { maximum } = wholeBlendLimit(brief, guideline);
  return preDilutions.map((mixed) => {
    const poured = evaluation.mixture.oils.find(({ oil }) => oil.id === mixed.id);
    if (!poured) return null;
    const need = preDilutionNeed(mixed, poured.ml.likely * count);
    return (
      <p key={mixed.id} className="mt-1 text-sm">
        <b>{mixed.name}:</b> first mix {nonBreaking(mixedOnceWords(catalog, need))}.{' '}
        <span className="text-soft">
          That is {nonBreaking(mixedAmountWords(need))}.
          {mixed.percent > maximum && ' It is too strong for this skin by itself.'}
        </span>
      </p>
    );
  });
};
