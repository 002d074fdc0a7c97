import type { Catalog } from '@jubbet/core/catalog';
import { liveQuery } from 'dexie';
import { useEffect, useState, type ReactNode } from 'react';
import { CatalogContext } from '../parts/catalog';
import { catalogFrom, readMaterials, type HouseMaterials } from '../store/houseCatalog';

/** Materials and bottles as they were read, and the catalog that they make. */
export interface ReadCatalog {
  readonly house: string;
  readonly catalog: Catalog;
}

export const readHouseCatalog = async (house?: HouseMaterials): Promise<ReadCatalog> => {
  const read = house ?? (await readMaterials());
  return { house: JSON.stringify(read), catalog: await catalogFrom(read) };
};

/**
 * Gives every screen the materials of the house. When a material or a bottle changes, here or in
 * another tab, screens are told of the new catalog and stay as they are.
 */
export const HouseCatalog = ({ first, children }: { first: ReadCatalog; children: ReactNode }) => {
  const [{ catalog }, setRead] = useState(first);
  useEffect(() => {
    let isOver = false;
    const subscription = liveQuery(() => readMaterials()).subscribe((house) => {
      void readHouseCatalog(house).then((next) => {
        if (!isOver) setRead((before) => (before.house === next.house ? before : next));
      });
    });
    return () => {
      isOver = true;
      subscription.unsubscribe();
    };
  }, []);
  return <CatalogContext value={catalog}>{children}</CatalogContext>;
};
