import {
  canBeRead,
  patchTestSchema,
  standingOf,
  type PatchTest,
  type ReadAt,
  type SkinSign,
} from '@jubbet/core/batch';
import { skinWords } from '@jubbet/core/words';
import { db, type Database, type PatchTestRecord } from './database';
import { now, today } from './now';
import { personNamed } from './people';
import { addReactions, rememberReaction } from './reactions';
import { StoreError } from './storeError';
import { newId } from './newId';

/** What is reported when a patch is looked at. */
export interface NewReading {
  /** 0 for a look in between. */
  readonly hours: ReadAt | 0;
  readonly skin: SkinSign;
  readonly words: string;
}

/** Patch tests: begun, read, given up. What was read is never changed. */
export const patchTestsStore = (store: Database = db) => {
  const getOne = async (id: string): Promise<PatchTestRecord> => {
    const found = await store.patchTests.get(id);
    if (!found || found.deletedAt !== null)
      throw new StoreError('deleted', { record: 'patch test' });
    return found;
  };
  const put = async (record: PatchTestRecord, test: PatchTest): Promise<void> => {
    await store.patchTests.put({ ...record, test: patchTestSchema.parse(test), updatedAt: now() });
  };
  const list = async (): Promise<PatchTestRecord[]> =>
    (await store.patchTests.toArray())
      .filter(({ deletedAt }) => deletedAt === null)
      .sort((a, b) => b.test.startedAt.localeCompare(a.test.startedAt));
  /** A reaction is with the person from then on: a caution on each of several, an avoid on one. */
  const remember = async (
    { of, personId }: PatchTest,
    { skin, words }: NewReading,
  ): Promise<void> => {
    const what = [
      of.kind === 'batch'
        ? `patch test of batch ${of.number}: ${skinWords(skin)}`
        : `patch test: ${skinWords(skin)}`,
      words,
    ]
      .filter(Boolean)
      .join(', ');
    if (of.kind === 'batch') await rememberReaction(store, personId, of.batchId, what);
    else await addReactions(store, personId, [{ materialId: of.materialId, on: today(), what }]);
  };
  /** Read clear after two days, a material that was suspected is not any more. */
  const acquit = async ({ of, personId }: PatchTest): Promise<void> => {
    const person = personId === null ? undefined : await store.people.get(personId);
    if (!person || of.kind !== 'material') return;
    const before = person.person.reactions ?? [];
    const reactions = before.filter(
      ({ materialId, suspected }) => !(suspected && materialId === of.materialId),
    );
    if (reactions.length === before.length) return;
    await store.people.put({
      ...person,
      person: { ...person.person, reactions },
      updatedAt: now(),
    });
  };
  return {
    /** All of them, the last begun first. */
    list,
    ofBatch: async (batchId: string): Promise<PatchTestRecord[]> =>
      (await list()).filter(({ test: { of } }) => of.kind === 'batch' && of.batchId === batchId),
    ofPerson: async (personId: string): Promise<PatchTestRecord[]> =>
      (await list()).filter(({ test }) => test.personId === personId),
    begin: (test: Omit<PatchTest, 'startedAt' | 'readings' | 'stopped'>): Promise<string> =>
      store.transaction('rw', store.patchTests, store.people, async () => {
        const id = newId();
        const at = now();
        const personId = await personNamed(store, {
          personId: test.personId,
          name: test.personName,
        });
        await store.patchTests.add({
          id,
          test: patchTestSchema.parse({
            ...test,
            personId,
            startedAt: at,
            readings: [],
            stopped: null,
          }),
          createdAt: at,
          updatedAt: at,
          deletedAt: null,
        });
        return id;
      }),
    /**
     * Adds what was seen.
     *
     * @throws where it is too early for that reading, or it was read already
     */
    read: (id: string, reading: NewReading): Promise<void> =>
      store.transaction('rw', store.patchTests, store.people, store.batches, async () => {
        const record = await getOne(id);
        const { test } = record;
        const at = now();
        const { hours } = reading;
        if (hours !== 0) {
          if (test.readings.some((entry) => entry.hours === hours)) {
            throw new StoreError('reading-saved', { hours });
          }
          if (!canBeRead(test, hours, Date.parse(at))) {
            throw new StoreError('reading-too-early', { hours });
          }
        }
        const next = { ...test, readings: [...test.readings, { ...reading, at }] };
        const [before, after] = [test, next].map((entry) => standingOf(entry, Date.parse(at)));
        await put(record, next);
        if (after === 'reacted' && before !== 'reacted') await remember(next, reading);
        if (after === 'clear') await acquit(next);
      }),
    /** Washed off, or given up: until another is read clear, the batch is not theirs. */
    stop: (id: string, why: string): Promise<void> =>
      store.transaction('rw', store.patchTests, async () => {
        const record = await getOne(id);
        await put(record, { ...record.test, stopped: { at: now(), why: why.trim() } });
      }),
  };
};

export const patchTests = patchTestsStore();
