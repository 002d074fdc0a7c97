import { countedWords, houseFileProblemWords } from '@jubbet/core/words';
import { useEffect, useState } from 'react';
import { markRead, newerInFolder, type Kept } from '../store/sharedFolder';
import type { ReadResult } from '../workers/house.worker';
import { mendInWorker, progressProxy, startHouseAct, type HouseAct } from '../workers/houseWorker';
import { errorText } from './errorText';

/** A backup of another device that brings something in. */
interface News {
  readonly kept: Kept;
  readonly savedAt: string;
  readonly changes: number;
}

const silent = () => progressProxy(() => undefined);

const look = ({ of, remote }: HouseAct, { file }: Kept): Promise<ReadResult> =>
  of<ReadResult>(remote.look(file, silent()));

/** What of the folder is news; what brings nothing is read and done with. */
const lookForNews = async (): Promise<News | null> => {
  for (const kept of await newerInFolder()) {
    const act = startHouseAct();
    try {
      const looked = await look(act, kept);
      if (looked.ok && looked.damaged.length === 0 && looked.summary.changes > 0) {
        return { kept, savedAt: looked.savedAt, changes: looked.summary.changes };
      }
      // Damaged or half written by the service that brings it, it is looked at again when it has changed.
      await markRead(kept);
    } finally {
      act.stop();
    }
  }
  return null;
};

/** Adds a backup of the folder, by the rules of adding; what it came to, in a sentence. */
const addNews = async ({ kept }: News): Promise<string> => {
  const act = startHouseAct();
  try {
    const looked = await look(act, kept);
    if (!looked.ok) return `It was not added. ${houseFileProblemWords(looked.problem)}`;
    const { both, newest } = await act.of(act.remote.bringIn('add', true, silent()));
    await markRead(kept);
    void mendInWorker().catch((error: unknown) => console.warn('batches were not judged', error));
    const twice = [...both, ...newest];
    const left = looked.leftOut.length;
    const unread = left > 0 ? ` ${countedWords(left, 'record')} of it could not be read.` : '';
    return twice.length > 0
      ? `What is on the other device is here too. Changed on both: ${twice.slice(0, 5).join(', ')}.${unread}`
      : `What is on the other device is here too.${unread}`;
  } finally {
    act.stop();
  }
};

/** News in the shared folder, looked for when the page is opened and when it is come back to. */
export const useFolderNews = (tell: (text: string) => void) => {
  const [news, setNews] = useState<News | null>(null);
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    let gone = false;
    const lookAgain = (): void => {
      if (document.visibilityState === 'hidden') return;
      lookForNews()
        .then((found) => {
          if (!gone) setNews(found);
        })
        .catch((error: unknown) => console.warn('the folder was not read', error));
    };
    lookAgain();
    document.addEventListener('visibilitychange', lookAgain);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', lookAgain);
    };
  }, []);
  const add = async (): Promise<void> => {
    if (!news) return;
    setBusy(true);
    try {
      tell(await addNews(news));
      setNews(await lookForNews());
    } catch (error) {
      tell(`It was not added: ${errorText(error).reason}. Nothing was changed.`);
    }
    setBusy(false);
  };
  return { news, busy, add };
};
