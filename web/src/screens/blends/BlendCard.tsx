import { Panel } from '../../ui/Panel';
import { fillingsOf } from '@jubbet/core/drops';
import {
  nameFromId,
  nameOrNone,
  carrierWords,
  formatList,
  placeWords,
  wearerWords,
  fillingsWords,
} from '@jubbet/core/words';
import type { Catalog } from '@jubbet/core/catalog';
import { oilIdsIn, type Recipe } from '@jubbet/core/recipe';
import { useCatalog } from '../../parts/catalog';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { ButtonLink } from '../../ui/Button';
import type { BlendRecord } from '../../store/database';
import { CardMenu } from './CardMenuLater';

/** The brief again, as one line; gaps are left out. */
const summary = (catalog: Catalog, recipe: Recipe): string => {
  const { wearer, place } = recipe.brief;
  const bases = recipe.bases.map(({ id }) => catalog.base(id)).filter((base) => base !== undefined);
  return [
    fillingsWords(fillingsOf(recipe)),
    ...(wearer ? [`for ${wearerWords(wearer)}`] : []),
    ...(place ? [placeWords[place]] : []),
    ...(bases.length > 0 ? [`in ${formatList(bases.map(carrierWords))}`] : []),
  ].join(' · ');
};

/** Judging is loaded beside the list: names can be read, and opened, before it is there. */
const CardVerdict = lazy(async () => ({ default: (await import('./CardVerdict')).CardVerdict }));

/** A blend as a line of the list. */
export const BlendCard = ({ record, named }: { record: BlendRecord; named: boolean }) => {
  const catalog = useCatalog();
  const { id, recipe, favourite, tags } = record;
  const name = nameOrNone(recipe.name);
  return (
    <Panel className="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-3">
      <div className="min-w-0 flex-1 basis-72">
        <div className="flex flex-wrap items-baseline gap-x-2.5">
          <h2 className="text-lg">
            <Link to={`/blends/${id}`} className="text-press no-underline hover:underline">
              {favourite && <span aria-hidden>★ </span>}
              {name}
              {favourite && <span className="sr-only">, a favourite</span>}
            </Link>
          </h2>
          <p className="text-sm">
            {named && (
              <Suspense fallback={<span aria-hidden>&nbsp;</span>}>
                <CardVerdict record={record} />
              </Suspense>
            )}
          </p>
        </div>
        <p className="text-sm text-soft">{[summary(catalog, recipe), ...tags].join(' · ')}</p>
        <p className="text-sm">
          {oilIdsIn(recipe)
            .map((id) => catalog.oil(id)?.name ?? nameFromId(id))
            .join(' · ') || 'No oils yet'}
        </p>
      </div>
      <ButtonLink to={`/blends/${id}/make`} aria-label={`Make ${name}`}>
        Make
      </ButtonLink>
      <CardMenu record={record} named={named} />
    </Panel>
  );
};
