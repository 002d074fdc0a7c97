// Loaded by itself, and only where a house has materials of its own.
import type { Day } from '@jubbet/core/quantity';
import { houseMaterials, ownMaterialSchema, type OwnMaterial } from '@jubbet/core/catalog';

/**
 * What a house lays over the shipped materials. One record that cannot be read does not take the
 * others with it: a blend with it says that it is not here.
 */
export const laidOver = (own: readonly OwnMaterial[], today: Day) =>
  houseMaterials(
    own.filter((entry) => ownMaterialSchema.safeParse(entry).success),
    { today },
  );
