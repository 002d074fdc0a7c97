import type { Catalog } from '@jubbet/core/catalog';
import type { Verdict } from '@jubbet/core/limits';
import { useEffect, useState } from 'react';
import { useCatalog } from '../../parts/catalog';
import type { BookFacts } from './bookFacts';
import { judgedCard } from './judgedCard';

/** So long blends are judged before the page may answer a hand, in ms. */
const slice = 12;

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
 * The blends of one verdict; judged some at a time, so that nothing waits for them.
 *
 * @returns those that are known by now, and the share of all that were looked at, 0 to 1
 */
export const useVerdicts = (
  all: readonly BookFacts[],
  wanted: Verdict | '',
): { readonly found: readonly BookFacts[]; readonly share: number } => {
  const catalog = useCatalog();
  const [looked, setLooked] = useState<{
    readonly of: readonly BookFacts[];
    readonly wanted: string;
    readonly upTo: number;
    readonly found: readonly BookFacts[];
  } | null>(null);
  const current = looked?.of === all && looked.wanted === wanted ? looked : null;
  useEffect(() => {
    if (wanted === '') return undefined;
    let timer: ReturnType<typeof setTimeout>;
    const found: BookFacts[] = [];
    const go = (from: number): void => {
      const until = performance.now() + slice;
      let upTo = from;
      while (upTo < all.length && performance.now() < until) {
        const one = all[upTo];
        if (one && verdictOf(catalog, one) === wanted) found.push(one);
        upTo += 1;
      }
      setLooked({ of: all, wanted, upTo, found: [...found] });
      if (upTo < all.length) timer = setTimeout(() => go(upTo));
    };
    timer = setTimeout(() => go(0));
    return () => clearTimeout(timer);
  }, [all, catalog, wanted]);
  if (wanted === '') return { found: all, share: 1 };
  return {
    found: current?.found ?? [],
    share: current ? (all.length === 0 ? 1 : current.upTo / all.length) : 0,
  };
};
