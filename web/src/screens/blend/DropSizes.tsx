import { inDropSizes } from '@jubbet/core/advice';
import type { WorkedOut } from '@jubbet/core/drops';
import type { Recipe } from '@jubbet/core/recipe';
import { formatNumber, formatPercent } from '@jubbet/core/words';

/** Whose drops these are, and what the same drops are called in every other drop size. */
export const DropSizes = ({
  recipe,
  done: { blend, evaluation },
}: {
  recipe: Recipe;
  done: Extract<WorkedOut, { state: 'done' }>;
}) => {
  const sizes = inDropSizes(blend, evaluation.mixture);
  if (sizes.length === 0) return null;
  const others = sizes.filter(({ perMl }) => perMl !== recipe.dropsPerMl);
  return (
    <details>
      <summary className="list-none marker:content-none">
        <b className="text-ink">{formatNumber(recipe.dropsPerMl, 3)} drops per ml</b>{' '}
        <span className="text-press underline underline-offset-2">change</span>
      </summary>
      <ul className="mt-1 flex flex-wrap gap-x-4">
        {others.map(({ perMl, percent }) => (
          <li key={perMl}>
            {formatNumber(perMl, 3)} per ml: <b className="text-ink">{formatPercent(percent)}</b>
          </li>
        ))}
      </ul>
    </details>
  );
};
