import { dropsPerMlOf } from '@jubbet/core/catalog';
import { nameOrNone } from '@jubbet/core/words';
import { recipeSchema, emptyRecipe, type Recipe } from '@jubbet/core/recipe';
import { isAskedAboutPlace, personSchema, wearerOn } from '@jubbet/core/brief';
import { db, type BlendRecord, type Database, type PersonRecord } from './database';
import { byIndex } from './byIndex';
import { idsBy, textsOf } from './listed';
import { now, today } from './now';
import { settingsStore } from './settings';
import { StoreError } from './storeError';
import { longestTag, mostTags } from './records/blends';
import { newId } from './newId';

/** True where nothing was ever written into it. */
const isUntouched = ({ revision, recipe }: BlendRecord): boolean =>
  revision === 1 &&
  recipe.name === '' &&
  recipe.purpose === '' &&
  recipe.notes === '' &&
  recipe.target === null &&
  recipe.brief.wearer === null &&
  recipe.brief.place === null &&
  recipe.oils.length === 0 &&
  recipe.bases.length === 0;

/** What came of a write. */
interface Written {
  readonly recipe: Recipe;
  readonly revision: number;
  readonly overtaken: boolean;
}

const newest = (a: BlendRecord, b: BlendRecord): number => (a.updatedAt < b.updatedAt ? 1 : -1);

/** A blend for its wearer as they are today. */
export interface BlendOfToday extends BlendRecord {
  /** The wearer as they were when it was last written; only of someone in the house. */
  wearerThen?: Recipe['brief']['wearer'];
}

/** The blend for the person as they are today: someone who was five may be six by now. */
const forPerson = (record: BlendRecord, found: PersonRecord | undefined): BlendOfToday => {
  // Someone whose month of birth cannot be read stays as the sheet has them.
  if (!found || !personSchema.safeParse(found.person).success) return record;
  const wearer = wearerOn(found.person, today());
  return {
    ...record,
    wearerThen: record.recipe.brief.wearer,
    // What was asked of them is in their record; of the blend itself only what its name asks.
    recipe: {
      ...record.recipe,
      brief: {
        ...record.recipe.brief,
        wearer,
        asked: [
          ...record.recipe.brief.asked.filter((id) => isAskedAboutPlace(id)),
          ...(found.person.asked ?? []),
        ],
      },
    },
  };
};

/** All blends. Every act is one transaction. */
export const blendStore = (store: Database = db) => {
  const add = async (recipe: Recipe): Promise<string> => {
    const at = now();
    const id = newId();
    await store.blends.add({
      id,
      recipe: recipeSchema.parse(recipe),
      createdAt: at,
      updatedAt: at,
      revision: 1,
      favourite: false,
      tags: [],
      deletedAt: null,
    });
    return id;
  };
  const personOf = async ({ recipe }: BlendRecord): Promise<PersonRecord | undefined> =>
    recipe.brief.personId === null ? undefined : store.people.get(recipe.brief.personId);
  /** Of the record, beside its recipe; throws where it is not there any more. */
  const changed = async (
    id: string,
    change: Partial<Pick<BlendRecord, 'favourite' | 'tags'>>,
  ): Promise<void> => {
    const count = await store.blends.update(id, { ...change, updatedAt: now() });
    if (count === 0) throw new StoreError('deleted', { record: 'blend' });
  };
  return {
    add,
    /** Several blends, or none of them. */
    addAll: (recipes: readonly Recipe[]): Promise<string[]> =>
      store.transaction('rw', store.blends, async () => {
        const ids: string[] = [];
        for (const recipe of recipes) ids.push(await add(recipe));
        return ids;
      }),
    /** A new blend, as the settings say; with an oil in it, or for anyone, where that is said. */
    create: async ({ oilId, wearer }: { oilId?: string; wearer?: 'anyone' } = {}) => {
      const { dropSize, guideline } = await settingsStore(store).read();
      return add({
        ...emptyRecipe(),
        ...(wearer ? { brief: { ...emptyRecipe().brief, wearer } } : {}),
        dropsPerMl: dropsPerMlOf(dropSize),
        guideline,
        oils:
          oilId === undefined ? [] : [{ id: oilId, amount: { unit: 'drops' as const, value: 1 } }],
      });
    },
    get: async (id: string): Promise<BlendOfToday | null> => {
      const found = await store.blends.get(id);
      if (!found || found.deletedAt !== null) return null;
      return forPerson(found, await personOf(found));
    },
    /** Ids of all blends, the last changed first. */
    ids: async (): Promise<string[]> => (await idsBy(store.blends, 'updatedAt')).reverse(),
    /** The blends that were changed last. */
    recent: async (most: number): Promise<BlendOfToday[]> => {
      const last = await byIndex(store.blends, 'updatedAt').reverse().limit(most).toArray();
      const kept = last.filter(({ deletedAt }) => deletedAt === null);
      return Promise.all(
        kept.map(async (record) => {
          try {
            return forPerson(record, await personOf(record));
          } catch {
            return record;
          }
        }),
      );
    },
    /** Names and purposes of all blends, to find one by. */
    names: () => textsOf(store.blends, ['recipe.name', 'recipe.purpose']),
    /** How many were changed after a moment. */
    changedSince: (moment: string): Promise<number> =>
      store.blends.where('updatedAt').above(moment).count(),
    /** All blends, for what must look into each of them. */
    list: async (): Promise<BlendOfToday[]> => {
      const people = new Map((await store.people.toArray()).map((person) => [person.id, person]));
      return (await store.blends.toArray())
        .filter(({ deletedAt }) => deletedAt === null)
        .map((record) => {
          try {
            return forPerson(record, people.get(record.recipe.brief.personId ?? ''));
          } catch {
            // One that cannot be read takes no other with it: where it is shown it says so.
            return record;
          }
        })
        .sort(newest);
    },
    /**
     * Writes a whole recipe; what does not fit the schema is refused, not half written.
     * Where another tab has written since `seen`, its version stays, and is reported.
     */
    write: (id: string, recipe: Recipe, seen: number): Promise<Written> => {
      const parsed = recipeSchema.safeParse(recipe);
      if (!parsed.success) return Promise.reject(parsed.error);
      return store.transaction('rw', store.blends, async () => {
        const found = await store.blends.get(id);
        if (!found) throw new StoreError('deleted', { record: 'blend' });
        if (found.revision > seen) {
          return { recipe: found.recipe, revision: found.revision, overtaken: true };
        }
        const revision = found.revision + 1;
        await store.blends.put({ ...found, recipe: parsed.data, revision, updatedAt: now() });
        return { recipe: parsed.data, revision, overtaken: false };
      });
    },
    /** Gives a blend the name that it lacked. */
    name: (id: string, name: string): Promise<void> =>
      store.transaction('rw', store.blends, async () => {
        const found = await store.blends.get(id);
        if (!found) throw new StoreError('deleted', { record: 'blend' });
        await store.blends.put({
          ...found,
          recipe: { ...found.recipe, name: name.trim().slice(0, 120) },
          revision: found.revision + 1,
          updatedAt: now(),
        });
      }),
    /** What has changed of its wearer was seen: from now on it is written for them as they are. */
    seen: (id: string): Promise<void> =>
      store.transaction('rw', [store.blends, store.people], async () => {
        const found = await store.blends.get(id);
        if (!found) return;
        const { recipe } = forPerson(found, await personOf(found));
        await store.blends.put({
          ...found,
          recipe,
          revision: found.revision + 1,
          updatedAt: now(),
        });
      }),
    copy: (id: string): Promise<string> =>
      store.transaction('rw', store.blends, async () => {
        const found = await store.blends.get(id);
        if (!found) throw new StoreError('deleted', { record: 'blend' });
        return add({
          ...found.recipe,
          name: `${nameOrNone(found.recipe.name)}, copy`.slice(0, 120),
        });
      }),
    /** Takes away a blend into which nothing was written: no one would look for it. */
    dropUntouched: (id: string): Promise<void> =>
      store.transaction('rw', store.blends, async () => {
        const found = await store.blends.get(id);
        if (found && isUntouched(found)) await store.blends.delete(id);
      }),
    /** Marks it as a favourite, or no longer. */
    favour: async (id: string, favourite: boolean): Promise<void> => {
      await changed(id, { favourite });
    },
    /** The words to find it by, in place of those before; each once, whatever its capitals. */
    /** Blends that have tags. */
    tagged: async (): Promise<{ id: string; name: string; tags: readonly string[] }[]> =>
      (await store.blends.where('tags').above('').distinct().toArray())
        .filter(({ deletedAt }) => deletedAt === null)
        .map(({ id, recipe, tags }) => ({ id, name: recipe.name, tags })),
    tag: async (id: string, tags: readonly string[]): Promise<void> => {
      const each = new Map<string, string>();
      for (const tag of tags.map((text) => text.trim())) {
        if (tag !== '' && !each.has(tag.toLowerCase())) each.set(tag.toLowerCase(), tag);
      }
      if ([...each.values()].some((tag) => tag.length > longestTag) || each.size > mostTags) {
        throw new StoreError('too-many-tags', { most: mostTags, longest: longestTag });
      }
      await changed(id, { tags: [...each.values()] });
    },
    remove: async (id: string): Promise<void> => {
      const at = now();
      await store.blends.update(id, { deletedAt: at, updatedAt: at });
    },
    /** Several blends at once. */
    removeAll: (ids: readonly string[]): Promise<void> =>
      store.transaction('rw', store.blends, async () => {
        const at = now();
        for (const id of ids) await store.blends.update(id, { deletedAt: at, updatedAt: at });
      }),
    restore: async (id: string): Promise<void> => {
      await store.blends.update(id, { deletedAt: null, updatedAt: now() });
    },
  };
};

export const blends = blendStore();
