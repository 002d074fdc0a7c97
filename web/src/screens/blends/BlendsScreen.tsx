import { nameOrNone } from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';
import { useNotice } from '../../parts/notice';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../parts/Button';
import { Kbd } from '../../parts/Kbd';
import { OneRecord } from '../../parts/OneRecord';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { useKeys } from '../../parts/useKeys';
import { useWrite } from '../../parts/useWrite';
import { WindowList } from '../../parts/WindowList';
import { blends } from '../../store/blends';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { BlendCard } from './BlendCard';
import { SaveReminder } from './SaveReminder';

/** Every blend, what it is for, and whether it is within limits. */
export const BlendsScreen = () => {
  const navigate = useNavigate();
  const picker = useRef<HTMLInputElement>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const { data, error } = useStored(['blend ids'], () => blends.ids());
  const welcomed = useStored(['settings'], () => settings.read()).data?.welcomed;
  const write = useWrite();
  const tell = useNotice();
  const catalog = useCatalog();
  const create = () =>
    void write('The new blend', () => blends.create()).then(
      (id) => id && navigate(`/blends/${id}`),
    );
  useKeys({ n: create });
  if (error) throw error;

  const readIn = async (file: File): Promise<void> => {
    const read = await write('The imported blend', async () => {
      const { readInBlend } = await import('./readInBlend');
      return readInBlend(catalog, file);
    });
    if (!read) return;
    setRefused(read.ok ? null : read.sentence);
    if (!read.ok) return;
    if (read.left) tell({ text: read.left });
    await navigate(`/blends/${read.id}`);
  };

  return (
    <div className="mx-auto max-w-4xl">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title="Blends"
          aside={data && data.length > 0 ? `${data.length} blends` : ''}
        />
        <div className="flex gap-2">
          <Button onClick={() => picker.current?.click()}>Import</Button>
          <input
            ref={picker}
            type="file"
            hidden
            aria-label="A blend file to import"
            accept=".json,application/json"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = '';
              if (file) void readIn(file);
            }}
          />
          <Button look="first" onClick={create}>
            New blend <Kbd>N</Kbd>
          </Button>
        </div>
      </div>
      {refused && (
        <p
          role="alert"
          className="mt-3 flex items-start gap-3 rounded-lg bg-brick-wash px-4 py-2 text-brick"
        >
          <span className="flex-1">{refused}</span>
          <button type="button" className="underline" onClick={() => setRefused(null)}>
            Close
          </button>
        </p>
      )}
      {welcomed === false && (
        <p className="mt-3 flex flex-wrap items-center gap-x-3 rounded-lg bg-slate-wash px-4 py-1.5">
          <span className="flex-1">This is an example. Everyone in it is made up.</span>
          <ButtonLink look="quiet" to="/">
            Start your own
          </ButtonLink>
        </p>
      )}
      <SaveReminder />
      {data?.length === 0 && (
        <p className="mt-6 max-w-prose">
          A blend starts as a sentence: container, person, place, strength and carrier. Press “New
          blend” and fill in the gaps.
        </p>
      )}
      {data && (
        <WindowList ids={data} rowPx={106} className="mt-4">
          {(id) => (
            <OneRecord
              what="blend"
              of={['blend', id]}
              read={() => blends.get(id)}
              nameOf={({ recipe }) => nameOrNone(recipe.name)}
              onDelete={() => blends.remove(id)}
            >
              {(record) => <BlendCard record={record} />}
            </OneRecord>
          )}
        </WindowList>
      )}
    </div>
  );
};
