import type { Database } from './database';
import { now } from './now';

/** What somebody has put in: where there is any, the example does not come over it. */
const lived = [
  'blends',
  'batches',
  'people',
  'bottles',
  'materials',
  'containers',
  'plans',
] as const;

/**
 * Notes when a store was first opened.
 *
 * @returns true where it was never used: nothing is in it, and no one has chosen how it begins
 */
export const openFirst = (store: Database): Promise<boolean> =>
  store.transaction('rw', [...lived.map((name) => store[name]), store.settings], async () => {
    if ((await store.settings.get('seeded'))?.value) return false;
    const counts = await Promise.all(lived.map((name) => store[name].count()));
    if (counts.some((count) => count > 0)) {
      await store.settings.put({ key: 'seeded', value: true });
      return false;
    }
    if (!(await store.settings.get('openedAt'))) {
      await store.settings.put({ key: 'openedAt', value: now() });
    }
    return true;
  });
