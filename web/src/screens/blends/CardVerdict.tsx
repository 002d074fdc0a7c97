import { isAboutRoom, workOut, type WorkedOut } from '@jubbet/core/drops';
import type { Catalog } from '@jubbet/core/catalog';
import type { Verdict } from '@jubbet/core/limits';
import { strengthWords } from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';
import { VerdictMark } from '../../parts/VerdictMark';
import type { BlendOfToday } from '../../store/blends';

/** Why a blend is not judged, in two or three words. */
const stateWords = (worked: Exclude<WorkedOut, { state: 'done' }>): string => {
  if (worked.state !== 'problem') return 'not finished';
  return isAboutRoom(worked.problem) ? 'does not fit' : 'something is missing';
};

/** What a card says of a blend: its verdict and its strength, or why it is not judged. */
type Said =
  { readonly verdict: Verdict | null; readonly strength: string } | { readonly word: string };

/** What was said of blends, by catalog: working one out takes longer than drawing its card. */
const known = new WeakMap<Catalog, Map<string, Said>>();

/** Of more blends than this nothing is remembered at once. */
const mostKnown = 3000;

const said = (catalog: Catalog, { id, revision, recipe }: BlendOfToday): Said => {
  const cards = known.get(catalog) ?? new Map<string, Said>();
  known.set(catalog, cards);
  // The wearer is as they are today, whatever the revision.
  const key = JSON.stringify([id, revision, recipe.brief]);
  const before = cards.get(key);
  if (before) return before;
  const worked = workOut(catalog, recipe);
  const now: Said =
    worked.state === 'done'
      ? {
          verdict: worked.evaluation.verdict,
          strength: strengthWords(worked.evaluation.mixture, recipe.by),
        }
      : { word: stateWords(worked) };
  if (cards.size >= mostKnown) cards.clear();
  cards.set(key, now);
  return now;
};

/** What a blend in the book comes to: its verdict and its strength. */
export const CardVerdict = ({ record }: { record: BlendOfToday }) => {
  const one = said(useCatalog(), record);
  return 'word' in one ? (
    <VerdictMark verdict="unknown" word={one.word} />
  ) : (
    <>
      <VerdictMark verdict={one.verdict} /> · {one.strength}
    </>
  );
};
