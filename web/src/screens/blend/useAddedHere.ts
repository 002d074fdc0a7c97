import { nameIn, type Catalog } from '@jubbet/core/catalog';
import {
  readBaseAmount,
  readOilAmount,
  usualDropsPerMl,
  type Edit,
  type SaidProblem,
} from '@jubbet/core/recipe';
import { saidProblemWords } from '@jubbet/core/words';
import { useEffect } from 'react';
import { useSearchParams } from 'react-router';
import { useNotice } from '../../parts/notice';
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
  const tell = useNotice();
  const id = asked.get('add');
  const amount = asked.get('amount') ?? '';
  useEffect(() => {
    // Only what is the maker's own comes in by an address.
    if (!id?.startsWith('own-')) return;
    const oil = catalog.oil(id);
    const base = catalog.base(id);
    if (!oil && !base) return;
    setAsked({}, { replace: true });
    const sayUnread = (problem: SaidProblem): void =>
      tell({
        text: `${nameIn(catalog, id)} is added, without “${amount}”. ${saidProblemWords(catalog, problem)}`,
      });
    if (oil) {
      const read = amount === '' ? null : readOilAmount(amount, { country, fillMl });
      if (read && !read.ok) sayUnread(read.problem);
      change(addOilWith(catalog, id, read?.ok ? read.amount : null));
    } else if (base) {
      const given = { country, wholeMl: fillMl, dropsPerMl: usualDropsPerMl };
      const read = amount === '' ? null : readBaseAmount(amount, base, given);
      if (read && !read.ok) sayUnread(read.problem);
      change(addBaseWith(catalog, id, read?.ok ? read.amount : null));
    }
  }, [id, amount, catalog, change, country, fillMl, setAsked, tell]);
};
