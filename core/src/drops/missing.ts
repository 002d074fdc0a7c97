import { findContainer, type Catalog } from '../catalog';
import type { Recipe } from '../recipe';
import type { SettleProblem, UnknownThing } from './settleProblem';

/**
 * The first thing in a recipe that this house does not have; null where it has all.
 *
 * @param isMade what was made of something is still what it was; nothing new is made of what was
 *   taken out of the house
 */
export const missingOf = (
  catalog: Catalog,
  recipe: Recipe,
  isMade: boolean,
): SettleProblem | null => {
  const { containers, oils, bases, preDilutions = [] } = recipe;
  const check = (
    what: UnknownThing['what'],
    id: string,
    path: readonly (string | number)[],
    isThere: boolean,
  ): SettleProblem[] => {
    if (!isThere) return [{ code: 'not-here', what, id, path }];
    return !isMade && catalog.isRemoved(id) ? [{ code: 'removed', what, id, path }] : [];
  };
  return (
    [
      ...containers.flatMap(({ container }, n) =>
        'id' in container
          ? check(
              'container',
              container.id,
              ['containers', n, 'container', 'id'],
              findContainer(container.id) !== undefined,
            )
          : [],
      ),
      ...preDilutions.flatMap((mixed, n) => [
        ...mixed.oils.flatMap(({ id }, i) =>
          check('oil', id, ['preDilutions', n, 'oils', i, 'id'], catalog.oil(id) !== undefined),
        ),
        ...check(
          'base',
          mixed.carrier.id,
          ['preDilutions', n, 'carrier', 'id'],
          catalog.base(mixed.carrier.id) !== undefined,
        ),
      ]),
      ...oils.flatMap(({ id }, n) =>
        check('oil', id, ['oils', n, 'id'], catalog.oil(id) !== undefined),
      ),
      ...bases.flatMap(({ id }, n) =>
        check('base', id, ['bases', n, 'id'], catalog.base(id) !== undefined),
      ),
    ][0] ?? null
  );
};
