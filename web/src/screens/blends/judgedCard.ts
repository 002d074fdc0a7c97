import { isAboutRoom, workOut, type WorkedOut } from '@jubbet/core/drops';
import type { Catalog } from '@jubbet/core/catalog';
import type { Verdict } from '@jubbet/core/limits';
import type { Mixture } from '@jubbet/core/mixture';
import { strengthWords } from '@jubbet/core/words';
import type { BlendOfToday } from '../../store/blends';

/** Why a blend is not judged, in two or three words. */
const stateWords = (worked: Exclude<WorkedOut, { state: 'done' }>): string => {
  if (worked.state !== 'problem') return 'not finished';
  return isAboutRoom(worked.problem) ? 'does not fit' : 'something is missing';
};

/** What a card says of a blend: its verdict, its strength and what is in it, or why not. */
export type Judged =
  | { readonly verdict: Verdict | null; readonly strength: string; readonly mixture: Mixture }
  | { readonly word: string };

/** What was said of blends, by catalog: working one out takes longer than drawing its card. */
const known = new WeakMap<Catalog, Map<string, Judged>>();

/** Of more blends than this nothing is remembered at once. */
const mostKnown = 3000;

/** What a blend comes to today. */
export const judgedCard = (
  catalog: Catalog,
  { id, revision, recipe }: Pick<BlendOfToday, 'id' | 'revision' | 'recipe'>,
): Judged => {
  const cards = known.get(catalog) ?? new Map<string, Judged>();
  known.set(catalog, cards);
  // The wearer is as they are today, whatever the revision.
  const key = JSON.stringify([id, revision, recipe.brief]);
  const before = cards.get(key);
  if (before) return before;
  const worked = workOut(catalog, recipe);
  const now: Judged =
    worked.state === 'done'
      ? {
          verdict: worked.evaluation.verdict,
          strength: strengthWords(worked.evaluation.mixture, recipe.by),
          mixture: worked.evaluation.mixture,
        }
      : { word: stateWords(worked) };
  if (cards.size >= mostKnown) cards.clear();
  cards.set(key, now);
  return now;
};
