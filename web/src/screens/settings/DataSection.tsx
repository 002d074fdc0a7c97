import { Notice } from '../../ui/Notice';
import { Panel } from '../../ui/Panel';
import { restorePointWords, settingsWords } from '@jubbet/core/words';
import { format, formatDistanceToNow } from 'date-fns';
import { useRef, useState } from 'react';
import { Progress } from '../../ui/Progress';
import { Button } from '../../ui/Button';
import { house, type Photographs } from '../../store/house';
import { useStored } from '../../store/useStored';
import { LeftOutList, BeforeWritten, counted, photographsWords } from './BeforeWritten';
import { SharedFolder } from './SharedFolder';
import { Storage } from './Storage';
import { useHouseFile } from './useHouseFile';

/** Asked twice: all there is goes. */
const EmptyHouse = ({ disabled, onClear }: { disabled: boolean; onClear: () => void }) => {
  const [isConfirming, setIsConfirming] = useState(false);
  return isConfirming ? (
    <>
      <Button
        look="first"
        onClick={() => {
          setIsConfirming(false);
          onClear();
        }}
      >
        Yes, remove everything
      </Button>
      <Button onClick={() => setIsConfirming(false)}>Cancel</Button>
    </>
  ) : (
    <Button disabled={disabled} onClick={() => setIsConfirming(true)}>
      Remove everything
    </Button>
  );
};

/** All data: out, in, back; the example house; the storage. */
export const DataSection = ({ lastExport }: { lastExport: string | null }) => {
  const picker = useRef<HTMLInputElement>(null);
  const restorePoint = useStored(['restore-point'], () => house.restorePoint());
  const { running, waiting, refused, unreadable, ...file } = useHouseFile();
  const busy = running !== null;
  const [staying, setStaying] = useState<Photographs | null>(null);
  const save = (allPhotographs: boolean): void => {
    setStaying(null);
    void file.save(allPhotographs);
  };
  const askThenSave = async (): Promise<void> => {
    const photographs = await house.photographsStaying().catch(() => null);
    if (photographs && photographs.count > 0) setStaying(photographs);
    else save(false);
  };
  return (
    <Panel aria-label="Data" className="grid gap-3 px-5 py-4">
      <h2 className="text-lg">Data</h2>
      <p className="text-sm text-soft">
        {settingsWords.allYourDataAreIn(
          lastExport ? formatDistanceToNow(new Date(lastExport), { addSuffix: true }) : null,
        )}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button look="first" disabled={busy} onClick={() => void askThenSave()}>
          Back up everything
        </Button>
        <Button disabled={busy} onClick={() => picker.current?.click()}>
          Restore
        </Button>
        <input
          ref={picker}
          type="file"
          hidden
          aria-label={settingsWords.backupToRestore}
          accept=".zip,application/zip"
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            event.target.value = '';
            if (chosen) void file.read(chosen);
          }}
        />
        {restorePoint.data && (
          <Button disabled={busy} onClick={() => void file.goBack()}>
            Go back to {format(new Date(restorePoint.data.at), 'd MMM, HH:mm')},{' '}
            {restorePointWords(restorePoint.data.before)}
          </Button>
        )}
      </div>
      {staying && (
        <Notice
          tone="note"
          role="group"
          aria-label={settingsWords.photographsInTheBackup}
          className="flex flex-wrap items-center gap-2 px-4! py-3!"
        >
          <p className="w-full">
            {settingsWords.notTickedForBackups(photographsWords(staying), staying.count)}
          </p>
          <Button look="first" onClick={() => save(true)}>
            {settingsWords.backUpWithThem}
          </Button>
          <Button onClick={() => save(false)}>Without them</Button>
          <Button look="quiet" onClick={() => setStaying(null)}>
            Cancel
          </Button>
        </Notice>
      )}
      {running && <Progress {...running} onStop={file.stop} />}
      {refused && (
        <Notice tone="over" isUrgent>
          {refused}
        </Notice>
      )}
      {unreadable.length > 0 && (
        <Notice tone="over" isUrgent>
          <p>{settingsWords.savedButOfItCould(counted(unreadable.length, 'record', 'records'))}</p>
          <LeftOutList list={unreadable} />
        </Notice>
      )}
      {waiting && (
        <BeforeWritten
          waiting={waiting}
          onLeave={file.leave}
          onManner={(manner, keep) => void file.bringIn(manner, keep)}
        />
      )}
      <div className="flex flex-wrap gap-2 border-t border-line pt-3">
        <Button disabled={busy} onClick={() => void file.putExampleIn()}>
          {settingsWords.addTheExampleHouse}
        </Button>
        <EmptyHouse disabled={busy} onClear={() => void file.clear()} />
      </div>
      <SharedFolder />
      <Storage />
    </Panel>
  );
};
