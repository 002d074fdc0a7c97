import type { Catalog } from '@jubbet/core/catalog';

/** A material by its name in this house; by its id where it is not here any more. */
export const materialName = (catalog: Catalog, id: string): string =>
  catalog.oil(id)?.name ?? catalog.base(id)?.name ?? id;
