import { isMelted, usualContainer, type Catalog, type Container } from '../catalog';
import type { Filling } from '../mixture';
import type { Recipe, RecipeContainer } from '../recipe';

/** A container of a recipe with its measures; undefined where there is none of that id. */
export const containerOf = (container: RecipeContainer): Container | undefined => {
  if ('id' in container) return usualContainer(container.id);
  const { brimfulMl, name, ...rest } = container;
  return {
    id: null,
    ...rest,
    ...(name === undefined ? {} : { name }),
    ...(brimfulMl === undefined ? {} : { brimfulMl }),
  };
};

/** All containers of a recipe, the first first; one that is not known is left out. */
export const fillingsOf = ({ containers }: Pick<Recipe, 'containers'>): Filling[] =>
  containers.flatMap(({ container, count }) => {
    const found = containerOf(container);
    return found ? [{ container: found, count }] : [];
  });

/**
 * True where all is mixed in one jug or pan and then poured: where it is melted, whipped or
 * holds grains, goes into several kinds of container, or where the maker wants it so.
 */
export const isMixedInOne = (
  catalog: Pick<Catalog, 'base'>,
  {
    bases,
    containers,
    mixedInOne,
    whipPercent,
  }: Pick<Recipe, 'containers' | 'mixedInOne' | 'whipPercent'> & {
    readonly bases: readonly { readonly id: string }[];
  },
): boolean =>
  mixedInOne ||
  whipPercent !== null ||
  containers.length > 1 ||
  bases.some(({ id }) => {
    const base = catalog.base(id);
    return base !== undefined && (isMelted(base) || base.kind === 'dry');
  });
