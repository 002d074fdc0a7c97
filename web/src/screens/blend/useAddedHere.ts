import type { Catalog } from '@jubbet/core/catalog';
import { readBaseAmount, readOilAmount, usualDropsPerMl, type Edit } from '@jubbet/core/recipe';
import { useEffect } from 'react';
import { useSearchParams } from 'react-router';
import { useSpoons } from '../../parts/useSpoons';
import { addBaseWith, addOilWith } from './addWith';

/**
 * A material that was written down for this blend goes into it: `?add=own-…&amount=8 drops`. Once,
 * and only one that is in the house.
 */
export const useAddedHere = (
  catalog: Catalog,
  change: (edit: Edit) => void,
  fillMl: number,
): void => {
  const [asked, setAsked] = useSearchParams();
  const { country } = useSpoons();
  const id = asked.get('add');
  const amount = asked.get('amount') ?? '';
  useEffect(() => {
    if (id === null) return;
    const oil = catalog.oil(id);
    const base = catalog.base(id);
    if (!oil && !base) return;
    setAsked({}, { replace: true });
    if (oil) {
      const read = amount === '' ? null : readOilAmount(amount, { country, fillMl });
      change(addOilWith(catalog, id, read?.ok ? read.amount : null));
    } else if (base) {
      const read =
        amount === ''
          ? null
          : readBaseAmount(amount, base, { country, wholeMl: fillMl, dropsPerMl: usualDropsPerMl });
      change(addBaseWith(catalog, id, read?.ok ? read.amount : null));
    }
  }, [id, amount, catalog, change, country, fillMl, setAsked]);
};
