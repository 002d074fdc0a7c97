import { standingOf } from '@jubbet/core/batch';
import type { Reaction } from '@jubbet/core/brief';
import { nameOrNone } from '@jubbet/core/words';
import { db, type Database } from './database';
import { now, today } from './now';

/** What is in a batch, by what was counted and measured; each material once. */
const materialsOf = async (store: Database, batchId: string): Promise<readonly string[]> => {
  const contents = (await store.batches.get(batchId))?.made?.contents ?? [];
  return [
    ...new Set(contents.flatMap(({ oils, bases }) => [...oils, ...bases].map(({ id }) => id))),
  ];
};

/** Writes reactions down with a person; nothing where they are not in the house. */
export const addReactions = async (
  store: Database,
  personId: string | null,
  more: readonly Reaction[],
): Promise<void> => {
  const person = personId === null ? undefined : await store.people.get(personId);
  if (!person) return;
  // What was only suspected is known now.
  const before = (person.person.reactions ?? []).filter(
    (reaction) =>
      !(reaction.suspected && more.some(({ materialId }) => materialId === reaction.materialId)),
  );
  await store.people.put({
    ...person,
    person: { ...person.person, reactions: [...before, ...more].slice(-100) },
    updatedAt: now(),
  });
};

/** A reaction to a batch: each of its materials is suspected, those that are known already are not. */
export const rememberReaction = async (
  store: Database,
  personId: string | null,
  batchId: string,
  what: string,
): Promise<void> => {
  const person = personId === null ? undefined : await store.people.get(personId);
  const known = person?.person.reactions ?? [];
  await addReactions(
    store,
    personId,
    (await materialsOf(store, batchId))
      .filter((id) => !known.some(({ materialId }) => materialId === id))
      .map((materialId) => ({ materialId, on: today(), what, suspected: true as const })),
  );
};

/** Ids of batches to which someone reacted: at a patch test, or who was given some. */
export const reactedBatches = async (store: Database = db): Promise<ReadonlySet<string>> => {
  const nowMs = Date.parse(now());
  const [given, tests] = await Promise.all([
    store.recipients.toArray(),
    store.patchTests.toArray(),
  ]);
  return new Set([
    ...given.flatMap(({ deletedAt, recipient }) =>
      deletedAt === null && recipient.reaction ? [recipient.batchId] : [],
    ),
    ...tests.flatMap(({ deletedAt, test }) =>
      deletedAt === null && test.of.kind === 'batch' && standingOf(test, nowMs) === 'reacted'
        ? [test.of.batchId]
        : [],
    ),
  ]);
};

/** A reaction of someone who was given some, that no one has seen to. */
export interface ReactionToFollow {
  readonly id: string;
  readonly on: string;
  readonly name: string;
  readonly batchId: string;
  /** Its name and number. */
  readonly batch: string;
  readonly what: string;
}

/** Reactions that no one has seen to, the oldest first. */
export const reactionsToFollow = async (
  store: Database = db,
): Promise<readonly ReactionToFollow[]> => {
  const open = (await store.recipients.toArray()).flatMap(({ id, deletedAt, recipient }) =>
    deletedAt === null && recipient.reaction?.followedOn === null
      ? [{ id, recipient, reaction: recipient.reaction }]
      : [],
  );
  const found = await store.batches.bulkGet(open.map(({ recipient }) => recipient.batchId));
  return open
    .map(({ id, recipient: { name, batchId }, reaction: { on, what } }, n) => {
      const batch = found[n];
      const title = batch
        ? `${nameOrNone(batch.file.name)}, ${batch.number}`
        : 'a batch that is gone';
      return { id, on, name, batchId, batch: title, what };
    })
    .sort((a, b) => a.on.localeCompare(b.on));
};
