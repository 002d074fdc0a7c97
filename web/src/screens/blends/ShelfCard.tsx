import { fillingsOf } from '@jubbet/core/drops';
import { fillingsWords, nameOrNone, wearerWords } from '@jubbet/core/words';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import type { BlendOfToday } from '../../store/blends';
import { CardMenu } from './CardMenuLater';
import { shelfHeight } from './shelfScale';

// What a blend comes to is loaded beside the names, which can be read and opened before it is there.
const Figure = lazy(async () => ({ default: (await import('./ShelfFigure')).ShelfFigure }));
const Facts = lazy(async () => ({ default: (await import('./ShelfFacts')).ShelfFacts }));

/** A blend as its container on the shelf. */
export const ShelfCard = ({
  record,
  named,
}: {
  record: BlendOfToday;
  /** True once the names are on the screen: what else there is to see follows them. */
  named: boolean;
}) => {
  const { id, recipe, favourite, tags } = record;
  const { wearer } = recipe.brief;
  const fillings = fillingsOf(recipe);
  return (
    <article className="group relative row-span-2 grid grid-cols-[minmax(0,1fr)] grid-rows-subgrid pb-6 text-center">
      <div
        className="flex items-end justify-center border-b-6 border-shelf pt-4"
        style={{ minHeight: Math.ceil(shelfHeight(fillings)) + 22 }}
      >
        {named && (
          <Suspense fallback={null}>
            <Figure record={record} />
          </Suspense>
        )}
      </div>
      <div className="min-h-[118px] px-2 pt-2">
        <h2 className="text-lg leading-snug">
          <Link
            to={`/blends/${id}`}
            className="text-press no-underline after:absolute after:inset-0 group-hover:underline"
          >
            {favourite && <span aria-hidden>★ </span>}
            {nameOrNone(recipe.name)}
            {favourite && <span className="sr-only">, a favourite</span>}
          </Link>
        </h2>
        <p className="text-sm text-soft">
          {fillingsWords(fillings)}
          {wearer && `, for ${wearerWords(wearer)}`}
        </p>
        {tags.length > 0 && <p className="text-xs text-soft">{tags.join(' · ')}</p>}
        {named && (
          <Suspense fallback={null}>
            <Facts record={record} />
          </Suspense>
        )}
      </div>
      <CardMenu record={record} named={named} make className="absolute top-1 right-1" />
    </article>
  );
};
