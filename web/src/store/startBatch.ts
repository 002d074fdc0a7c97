import { asSettled, type Blend, type Evaluation } from '@jubbet/core/drops';
import { fileOf } from '@jubbet/core/exchange';
import { isReason } from '@jubbet/core/making';
import { analysesInUse } from '@jubbet/core/stock';
import { materialsUsed } from '@jubbet/core/catalog';
import { oilIdsIn, pouredIds, type Recipe } from '@jubbet/core/recipe';
import { addToLog } from './batchLog';
import { byIndex } from './byIndex';
import type { Database } from './database';
import { keepDraft } from './drafts';
import { laterThan, now, today } from './now';
import { settingsStore } from './settings';
import { takeNumber } from './serials';
import { StoreError } from './storeError';
import { newId } from './newId';

/** What a batch is begun with. */
export interface Start {
  /** The sheet as it is: kept as a draft of its own. */
  readonly recipe: Recipe;
  readonly blendId: string;
  readonly blend: Blend;
  readonly evaluation: Evaluation;
  readonly reason: string;
}

/**
 * Numbers a batch and freezes its blend, in one transaction.
 *
 * @returns its id
 * @throws where it is over a limit without a reason, or must not be used on the person it is for
 */
export const startBatch = async (
  store: Database,
  { blendId, recipe, blend, evaluation, reason }: Start,
): Promise<string> => {
  if (evaluation.blocking) throw new StoreError('blend-blocked', {});
  if (evaluation.verdict === 'over' && !isReason(reason)) {
    throw new StoreError('blend-needs-reason', {});
  }
  const tables = [store.batches, store.benchEvents, store.settings, store.drafts, store.materials];
  return store.transaction('rw', tables, async () => {
    const { batchPrefix, benchFirst, benchRounds } = await settingsStore(store).read();
    const madeOn = today();
    const number = await takeNumber(store, batchPrefix, madeOn);
    const own = (await store.materials.toArray()).filter(({ deletedAt }) => deletedAt === null);
    const made = asSettled(recipe, blend, evaluation);
    const ids = pouredIds(recipe);
    const id = newId();
    const last = (await byIndex(store.batches, 'startedAt').last())?.startedAt ?? '';
    // A clock that was set back never puts a batch before the one that was begun first.
    const at = laterThan(last, now());
    await store.batches.add({
      id,
      number,
      blendId,
      file: fileOf(made),
      targetPercent: recipe.target?.percent ?? null,
      verdict: evaluation.verdict,
      personId: recipe.brief.personId,
      materials: materialsUsed(
        own.map((record) => record.own),
        ids,
      ),
      analyses: analysesInUse(blend.catalog, oilIdsIn(recipe)),
      bottles: Object.fromEntries(
        ids.flatMap((material) => {
          const open = blend.catalog.openBottle(material);
          return open?.id ? [[material, { id: open.id, lot: open.bottle.lot }]] : [];
        }),
      ),
      reason: reason.trim(),
      startedAt: at,
      finishedAt: null,
      updatedAt: at,
      made: null,
      log: null,
      notToBeUsed: false,
      madeOn,
      notes: '',
      review: null,
      deletedAt: null,
    });
    await keepDraft(store, blendId, recipe, id);
    // As this maker works; nothing is written where that is the usual way.
    if (benchFirst !== 'oils' || benchRounds) {
      const event = { kind: 'order', first: benchFirst, rounds: benchRounds } as const;
      await addToLog(store, id, [{ seq: 1, at, event }]);
    }
    return id;
  });
};
