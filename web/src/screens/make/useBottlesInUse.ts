import type { BenchEvent } from '@jubbet/core/making';
import { useCallback, useMemo, useState } from 'react';
import type { BatchRecord } from '../../store/database';

/** The bottle that the last drop of each material came out of. */
const lastOf = (events: readonly BenchEvent[]): ReadonlyMap<string, string> =>
  new Map(
    events.flatMap((event) =>
      event.kind === 'drop' && event.bottleId !== null
        ? [[event.ingredient, event.bottleId] as const]
        : [],
    ),
  );

/**
 * From which bottle each material comes by now: the one that was chosen here, else the one of its last
 * drop, else the one that the batch was begun with.
 */
export const useBottlesInUse = (
  { bottles }: Pick<BatchRecord, 'bottles'>,
  events: readonly BenchEvent[] | undefined,
) => {
  const [chosen, setChosen] = useState<Readonly<Record<string, string>>>({});
  const used = useMemo(() => lastOf(events ?? []), [events]);
  const bottleOf = useCallback(
    (materialId: string): string | null =>
      chosen[materialId] ?? used.get(materialId) ?? bottles[materialId]?.id ?? null,
    [chosen, used, bottles],
  );
  const choose = useCallback(
    (materialId: string, bottleId: string): void =>
      setChosen((before) => ({ ...before, [materialId]: bottleId })),
    [],
  );
  return { bottleOf, choose };
};
