import { toBuy, type ToBuy } from '@jubbet/core/stock';
import { useMemo } from 'react';
import { bottles } from '../store/bottles';
import { ledger } from '../store/ledger';
import { today } from '../store/now';
import { useStored } from '../store/useStored';

/** What runs out soon, the soonest first; null until it is known. */
export const useToBuy = (): readonly ToBuy[] | null => {
  const shelf = useStored(['bottles'], () => bottles.list()).data;
  const moved = useStored(['all movements'], () => ledger.all()).data;
  return useMemo(() => {
    if (!shelf || !moved) return null;
    const byBottle = new Map<string, typeof moved>();
    for (const one of moved) {
      const own = byBottle.get(one.bottleId);
      if (own) own.push(one);
      else byBottle.set(one.bottleId, [one]);
    }
    const kept = shelf.map(({ id, bottle }) => ({ id, bottle, moved: byBottle.get(id) ?? [] }));
    return toBuy(kept, today());
  }, [shelf, moved]);
};
