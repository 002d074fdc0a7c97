import { useQuery, useQueryClient } from '@tanstack/react-query';
import { format, formatDistanceToNow } from 'date-fns';
import { useRef, useState } from 'react';
import { Button } from '../../parts/Button';
import { useNotice } from '../../parts/notice';
import { errorWords } from '../../parts/errorWords';
import { saveFile } from '../../parts/saveFile';
import { useWrite } from '../../parts/useWrite';
import { db, type House } from '../../store/database';
import { putExampleIn } from '../../store/putExample';
import { batches } from '../../store/batches';
import { house, type Manner, type Summary } from '../../store/house';
import type { SetAside } from '../../store/houseFile';
import { now, today } from '../../store/now';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';

/** Larger files than this no browser reads as one text. */
const largestFile = 500_000_000;

/** So many records that were set aside are named; the rest is counted. */
const mostNamed = 8;

const counted = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`;

interface Waiting {
  readonly name: string;
  readonly savedAt: string;
  readonly house: House;
  readonly summary: Summary;
  readonly setAside: readonly SetAside[];
}

/** Records of a file that cannot be read, each by its name and with why. */
const Aside = ({ list }: { list: readonly SetAside[] }) => (
  <ul className="list-disc pl-5 text-sm">
    {list.slice(0, mostNamed).map(({ what, why }, n) => (
      <li key={n}>
        {what}: {why}.
      </li>
    ))}
    {list.length > mostNamed && <li>And {list.length - mostNamed} more.</li>}
  </ul>
);

/** How much of the storage is used, and whether the browser promises to keep it. */
const useStorage = () => {
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: ['storage'],
    queryFn: async () => {
      const { usage = 0 } = await navigator.storage.estimate();
      return { used: usage, kept: await navigator.storage.persisted() };
    },
  });
  const ask = async () => {
    await navigator.storage.persist();
    await client.invalidateQueries({ queryKey: ['storage'] });
  };
  return { state: data, ask };
};

const Confirm = ({
  waiting,
  onManner,
  onLeave,
}: {
  waiting: Waiting;
  onManner: (manner: Manner) => void;
  onLeave: () => void;
}) => {
  const { summary, setAside } = waiting;
  return (
    <div
      role="group"
      aria-label="Before anything is written"
      className="grid gap-2 rounded-lg bg-slate-wash px-4 py-3"
    >
      <p>
        <b>{waiting.name}</b>, saved {format(new Date(waiting.savedAt), 'd MMM yyyy, HH:mm')}, has{' '}
        {counted(summary.blends, 'blend', 'blends')}, {counted(summary.batches, 'batch', 'batches')}{' '}
        and {counted(summary.people, 'person', 'people')} that are not here, and {summary.known}{' '}
        that are.
      </p>
      <p>
        Add: what is here stays as it is. Replace: all that is here goes
        {summary.gone > 0 && `, ${summary.gone} of it not in the file`}. There is a way back from
        both.
      </p>
      {setAside.length > 0 && (
        <div className="text-brick">
          <p>
            {counted(setAside.length, 'record', 'records')} of it cannot be read and{' '}
            {setAside.length === 1 ? 'is' : 'are'} set aside. All else comes in.
          </p>
          <Aside list={setAside} />
        </div>
      )}
      <div className="flex flex-wrap gap-2">
        <Button look="first" onClick={() => onManner('add')}>
          Add to what is here
        </Button>
        <Button onClick={() => onManner('replace')}>Replace all that is here</Button>
        <Button look="quiet" onClick={onLeave}>
          Leave it
        </Button>
      </div>
    </div>
  );
};

/** All data: out, in, back; the example house; the storage. */
export const DataSection = ({ lastExport }: { lastExport: string | null }) => {
  const picker = useRef<HTMLInputElement>(null);
  const [waiting, setWaiting] = useState<Waiting | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const back = useStored(['way-back'], () => house.wayBack());
  const storage = useStorage();
  const tell = useNotice();
  const write = useWrite();

  const attempt = async (work: () => Promise<void>, done: string): Promise<void> => {
    try {
      await work();
      setRefused(null);
      tell({ text: done, undo: () => void write('The way back', () => house.goBack()) });
    } catch (error) {
      setRefused(`This could not be done: ${errorWords(error)}. Everything is as it was.`);
    }
  };

  const [unreadable, setUnreadable] = useState<readonly SetAside[]>([]);
  const [asked, setAsked] = useState(false);
  const save = async () => {
    try {
      const { text, unreadable: aside } = await house.write();
      saveFile(`jubbet-${today()}.json`, text, 'application/json');
      setUnreadable(aside);
      await settings.write('lastExport', now());
    } catch (error) {
      setRefused(
        `The data could not be saved to a file: ${errorWords(error)}. They are still here.`,
      );
    }
  };

  const read = async (file: File) => {
    if (file.size > largestFile) {
      setRefused(`${file.name} is too large. Nothing was changed.`);
      return;
    }
    const text = await file.text().catch(() => null);
    if (text === null) {
      setRefused(`${file.name} could not be opened. Nothing was changed.`);
      return;
    }
    const result = house.read(text);
    if (!result.ok) {
      setWaiting(null);
      setRefused(`${file.name} was not read in. ${result.sentence} Nothing was changed.`);
      return;
    }
    setRefused(null);
    setWaiting({
      name: file.name,
      savedAt: result.savedAt,
      house: result.house,
      setAside: result.setAside,
      summary: await house.summary(result.house),
    });
  };

  return (
    <section
      aria-label="Data"
      className="grid gap-3 rounded-xl border border-line bg-sheet px-5 py-4"
    >
      <h2 className="text-lg">Data</h2>
      <p className="text-sm text-soft">
        All data are in this browser, at this address, and nowhere else.{' '}
        {lastExport
          ? `Last saved to a file ${formatDistanceToNow(new Date(lastExport), { addSuffix: true })}.`
          : 'They were never saved to a file.'}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button look="first" onClick={() => void save()}>
          Save all to a file
        </Button>
        <Button onClick={() => picker.current?.click()}>Read a file in</Button>
        <input
          ref={picker}
          type="file"
          hidden
          aria-label="A file of all data to read in"
          accept=".json,application/json"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = '';
            if (file) void read(file);
          }}
        />
        {back.data && (
          <Button onClick={() => void attempt(() => house.goBack(), 'All is as it was.')}>
            Go back to {format(new Date(back.data.at), 'd MMM, HH:mm')}, {back.data.why}
          </Button>
        )}
      </div>
      {refused && (
        <p role="alert" className="rounded-lg bg-brick-wash px-4 py-2 text-brick">
          {refused}
        </p>
      )}
      {unreadable.length > 0 && (
        <div role="alert" className="rounded-lg bg-brick-wash px-4 py-2 text-brick">
          <p>
            Saved, but {counted(unreadable.length, 'record', 'records')} of it could not be read
            again:
          </p>
          <Aside list={unreadable} />
        </div>
      )}
      {waiting && (
        <Confirm
          waiting={waiting}
          onLeave={() => setWaiting(null)}
          onManner={(manner) => {
            setWaiting(null);
            void attempt(
              () => house.bringIn(waiting.house, manner).then(() => batches.mend()),
              manner === 'add'
                ? `${waiting.name} is added.`
                : `${waiting.name} is in place of all.`,
            );
          }}
        />
      )}
      <div className="flex flex-wrap gap-2 border-t border-line pt-3">
        <Button
          onClick={() =>
            void attempt(
              () => putExampleIn(db, today()).then(() => batches.mend()),
              'The example house is in.',
            )
          }
        >
          Put the example house in
        </Button>
        {asked ? (
          <>
            <Button
              look="first"
              onClick={() => {
                setAsked(false);
                void attempt(() => house.clear(), 'The house is empty.');
              }}
            >
              Yes, take all of it out
            </Button>
            <Button onClick={() => setAsked(false)}>Cancel</Button>
          </>
        ) : (
          <Button onClick={() => setAsked(true)}>Empty the house</Button>
        )}
      </div>
      {storage.state && (
        <p className="flex flex-wrap items-center gap-2 border-t border-line pt-3 text-sm text-soft">
          {(storage.state.used / 1_000_000).toFixed(1)} MB are used.{' '}
          {storage.state.kept ? (
            'The browser has promised to keep them.'
          ) : (
            <>
              The browser may clear them when it runs short.
              <Button onClick={() => void storage.ask()}>Ask it to keep them</Button>
            </>
          )}
        </p>
      )}
    </section>
  );
};
