import { clearanceFor, piecesLeft, recipientSchema, type Recipient } from '@jubbet/core/batch';
import type { Catalog } from '@jubbet/core/catalog';
import { madePieces } from '@jubbet/core/label';
import { sameName } from '@jubbet/core/quantity';
import { eventsIn, logOf } from './batchLog';
import { db, type Database, type RecipientRecord } from './database';
import { softDeletedRecords } from './softDeletedRecords';
import { personNamed } from './people';
import { madeFrom } from './finishBatch';
import { readCatalog } from './houseCatalog';
import { today } from './now';
import { rememberReaction } from './reactions';
import { StoreError } from './storeError';

const ordered = (list: readonly RecipientRecord[]): RecipientRecord[] =>
  list
    .filter(({ deletedAt }) => deletedAt === null)
    .sort((a, b) => a.recipient.on.localeCompare(b.recipient.on));

/** Who got what. */
export const recipientsStore = (store: Database = db) => {
  const kept = softDeletedRecords<RecipientRecord, 'recipient'>(
    store.recipients,
    'recipient',
    (recipient) => recipientSchema.parse(recipient),
    'entry',
  );
  const tables = [
    store.recipients,
    store.patchTests,
    store.batches,
    store.benchEvents,
    store.people,
  ];
  const ofBatch = async (batchId: string): Promise<RecipientRecord[]> =>
    ordered(await store.recipients.where('recipient.batchId').equals(batchId).toArray());
  /**
   * @throws where the batch must not be used, a patch test or a reaction holds it back, or fewer
   *   pieces are here
   */
  const check = async (
    house: Catalog,
    { batchId, personId, name, pieces }: Recipient,
  ): Promise<void> => {
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
    const given = (await ofBatch(batchId)).map(({ recipient }) => recipient);
    const isTheirs = (other: Recipient): boolean =>
      (personId !== null && other.personId === personId) || sameName(other.name, name);
    if (given.some((other) => other.reaction && isTheirs(other))) {
      throw new StoreError('not-cleared', { clearance: 'reacted' });
    }
    const made = madePieces(madeFrom(house, batch, eventsIn(await logOf(store, batch)))).reduce(
      (total, { count }) => total + count,
      0,
    );
    const left = Math.max(0, piecesLeft(made, given));
    if (pieces > left) throw new StoreError('more-than-made', { left, made });
  };
  /** Writes something more down of an entry. */
  const change = async (id: string, part: Partial<Recipient>): Promise<Recipient> => {
    const found = await store.recipients.get(id);
    if (!found || found.deletedAt !== null) throw new StoreError('deleted', { record: 'entry' });
    const recipient = { ...found.recipient, ...part };
    await kept.write(id, recipient);
    return recipient;
  };
  return {
    list: async (): Promise<RecipientRecord[]> => ordered(await store.recipients.toArray()),
    ofBatch,
    ofPerson: async (personId: string): Promise<RecipientRecord[]> =>
      ordered(await store.recipients.where('recipient.personId').equals(personId).toArray()),
    /** @throws where nothing of the batch may be given to them, or fewer pieces are here */
    add: async (given: Recipient): Promise<string> => {
      const house = await readCatalog(store);
      return store.transaction('rw', tables, async () => {
        const recipient = { ...given, personId: await personNamed(store, given) };
        await check(house, recipient);
        return kept.add(recipient);
      });
    },
    /** Their skin reacted: it is a task until someone has seen to it, and stays with the person. */
    react: (id: string, what: string): Promise<void> =>
      store.transaction('rw', tables, async () => {
        const { personId, batchId } = await change(id, {
          reaction: { on: today(), what, followedOn: null },
        });
        const number = (await store.batches.get(batchId))?.number ?? '';
        await rememberReaction(store, personId, batchId, `batch ${number}: ${what}`.slice(0, 200));
      }),
    /** A reaction was seen to. */
    follow: (id: string): Promise<void> =>
      store.transaction('rw', tables, async () => {
        const { reaction } = (await store.recipients.get(id))?.recipient ?? {};
        if (reaction) await change(id, { reaction: { ...reaction, followedOn: today() } });
      }),
    /** They were told not to use it, or were not after all. */
    tell: (id: string, isTold: boolean): Promise<void> =>
      store.transaction('rw', tables, async () => {
        await change(id, { toldOn: isTold ? today() : undefined });
      }),
    remove: kept.remove,
    /** Brings an entry back, where nothing has come to be against it. */
    restore: async (id: string): Promise<void> => {
      const house = await readCatalog(store);
      await store.transaction('rw', tables, async () => {
        const found = await store.recipients.get(id);
        if (!found) throw new StoreError('deleted', { record: 'entry' });
        await check(house, found.recipient);
        await kept.restore(id);
      });
    },
  };
};

export const recipients = recipientsStore();
