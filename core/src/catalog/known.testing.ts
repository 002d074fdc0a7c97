import { shippedCatalog, type Catalog } from './catalog';
import type { Carrier, Oil } from './schema';

/** A value that this test knows to be there. */
export const known = <T>(value: T | null | undefined): T => {
  if (value === null || value === undefined) throw new Error('not known');
  return value;
};

export const oilOf = (id: string, catalog: Catalog = shippedCatalog): Oil => known(catalog.oil(id));
export const baseOf = (id: string): Carrier => known(shippedCatalog.base(id));
