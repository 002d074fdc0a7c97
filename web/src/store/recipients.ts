import { clearanceFor, recipientSchema, type Recipient } from '@jubbet/core/batch';
import { db, type Database, type RecipientRecord } from './database';
import { softDeletedRecords } from './softDeletedRecords';
import { personNamed } from './people';
import { StoreError } from './storeError';

/** Who got what. */
export const recipientsStore = (store: Database = db) => {
  const kept = softDeletedRecords<RecipientRecord, 'recipient'>(
    store.recipients,
    'recipient',
    (recipient) => recipientSchema.parse(recipient),
    'entry',
  );
  const tables = [store.recipients, store.patchTests, store.batches, store.people];
  /** @throws where the batch must not be used, or a patch test holds it back */
  const check = async ({ batchId, personId, name }: Recipient): Promise<void> => {
    const batch = await store.batches.get(batchId);
    if (!batch || batch.deletedAt !== null) throw new StoreError('deleted', { record: 'batch' });
    if (batch.log === null) throw new StoreError('batch-on-bench', {});
    if (batch.notToBeUsed || batch.made?.blocking) {
      throw new StoreError('batch-not-to-be-used', {});
    }
    const tests = (await store.patchTests.where('test.of.batchId').equals(batchId).toArray())
      .filter(({ deletedAt }) => deletedAt === null)
      .map(({ test }) => test);
    const clearance = clearanceFor(tests, batchId, { personId, name }, Date.now());
    if (clearance !== 'no-test' && clearance !== 'clear') {
      throw new StoreError('not-cleared', { clearance });
    }
  };
  const ordered = (list: readonly RecipientRecord[]): RecipientRecord[] =>
    list
      .filter(({ deletedAt }) => deletedAt === null)
      .sort((a, b) => a.recipient.on.localeCompare(b.recipient.on));
  return {
    list: async (): Promise<RecipientRecord[]> => ordered(await store.recipients.toArray()),
    ofBatch: async (batchId: string): Promise<RecipientRecord[]> =>
      ordered(await store.recipients.where('recipient.batchId').equals(batchId).toArray()),
    ofPerson: async (personId: string): Promise<RecipientRecord[]> =>
      ordered(await store.recipients.where('recipient.personId').equals(personId).toArray()),
    /** @throws where the batch must not be used, or a patch test holds it back */
    add: (given: Recipient): Promise<string> =>
      store.transaction('rw', tables, async () => {
        const recipient = { ...given, personId: await personNamed(store, given) };
        await check(recipient);
        return kept.add(recipient);
      }),
    remove: kept.remove,
    /** Brings an entry back, where nothing has come to be against it. */
    restore: (id: string): Promise<void> =>
      store.transaction('rw', tables, async () => {
        const found = await store.recipients.get(id);
        if (!found) throw new StoreError('deleted', { record: 'entry' });
        await check(found.recipient);
        await kept.restore(id);
      }),
  };
};

export const recipients = recipientsStore();
