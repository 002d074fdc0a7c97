import { isAskedAboutPlace, withAnswer, type Answer, type Person } from '@jubbet/core/brief';
import { answerBrief } from '@jubbet/core/recipe';
import { db, type Database } from './database';
import { now } from './now';
import { StoreError } from './storeError';

/**
 * Writes down what someone was asked: in their own record where they are in the house, so that it
 * holds for every blend of theirs; else in the blend.
 */
export const answerStore = (store: Database = db) => ({
  /** Of someone in the house: comes to their record as it was before, for undo. */
  ofPerson: (personId: string, answer: Answer): Promise<Person> =>
    store.transaction('rw', store.people, async () => {
      const found = await store.people.get(personId);
      if (!found || found.deletedAt !== null) throw new StoreError('deleted', { record: 'person' });
      const questionIds = answer.asked.filter((id) => !isAskedAboutPlace(id));
      const answered = withAnswer(found.person, answer);
      await store.people.put({
        ...found,
        person: {
          ...answered,
          conditions: [...answered.conditions],
          allergies: [...answered.allergies],
          asked: [...new Set([...(found.person.asked ?? []), ...questionIds])],
        },
        updatedAt: now(),
      });
      return found.person;
    }),
  /** Of the wearer of a blend, or of the blend itself. */
  ofBlend: (blendId: string, answer: Answer): Promise<void> =>
    store.transaction('rw', store.blends, async () => {
      const found = await store.blends.get(blendId);
      if (!found) throw new StoreError('deleted', { record: 'blend' });
      await store.blends.put({
        ...found,
        recipe: answerBrief(answer)(found.recipe),
        revision: found.revision + 1,
        updatedAt: now(),
      });
    }),
});

export const answers = answerStore();

/** Whose record an answer belongs in: that of someone in the house, or that of the blend. */
export const isOfPerson = (personId: string | null, { asked }: Answer): personId is string =>
  personId !== null && !asked.every(isAskedAboutPlace);
