import type { Database } from './database';
import { now } from './now';

/**
 * Notes when a store was first opened.
 *
 * @returns true where it was never used: nothing is in it, and no one has chosen how it begins
 */
export const openFirst = (store: Database): Promise<boolean> =>
  store.transaction('rw', store.blends, store.batches, store.settings, async () => {
    if ((await store.settings.get('seeded'))?.value) return false;
    if ((await store.blends.count()) + (await store.batches.count()) > 0) {
      await store.settings.put({ key: 'seeded', value: true });
      return false;
    }
    if (!(await store.settings.get('openedAt'))) {
      await store.settings.put({ key: 'openedAt', value: now() });
    }
    return true;
  });
