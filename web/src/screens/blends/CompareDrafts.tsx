import { useCatalog } from '../../parts/catalog';
import {
  formatNumber,
  formatPercent,
  placeWords,
  wearerWords,
  basesWords,
  fillingsWords,
  strengthWords,
} from '@jubbet/core/words';
import { workOut, fillingsOf } from '@jubbet/core/drops';
import type { Recipe } from '@jubbet/core/recipe';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { OilName } from '../../parts/OilName';
import { VerdictMark } from '../../parts/VerdictMark';

interface Side {
  readonly id: string;
  readonly title: string;
  readonly recipe: Recipe;
}

const cell = 'border-t border-line px-2 py-1.5 align-top';

/** Two drafts side by side; what differs is set in bold. */
export const CompareDrafts = ({ sides }: { sides: readonly Side[] }) => {
  const catalog = useCatalog();
  const worked = sides.map(({ recipe }) => workOut(catalog, recipe));
  const ids = [...new Set(sides.flatMap(({ recipe }) => recipe.oils.map(({ id }) => id)))];
  const words: [string, string[]][] = [
    ['Vessel', sides.map(({ recipe }) => fillingsWords(fillingsOf(recipe)))],
    [
      'For',
      sides.map(({ recipe }) => (recipe.brief.wearer ? wearerWords(recipe.brief.wearer) : '–')),
    ],
    [
      'Worn on',
      sides.map(({ recipe }) => (recipe.brief.place ? placeWords[recipe.brief.place] : '–')),
    ],
    ['In', sides.map(({ recipe }) => basesWords(catalog, recipe.bases))],
    [
      'Asked',
      sides.map(({ recipe }) =>
        recipe.target ? formatPercent(recipe.target.percent, 3) : 'as counted',
      ),
    ],
  ];
  const dropsOf = (n: number, id: string): string => {
    const one = worked[n];
    const index = sides[n]?.recipe.oils.findIndex((oil) => oil.id === id) ?? -1;
    if (index < 0) return '–';
    const mixed = one?.state === 'done' ? one.evaluation.mixture.oils[index] : undefined;
    if (!mixed) return 'not worked out';
    const amount = mixed.drops === null ? `${formatNumber(mixed.ml.likely)} ml` : `${mixed.drops}`;
    return `${amount} · ${formatPercent(mixed.byVolume.likely)}`;
  };
  const row = (key: string, head: ReactNode, values: readonly string[]) => (
    <tr key={key}>
      <th scope="row" className={clsx(cell, 'pl-0 text-left font-normal')}>
        {head}
      </th>
      {values.map((value, n) => (
        <td key={n} className={clsx(cell, new Set(values).size > 1 && 'font-semibold')}>
          {value}
        </td>
      ))}
    </tr>
  );
  return (
    <section
      aria-label="Side by side"
      className="relative overflow-x-auto rounded-xl border border-line bg-sheet px-4 py-2"
    >
      <table className="w-full border-collapse">
        <thead>
          <tr>
            <th scope="col" className="py-2 text-left text-xs font-semibold text-soft">
              Drops, and percent of the whole
            </th>
            {sides.map(({ id, title }) => (
              <th key={id} scope="col" className="px-2 py-2 text-left font-serif text-lg">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {words.map(([what, values]) => row(what, what, values))}
          {ids.map((id) =>
            row(
              id,
              <OilName name={catalog.oil(id)?.name ?? id} />,
              sides.map((_, n) => dropsOf(n, id)),
            ),
          )}
          <tr>
            <th scope="row" className={clsx(cell, 'pl-0 text-left font-normal')}>
              In all
            </th>
            {worked.map((one, n) => (
              <td key={n} className={cell}>
                {one.state === 'done' ? (
                  <>
                    {strengthWords(one.evaluation.mixture, one.blend.formula.by)} ·{' '}
                    <VerdictMark verdict={one.evaluation.verdict} />
                  </>
                ) : (
                  'not worked out'
                )}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </section>
  );
};
