import type { Catalog } from '@jubbet/core/catalog';
import type { Verdict } from '@jubbet/core/limits';
import { useMemo } from 'react';
import { useCatalog } from '../../parts/catalog';
import { useInSlices } from '../../parts/useInSlices';
import type { BookFacts } from './bookFacts';
import { judgedCard } from './judgedCard';

/** What a card says; of a blend that is not finished, or is broken, that it can't be checked. */
const verdictOf = (catalog: Catalog, { record }: BookFacts): Verdict | null => {
  try {
    const judged = judgedCard(catalog, record);
    return 'verdict' in judged ? judged.verdict : 'unknown';
  } catch {
    return 'unknown';
  }
};

/**
 * The blends of one verdict; judged some at a time.
 *
 * @returns those that are known by now, and the share of all that were looked at, 0 to 1
 */
export const useVerdicts = (
  all: readonly BookFacts[],
  wanted: Verdict | '',
): { readonly found: readonly BookFacts[]; readonly share: number } => {
  const catalog = useCatalog();
  const judge = useMemo(
    () => (wanted === '' ? null : (bookFacts: BookFacts) => verdictOf(catalog, bookFacts)),
    [catalog, wanted],
  );
  const { done, share } = useInSlices(all, judge);
  return {
    found: wanted === '' ? all : all.filter((_, n) => n < done.length && done[n] === wanted),
    share,
  };
};
