import { db, type Database } from './database';
import { now } from './now';
import { isObject } from './records/fields';
import { StoreError } from './storeError';
import { namePattern, textsWith, withoutName } from './withoutName';

/** What of someone was erased, and where. */
export interface Erased {
  readonly name: string;
  readonly blends: number;
  readonly drafts: number;
  readonly batches: number;
  /** Records in whose texts their name stood. */
  readonly texts: number;
}

/** Tables in whose texts a name may stand, in the maker's own words. */
const withTexts = [
  'blends',
  'drafts',
  'batches',
  'benchEvents',
  'recipients',
  'patchTests',
  'photos',
  'people',
  'bottles',
  'containers',
  'materials',
  'movements',
] as const;

/** What finds a name in texts; null where it cannot be told whose it is. */
const patternOf = async (store: Database, id: string, name: string): Promise<RegExp | null> => {
  const pattern = namePattern(name);
  // A name that somebody else in the house bears too may be theirs: it stays where it stands.
  const others = await store.people.toArray();
  const isTheirs = others.some(
    (other) => other.id !== id && pattern !== null && other.person.name.search(pattern) >= 0,
  );
  return isTheirs ? null : pattern;
};

/** A text in which someone is named, and of what record it is. */
export interface NamedPlace {
  readonly table: (typeof withTexts)[number];
  readonly text: string;
}

/** The texts of the house in which someone is named: erasing them replaces the name in each. */
export const placesOfName = async (
  id: string,
  name: string,
  store: Database = db,
): Promise<readonly NamedPlace[]> => {
  const pattern = await patternOf(store, id, name);
  if (!pattern) return [];
  const found: NamedPlace[] = [];
  for (const table of withTexts) {
    if (table === 'people') continue;
    await store.table(table).each((record: unknown) => {
      found.push(...textsWith(record, pattern).map((text) => ({ table, text })));
    });
  }
  return found;
};

/** Takes a name out of every text of the house; how many records had it. */
const forgetName = async (store: Database, id: string, name: string): Promise<number> => {
  const pattern = await patternOf(store, id, name);
  if (!pattern) return 0;
  let count = 0;
  for (const table of withTexts) {
    await store
      .table(table)
      .toCollection()
      .modify((record: object, at) => {
        const without = withoutName(record, pattern);
        if (JSON.stringify(without) === JSON.stringify(record)) return;
        at.value = without;
        count += 1;
      });
  }
  return count;
};

/**
 * Someone of whom only the age is known: nothing of them was asked, so that labels say what must be
 * asked first.
 */
const nobody = <W extends object>(wearer: W): W => {
  const { name: _name, trimester: _trimester, ...rest } = wearer as Record<string, unknown>;
  return Object.fromEntries(
    Object.entries(rest).map(([key, value]) => {
      if (typeof value === 'boolean') return [key, false];
      if (Array.isArray(value)) return [key, []];
      return [key, key === 'skin' ? 'normal' : value];
    }),
  ) as W;
};

/** What is in place of their name. */
const nobodyName = 'somebody who was erased';

interface Brief {
  wearer?: unknown;
  asked?: readonly string[];
  personId?: string | null;
}

const briefOfNobody = <B extends Brief>(brief: B): B => ({
  ...brief,
  ...(isObject(brief.wearer) ? { wearer: nobody(brief.wearer) } : {}),
  ...(brief.asked ? { asked: [] } : {}),
  ...('personId' in brief ? { personId: null } : {}),
});

/**
 * Erases someone for good: their record, and their name and all that is known of their health
 * wherever a blend, a draft or a batch carries it. What was made stays, for someone of their age.
 * The way back goes too: it would bring them back.
 */
export const erasePerson = (id: string, store: Database = db): Promise<Erased> =>
  store.transaction('rw', store.tables, async () => {
    const found = await store.people.get(id);
    if (!found) throw new StoreError('deleted', { record: 'person' });
    const at = now();
    const ofThem = ({ recipe }: { recipe: { brief: { personId: string | null } } }): boolean =>
      recipe.brief.personId === id;
    const blends = await store.blends.filter(ofThem).modify((blend) => {
      blend.recipe = { ...blend.recipe, brief: briefOfNobody(blend.recipe.brief) };
      blend.revision += 1;
      blend.updatedAt = at;
    });
    const drafts = await store.drafts.filter(ofThem).modify((draft) => {
      draft.recipe = { ...draft.recipe, brief: briefOfNobody(draft.recipe.brief) };
      draft.updatedAt = at;
    });
    const batches = await store.batches
      .where('personId')
      .equals(id)
      .modify((batch) => {
        batch.file = { ...batch.file, brief: briefOfNobody(batch.file.brief) } as typeof batch.file;
        batch.personId = null;
        batch.updatedAt = at;
      });
    // What they got and how their skin took it stays with the batch, without their name.
    await store.recipients
      .where('recipient.personId')
      .equals(id)
      .modify((entry) => {
        const { reaction } = entry.recipient;
        entry.recipient = {
          ...entry.recipient,
          personId: null,
          name: nobodyName,
          ...(reaction ? { reaction: { ...reaction, what: 'skin reacted' } } : {}),
        };
        entry.updatedAt = at;
      });
    // Photographs of their skin go for good.
    const tests = await store.patchTests.where('test.personId').equals(id).primaryKeys();
    await store.photos.where('photo.of.id').anyOf(tests).delete();
    await store.patchTests
      .where('test.personId')
      .equals(id)
      .modify((entry) => {
        entry.test = {
          ...entry.test,
          personId: null,
          personName: nobodyName,
          readings: entry.test.readings.map((reading) => ({ ...reading, words: '' })),
        };
        entry.updatedAt = at;
      });
    await store.people.delete(id);
    const texts = await forgetName(store, id, found.person.name);
    await store.restorePoint.clear();
    await store.restoreRows.clear();
    return { name: found.person.name, blends, drafts, batches, texts };
  });
