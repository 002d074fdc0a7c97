import { db, type Database, type PhotoRecord } from './database';
import { softDeletedRecords } from './softDeletedRecords';
import { photos as kind, type Photo, type PhotoOf } from './records/photos';
import { StoreError } from './storeError';

/** Of one thing there are no more. */
const mostOfOne = 20;
/** In a house there are no more: browsers give only so much room. */
const mostOfAll = 500;

/** Photographs: added, told of, ticked to leave, taken away. */
export const photosStore = (store: Database = db) => {
  const kept = softDeletedRecords<PhotoRecord, 'photo'>(
    store.photos,
    'photo',
    (photo) => photo,
    'photograph',
  );
  return {
    /** Of one thing, the oldest first. */
    of: async ({ kind: what, id }: PhotoOf): Promise<PhotoRecord[]> =>
      (await store.photos.where('photo.of.id').equals(id).toArray())
        .filter(({ deletedAt, photo }) => deletedAt === null && photo.of.kind === what)
        .sort((a, b) => a.createdAt.localeCompare(b.createdAt)),
    /** @throws where there are as many as there may be */
    add: async (photo: Photo): Promise<string> => {
      const form = (await kind.schema()).shape.photo;
      return store.transaction('rw', store.photos, async () => {
        const own = await store.photos.where('photo.of.id').equals(photo.of.id).toArray();
        if (own.filter(({ deletedAt }) => deletedAt === null).length >= mostOfOne) {
          throw new StoreError('too-many-photographs', { of: 'record', most: mostOfOne });
        }
        if ((await store.photos.count()) >= mostOfAll) {
          throw new StoreError('too-many-photographs', { of: 'house', most: mostOfAll });
        }
        return kept.add(form.parse(photo));
      });
    },
    /** Writes what is stated of one, and whether it leaves. */
    change: (id: string, change: Partial<Pick<Photo, 'words' | 'leaves'>>): Promise<void> =>
      store.transaction('rw', store.photos, async () => {
        const found = await store.photos.get(id);
        if (!found) throw new StoreError('deleted', { record: 'photograph' });
        await kept.write(id, { ...found.photo, ...change });
      }),
    remove: kept.remove,
    restore: kept.restore,
  };
};

export const photos = photosStore();
