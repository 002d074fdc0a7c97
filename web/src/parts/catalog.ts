import { shippedCatalog, type Catalog } from '@jubbet/core/catalog';
import { createContext, useContext } from 'react';

/** The materials of the house as they are now. */
export const CatalogContext = createContext<Catalog>(shippedCatalog);

/** The materials of the house; a screen follows when one of them changes, and keeps what is typed. */
export const useCatalog = (): Catalog => useContext(CatalogContext);
