import { fillingsOf, workOut } from '@jubbet/core/drops';
import { outOfBottles, preDilutedIn } from '@jubbet/core/mixture';
import { stockOf, timesFromShelf } from '@jubbet/core/stock';
import { fillingsWords, nameOrNone, wearerWords, todayWords } from '@jubbet/core/words';
import { useCallback, useMemo } from 'react';
import { Link } from 'react-router';
import { useCatalog } from '../../parts/catalog';
import { Section } from '../../ui/Section';
import { useInSlices } from '../../parts/useInSlices';
import { blends, type BlendOfToday } from '../../store/blends';
import { bottles } from '../../store/bottles';
import { useStored } from '../../store/useStored';

/** So many blends are tried, those changed last; and so many are offered. */
const mostTried = 24;
const mostShown = 3;

/** What could be made from the shelf now, all of it and within its limits. */
export const CouldMake = () => {
  const catalog = useCatalog();
  const { data: shelf } = useStored(['bottles'], () => bottles.list());
  const { data: recent } = useStored(['recent blends', mostTried], () => blends.recent(mostTried));
  const stock = useMemo(() => stockOf((shelf ?? []).map(({ bottle }) => bottle)), [shelf]);
  const work = useCallback(
    ({ recipe }: BlendOfToday): boolean => {
      const worked = workOut(catalog, recipe);
      if (worked.state !== 'done' || worked.evaluation.blocking) return false;
      if (worked.evaluation.verdict === 'over') return false;
      const { blend, evaluation } = worked;
      const mixture = outOfBottles(evaluation.mixture, preDilutedIn(catalog, recipe), blend.count);
      return (timesFromShelf({ mixture }, blend.count, stock) ?? 0) >= 1;
    },
    [catalog, stock],
  );
  const tried = useMemo(() => recent ?? [], [recent]);
  const { done } = useInSlices(tried, work);
  const found = tried.filter((_, n) => done[n]).slice(0, mostShown);
  if (found.length === 0) return null;
  return (
    <Section title={todayWords.youCouldMakeNow}>
      <ul>
        {found.map(({ id, recipe }) => (
          <li key={id} className="border-b border-line py-2 last:border-0">
            <Link to={`/blends/${id}/make`} className="font-semibold text-press">
              {nameOrNone(recipe.name)}
            </Link>
            <span className="block text-sm text-soft">
              {fillingsWords(fillingsOf(recipe))}, for{' '}
              {wearerWords(recipe.brief.wearer ?? 'anyone')}
            </span>
          </li>
        ))}
      </ul>
    </Section>
  );
};
