import { Dexie } from 'dexie';
import { keepInFolder, markChanged, sharedFolder } from '../store/sharedFolder';
import { startHouseAct, progressProxy } from '../workers/houseWorker';

/** So long nothing is changed before a backup goes into the folder, in ms. */
const restMs = 20_000;

const backup = async (): Promise<Blob> => {
  const act = startHouseAct();
  try {
    const saved = await act.of(
      act.remote.save(
        progressProxy(() => undefined),
        false,
      ),
    );
    return saved.blob;
  } finally {
    act.stop();
  }
};

const keep = async (): Promise<void> => {
  try {
    await keepInFolder(backup);
  } catch (error) {
    console.warn('the backup was not put into the folder', error);
  }
};

/** What is of this browser alone, and what was before, makes no backup new. */
const isOfHouse = (part: string): boolean =>
  part.startsWith('idb://jubbet/') && !/\/(settings|restorePoint|restoreRows)\//.test(part);

/** Keeps the backup in the shared folder up to date: at each rest, and when the page is left. */
export const watchFolder = (): void => {
  let timer = 0;
  Dexie.on('storagemutated', (parts) => {
    if (!Object.keys(parts).some(isOfHouse)) return;
    void markChanged();
    window.clearTimeout(timer);
    timer = window.setTimeout(() => void keep(), restMs);
  });
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden') void keep();
  });
  // What was changed last may not have reached the folder.
  void sharedFolder().then((state) => state && keep());
};
