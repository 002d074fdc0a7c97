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
    /** Counts up with each reading, so that an older one never takes the place of a newer. */
    let newest = 0;
    const subscription = liveQuery(() => readMaterials()).subscribe((house) => {
      const turn = ++newest;
      readHouseCatalog(house)
        .then((next) => {
          if (turn === newest) setRead((before) => (before.house === next.house ? before : next));
        })
        // What was read last goes on; the next change is read again.
        .catch((error: unknown) => console.warn('materials were not read', error));
    });
    return () => {
      newest += 1;
      subscription.unsubscribe();
    };
  }, []);
  return <CatalogContext value={catalog}>{children}</CatalogContext>;
};
