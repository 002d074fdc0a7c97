import type { Container } from '@jubbet/core/catalog';
import { containerOf } from '@jubbet/core/drops';
import type { RecipeContainer } from '@jubbet/core/recipe';

/**
 * A container of a recipe as it is drawn and filled in; one that is not known here looks like a
 * small bottle of one's own, until another is chosen.
 */
export const shownContainer = (container: RecipeContainer): Container =>
  containerOf(container) ?? { id: null, kind: 'roll-on', nominalMl: 10, workingFillPercent: 95 };
