import { isPreDilutionId } from '@jubbet/core/recipe';
import type { TrailBatch } from '@jubbet/core/batch';
import { db, type BatchRecord, type Database } from './database';
import { byIndex } from './byIndex';

/** Batches and bottles that a batch was made from, as its record carries them. */
export const trailOf = ({
  id,
  number,
  file,
  madeOn,
  personId,
  bottles,
  materials,
  made,
}: BatchRecord): TrailBatch => {
  // What went in beside the recipe is in its contents; its bottle no one wrote down.
  const inIt = (made?.contents ?? []).flatMap(({ oils, bases }) => [...oils, ...bases]);
  // A pre-dilution comes out of the bottles that it was mixed from.
  const ids = new Set(
    [...Object.keys(bottles), ...inIt.map((entry) => entry.id)].filter(
      (material) => !isPreDilutionId(material),
    ),
  );
  return {
    id,
    number,
    name: file.name,
    madeOn,
    personId,
    from: [...ids].map((materialId) => ({
      materialId,
      bottleId: bottles[materialId]?.id ?? null,
      lot: bottles[materialId]?.lot ?? '',
    })),
    madeOf: materials.flatMap((material) =>
      material.kind === 'ready-made' && material.batch ? [material.batch.number] : [],
    ),
  };
};

/** A batch that is in the log, or was deleted and may have been given to someone all the same. */
export interface Trailed {
  readonly batch: TrailBatch;
  readonly isDeleted: boolean;
  readonly isFinished: boolean;
}

/** All batches as they are followed, the last begun first; deleted ones too, as they may be in use. */
export const trailedBatches = async (store: Database = db): Promise<readonly Trailed[]> => {
  const trailed: Trailed[] = [];
  const drained = new Map<string, Set<string>>();
  // Drops may have been counted out of another bottle than the one it was begun with.
  await store.movements
    .where('movement.batchId')
    .above('')
    .each(({ bottleId, movement }) => {
      if (movement.kind !== 'used') return;
      drained.set(movement.batchId, (drained.get(movement.batchId) ?? new Set()).add(bottleId));
    });
  const bottles = new Map(
    (await store.bottles.toArray()).map(({ id, bottle }) => [id, bottle] as const),
  );
  await byIndex(store.batches, 'startedAt')
    .reverse()
    .each((record) => {
      const batch = trailOf(record);
      const known = new Set(batch.from.map(({ bottleId }) => bottleId));
      const more = [...(drained.get(record.id) ?? [])].flatMap((bottleId) => {
        const bottle = bottles.get(bottleId);
        return bottle && !known.has(bottleId)
          ? [{ materialId: bottle.materialId, bottleId, lot: bottle.lot }]
          : [];
      });
      trailed.push({
        batch: { ...batch, from: [...batch.from, ...more] },
        isDeleted: record.deletedAt !== null,
        isFinished: record.log !== null,
      });
    });
  return trailed;
};
