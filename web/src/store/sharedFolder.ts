import { z } from 'zod';
import { db, type Database } from './database';
import { thisHouse } from './exchangeHistory';
import { now } from './now';

// A folder that the maker's own devices share, by whatever service they use: each keeps its backup
// there, and reads those of the others. Nothing is sent by Jubbet.

/** What is used of a folder that a browser hands out. */
interface Folder extends FileSystemDirectoryHandle {
  queryPermission?(of: { readonly mode: 'readwrite' }): Promise<PermissionState>;
  requestPermission?(of: { readonly mode: 'readwrite' }): Promise<PermissionState>;
}

interface Picker {
  showDirectoryPicker?: (of: {
    readonly id: string;
    readonly mode: 'readwrite';
  }) => Promise<Folder>;
}

/** A backup of another device in the folder. */
export interface Kept {
  readonly name: string;
  readonly file: File;
}

/** Where the folder is with the browser; `ask` where it wants to be asked again by a press. */
interface FolderState {
  readonly folder: Folder;
  readonly may: 'write' | 'ask' | 'no';
  readonly keptAt: string | null;
}

const folderKey = 'sharedFolder';
const seenKey = 'folderSeen';
const keptKey = 'folderKeptAt';
const dirtyKey = 'folderDirty';

const nameOf = (house: string): string => `jubbet-house-${house.slice(0, 8)}.zip`;
const anyName = /^jubbet-house-[\w-]{1,8}\.zip$/;
const seenSchema = z.record(z.string().max(60), z.number()).catch({});

const valueOf = async (store: Database, key: string): Promise<unknown> =>
  (await store.settings.get(key))?.value;

const put = (store: Database, key: string, value: unknown): Promise<unknown> =>
  store.settings.put({ key, value });

/** True where this browser can write into a folder. */
export const canHaveFolder = (): boolean => 'showDirectoryPicker' in window;

const isFolder = (value: unknown): value is Folder =>
  typeof value === 'object' && value !== null && 'getFileHandle' in value;

export const sharedFolder = async (store: Database = db): Promise<FolderState | null> => {
  const folder = await valueOf(store, folderKey);
  if (!isFolder(folder)) return null;
  const permission = (await folder.queryPermission?.({ mode: 'readwrite' })) ?? 'granted';
  const keptAt = await valueOf(store, keptKey);
  return {
    folder,
    may: permission === 'granted' ? 'write' : permission === 'prompt' ? 'ask' : 'no',
    keptAt: typeof keptAt === 'string' ? keptAt : null,
  };
};

/** The maker chooses the folder, or thinks better of it. */
export const chooseFolder = async (store: Database = db): Promise<boolean> => {
  try {
    const folder = await (window as Picker).showDirectoryPicker?.({
      id: 'jubbet',
      mode: 'readwrite',
    });
    if (!folder) return false;
    await put(store, folderKey, folder);
    await put(store, dirtyKey, true);
    return true;
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return false;
    throw error;
  }
};

/** Asks the browser again, by a press of the maker's. */
export const allowFolder = async (store: Database = db): Promise<void> => {
  const state = await sharedFolder(store);
  await state?.folder.requestPermission?.({ mode: 'readwrite' });
  // Whatever was answered is shown anew.
  if (state) await put(store, folderKey, state.folder);
};

/** Leaves the folder; what is in it stays. */
export const leaveFolder = (store: Database = db): Promise<void> =>
  store.settings.bulkDelete([folderKey, seenKey, keptKey, dirtyKey]);

/** Something was changed that is not in the folder yet. */
export const markChanged = async (store: Database = db): Promise<void> => {
  if ((await valueOf(store, folderKey)) === undefined) return;
  if ((await valueOf(store, dirtyKey)) !== true) await put(store, dirtyKey, true);
};

/**
 * Puts a backup of this house into the folder, in place of the one before, where something was
 * changed since and the browser lets it.
 */
export const keepInFolder = async (
  backup: () => Promise<Blob>,
  store: Database = db,
): Promise<void> => {
  const state = await sharedFolder(store);
  if (state?.may !== 'write' || (await valueOf(store, dirtyKey)) !== true) return;
  const { house } = await store.transaction('rw', store.settings, () => thisHouse(store));
  // What changes while it is written is for the next time.
  await put(store, dirtyKey, false);
  try {
    const blob = await backup();
    const file = await state.folder.getFileHandle(nameOf(house), { create: true });
    // It is there as a whole once it is closed; until then the one before is.
    const writable = await file.createWritable();
    await writable.write(blob);
    await writable.close();
    await put(store, keptKey, now());
  } catch (error) {
    await put(store, dirtyKey, true);
    throw error;
  }
};

/** Backups of other devices that are newer than what was read of them. */
export const newerInFolder = async (store: Database = db): Promise<readonly Kept[]> => {
  const state = await sharedFolder(store);
  if (state?.may !== 'write') return [];
  const { house } = await store.transaction('rw', store.settings, () => thisHouse(store));
  const seen = seenSchema.parse(await valueOf(store, seenKey));
  const found: Kept[] = [];
  for await (const [name, handle] of state.folder.entries()) {
    if (handle.kind !== 'file' || !anyName.test(name) || name === nameOf(house)) continue;
    const file = await handle.getFile();
    if (file.lastModified > (seen[name] ?? 0)) found.push({ name, file });
  }
  return found;
};

/** Remembers that a backup was read. */
export const markRead = async ({ name, file }: Kept, store: Database = db): Promise<void> => {
  await store.transaction('rw', store.settings, async () => {
    const seen = seenSchema.parse(await valueOf(store, seenKey));
    await put(store, seenKey, { ...seen, [name]: file.lastModified });
  });
};
