import { houseMaterials, layOver, type OwnMaterial } from '@jubbet/core';

/** Lays materials of the house's own over the library. Fetched only where there are some. */
export const layMaterials = (own: readonly OwnMaterial[], gone: readonly OwnMaterial[]): void =>
  layOver(houseMaterials(own), houseMaterials(gone));
