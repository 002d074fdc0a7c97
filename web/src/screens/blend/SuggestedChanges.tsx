import { Panel } from '../../ui/Panel';
import { suggestionWords, strengthWords } from '@jubbet/core/words';
import { suggestChanges, suggestFits, withChange, type Suggestion } from '@jubbet/core/advice';
import { workOut } from '@jubbet/core/drops';
import type { Catalog } from '@jubbet/core/catalog';
import type { Recipe } from '@jubbet/core/recipe';
import { useCatalog } from '../../parts/catalog';
import { memo, useDeferredValue, useMemo } from 'react';
import { VerdictMark } from '../../parts/VerdictMark';
import type { TokenProps } from './tokenProps';

/** What would bring it within, or what would hold it where it does not fit. */
const offered = (catalog: Catalog, recipe: Recipe): readonly Suggestion[] => {
  const worked = workOut(catalog, recipe);
  return worked.state === 'problem'
    ? suggestFits(catalog, recipe, worked)
    : suggestChanges(catalog, recipe);
};

/** What would bring a blend within, each with what it comes to; one press, and undo takes it back. */
export const SuggestedChanges = memo(({ recipe, change }: TokenProps) => {
  const catalog = useCatalog();
  // Suggestions may come a moment after the verdict; the keystroke does not wait for them.
  const settled = useDeferredValue(recipe);
  const suggestions = useMemo(() => offered(catalog, settled), [catalog, settled]);
  if (suggestions.length === 0) return null;
  return (
    <Panel aria-label="Suggested changes" className="px-4 py-3">
      <h2 className="font-sans text-[15px] font-semibold">Suggested changes</h2>
      <ul className="mt-1 grid gap-1.5">
        {suggestions.map(({ change: one, outcome }) => (
          <li key={JSON.stringify(one)}>
            <button
              type="button"
              className="w-full rounded-lg border border-line px-3 py-2 text-left hover:border-press"
              onClick={() => change((before) => withChange(before, one))}
            >
              <span className="font-medium text-press">
                {suggestionWords(catalog, one, settled)}
              </span>
              <span className="block text-[13px] text-soft">
                {strengthWords(outcome.mixture, settled.by)} ·{' '}
                <VerdictMark verdict={outcome.verdict} />
              </span>
            </button>
          </li>
        ))}
      </ul>
    </Panel>
  );
});
SuggestedChanges.displayName = 'SuggestedChanges';
