import { useState } from 'react';
import { useCatalog } from './catalog';
import { bottles } from '../store/bottles';
import { useStored } from '../store/useStored';

/** What comes out of no bottle of the shelf. */
const notFromShelf = '';

/** The bottle that a material comes out of: the open one, until another is chosen. */
export const useFromBottle = (materialId: string | null) => {
  const catalog = useCatalog();
  const shelf = useStored(['bottles'], () => bottles.list()).data ?? [];
  const [chosen, setChosen] = useState<{ of: string; bottleId: string } | null>(null);
  const mine = shelf.filter(
    ({ bottle }) => bottle.materialId === materialId && bottle.finishedOn === null,
  );
  const open = materialId === null ? undefined : catalog.openBottle(materialId)?.id;
  const bottleId =
    chosen !== null && chosen.of === materialId
      ? chosen.bottleId
      : (open ?? (mine.length === 1 ? (mine[0]?.id ?? notFromShelf) : notFromShelf));
  return {
    bottleId: bottleId === notFromShelf ? null : bottleId,
    value: bottleId,
    choices: [
      ...mine.map(
        ({ id, bottle }) =>
          [id, bottle.lot ? `lot ${bottle.lot}` : 'bottle without a lot'] as const,
      ),
      [notFromShelf, 'not from the shelf'] as const,
    ],
    choose: (id: string) => {
      if (materialId !== null) setChosen({ of: materialId, bottleId: id });
    },
  };
};
