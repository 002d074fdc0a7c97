import { fillMl, type Catalog } from '../catalog';
import { toContainers, type Calculated } from '../drops';
import { part } from '../mixture';
import type { Recipe } from '../recipe';
import type { SuggestedChange } from './change';

/** Most containers that a recipe may have of one kind. */
const mostContainers = 1000;

/** So little of the smallest container is neither left over nor missing, as a share of it. */
const littleOf = 0.01;

/** What does not go into the containers of a batch, or is missing in them, with the ways on. */
export interface Misfit {
  readonly leftMl: number;
  readonly leftG: number;
  readonly shortMl: number;
  readonly changes: readonly SuggestedChange[];
}

/**
 * Of a batch that is mixed in one what its containers do not take, or what they lack: with as many
 * as it fills, a spare one for the rest, or the batch made as large as they are. Null where it fits.
 */
export const misfitOf = (catalog: Catalog, recipe: Recipe, done: Calculated): Misfit | null => {
  const { blend, evaluation } = done;
  if (!blend.inOne) return null;
  const { mixture } = evaluation;
  const { leftMl, leftG, shortMl, leftInto, lines } = part(
    blend.fillings,
    mixture.fillMl,
    mixture.totalG.likely,
    blend,
  );
  const [first] = lines;
  const little = littleOf * Math.min(...blend.fillings.map(({ container }) => fillMl(container)));
  if (!first || (leftMl <= little && shortMl <= little)) return null;
  const used =
    leftMl > little
      ? first.count + Math.ceil(leftMl / first.fillMl - littleOf)
      : first.full + (first.lastMl > little ? 1 : 0);
  const fitted = toContainers(catalog, recipe, done);
  const isOnlyLine = lines.length === 1;
  return {
    leftMl: leftMl > little ? leftMl : 0,
    leftG: leftMl > little ? leftG : 0,
    shortMl: shortMl > little ? shortMl : 0,
    changes: [
      ...((isOnlyLine || leftMl > little) &&
      used !== first.count &&
      used >= 1 &&
      used <= mostContainers
        ? [{ kind: 'count', count: used } as const]
        : []),
      ...(leftInto && leftMl > little && leftInto.id !== first.container.id
        ? [{ kind: 'spare', id: leftInto.id } as const]
        : []),
      ...(fitted ? [{ kind: 'fit', recipe: fitted } as const] : []),
    ],
  };
};
