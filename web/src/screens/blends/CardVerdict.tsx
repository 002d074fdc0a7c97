import { isAboutRoom, workOut, type WorkedOut } from '@jubbet/core/drops';
import type { Recipe } from '@jubbet/core/recipe';
import { strengthWords } from '@jubbet/core/words';
import { useMemo } from 'react';
import { useCatalog } from '../../parts/catalog';
import { VerdictMark } from '../../parts/VerdictMark';

/** Why a blend is not judged, in two or three words. */
const stateWords = (worked: Exclude<WorkedOut, { state: 'done' }>): string => {
  if (worked.state !== 'problem') return 'not finished';
  return isAboutRoom(worked.problem) ? 'does not fit' : 'not all of it is here';
};

/** What a blend in the book comes to: its verdict and its strength. */
export const CardVerdict = ({ recipe }: { recipe: Recipe }) => {
  const catalog = useCatalog();
  const worked = useMemo(() => workOut(catalog, recipe), [catalog, recipe]);
  return worked.state === 'done' ? (
    <>
      <VerdictMark verdict={worked.evaluation.verdict} /> ·{' '}
      {strengthWords(worked.evaluation.mixture, recipe.by)}
    </>
  ) : (
    <VerdictMark verdict="unknown" word={stateWords(worked)} />
  );
};
