import { formatList, houseFileProblemWords } from '@jubbet/core/words';
import { useEffect, useRef, useState } from 'react';
import { errorText } from '../../parts/errorText';
import { useNotice } from '../../parts/notice';
import { saveFile } from '../../parts/saveFile';
import { useWrite } from '../../parts/useWrite';
import type { ImportConflicts } from '../../store/addHouse';
import type { ImportMode } from '../../store/house';
import { now, today } from '../../store/now';
import type { LeftOut } from '../../store/readHouse';
import { settings } from '../../store/settings';
import type { ReadResult } from '../../workers/house.worker';
import {
  mendInWorker,
  startHouseAct,
  Stopped,
  progressProxy,
  type HouseAct,
} from '../../workers/houseWorker';
import type { Waiting } from './BeforeWritten';

/** What goes on, and how far it is, from 0 to 1; null where that is not known. */
export interface Running {
  readonly what: string;
  readonly share: number | null;
}

/** So many names are reported; the rest is counted. */
const mostNamed = 5;

const names = (list: readonly string[]): string =>
  list.length > mostNamed
    ? `${list.slice(0, mostNamed).join(', ')} and ${list.length - mostNamed} more`
    : formatList(list);

const conflictWords = ({ both, newest }: ImportConflicts): string =>
  [
    ...(both.length > 0
      ? [
          ` Changed here and in the file, so both are kept, the file’s with “from the file” after its name: ${names(both)}.`,
        ]
      : []),
    ...(newest.length > 0
      ? [
          ` Changed here and in the file, and only one can be there, so the newer was taken: ${names(newest)}.`,
        ]
      : []),
  ].join('');

/**
 * All data out to a file, in, and back: in a worker, with how far it is, and a way to stop it.
 * Whatever is stopped has changed nothing.
 */
export const useHouseFile = () => {
  const [running, setRunning] = useState<Running | null>(null);
  const [waiting, setWaiting] = useState<Waiting | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [unreadable, setUnreadable] = useState<readonly LeftOut[]>([]);
  /** The worker that holds what was read, or that is at work. */
  const act = useRef<HouseAct | null>(null);
  const tell = useNotice();
  const write = useWrite();

  const stop = (): void => {
    act.current?.stop();
    act.current = null;
    setRunning(null);
  };
  const working = useRef(false);
  // What is being written goes on when the screen is left; what was only read is let go.
  useEffect(
    () => () => {
      if (!working.current) act.current?.stop();
    },
    [],
  );

  const begin = (): HouseAct => {
    act.current?.stop();
    act.current = startHouseAct();
    return act.current;
  };
  /** Runs one act of a worker, and says what failed; undefined where it was stopped or failed. */
  const run = async <T>(
    what: string,
    describe: (error: string) => string,
    work: (worker: HouseAct, progress: (share: number) => void) => Promise<T>,
    worker = begin(),
  ): Promise<T | undefined> => {
    setRefused(null);
    setRunning({ what, share: null });
    working.current = true;
    try {
      return await work(
        worker,
        progressProxy((share) => setRunning({ what, share })),
      );
    } catch (error) {
      if (!(error instanceof Stopped)) setRefused(describe(errorText(error).reason));
      return undefined;
    } finally {
      working.current = false;
      setRunning(null);
    }
  };
  const failedUnchanged = (error: string): string =>
    `This could not be done: ${error}. Nothing was changed.`;

  const goBack = async (): Promise<void> => {
    const worker = begin();
    const done = await run(
      'Going back',
      failedUnchanged,
      async ({ of, remote }) => {
        await of(remote.goBack());
        return true;
      },
      worker,
    );
    stop();
    if (done) tell({ text: 'Everything is as it was.', undo: () => void goBack() });
  };
  const attempt = async (
    what: string,
    done: string,
    work: (worker: HouseAct) => Promise<unknown>,
  ): Promise<void> => {
    const worked = await run(what, failedUnchanged, (worker) => work(worker).then(() => true));
    stop();
    if (worked) tell({ text: done, undo: () => void goBack() });
  };

  return {
    running,
    waiting,
    refused,
    unreadable,
    stop,
    goBack,
    leave: () => {
      setWaiting(null);
      stop();
    },
    save: async (allPhotographs: boolean): Promise<void> => {
      setUnreadable([]);
      const saved = await run(
        'Backing up',
        (error) => `The backup could not be saved: ${error}. Your data are still here.`,
        ({ of, remote }, progress) => of(remote.save(progress, allPhotographs)),
      );
      stop();
      if (!saved) return;
      saveFile(`jubbet-${today()}.zip`, saved.blob, 'application/zip');
      setUnreadable(saved.unreadable);
      await write('The date of the backup', () => settings.write('lastExport', now()));
    },
    read: async (file: File): Promise<void> => {
      setWaiting(null);
      const looked = await run(
        `Reading ${file.name}`,
        (error) => `${file.name} could not be opened: ${error}. Nothing was changed.`,
        ({ of, remote }, progress) =>
          of<ReadResult>(remote.look(file, progress) as Promise<ReadResult>),
      );
      if (!looked) return;
      if (!looked.ok) {
        stop();
        setRefused(
          `${file.name} was not imported. ${houseFileProblemWords(looked.problem)} Nothing was changed.`,
        );
        return;
      }
      setWaiting({ name: file.name, ...looked });
    },
    bringIn: async (manner: ImportMode, keepPhotographs: boolean): Promise<void> => {
      const worker = act.current;
      if (!waiting || !worker) return;
      setWaiting(null);
      const brought = await run(
        `Restoring ${waiting.name}`,
        failedUnchanged,
        ({ of, remote }, progress) => of(remote.bringIn(manner, keepPhotographs, progress)),
        worker,
      );
      stop();
      if (!brought) return;
      tell({
        text:
          manner === 'add'
            ? `${waiting.name} is added.${conflictWords(brought)}`
            : `${waiting.name} has replaced everything.`,
        undo: () => void goBack(),
      });
      // Lists show what is not judged yet; it is bit by bit.
      mendInWorker().catch((error: unknown) => console.warn('batches were not judged', error));
    },
    putExampleIn: () =>
      attempt('Adding the example house', 'The example house is added.', ({ of, remote }) =>
        of(remote.putExampleIn()).then(() => of(remote.mend())),
      ),
    clear: () =>
      attempt('Removing everything', 'Everything is removed.', ({ of, remote }) =>
        of(remote.clear()),
      ),
  };
};
