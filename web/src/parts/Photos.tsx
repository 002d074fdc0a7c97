import { Panel } from '../ui/Panel';
import { dayOfMoment } from '@jubbet/core/quantity';
import { dayWords, partsWords } from '@jubbet/core/words';
import { useEffect, useRef, useState } from 'react';
import type { PhotoRecord } from '../store/database';
import { photos } from '../store/photos';
import type { PhotoOf } from '../store/records/photos';
import { useStored } from '../store/useStored';
import { Button } from '../ui/Button';
import { useNotice } from './notice';
import { useAutosavedText } from '../ui/useAutosavedText';
import { useWrite } from './useWrite';
import { Tick } from '../ui/Tick';

/** Shows a picture in an image for as long as that is there. */
const usePicture = (jpeg: string) => {
  const image = useRef<HTMLImageElement>(null);
  useEffect(() => {
    const bytes = Uint8Array.from(atob(jpeg), (letter) => letter.charCodeAt(0));
    const url = URL.createObjectURL(new Blob([bytes], { type: 'image/jpeg' }));
    if (image.current) image.current.src = url;
    return () => URL.revokeObjectURL(url);
  }, [jpeg]);
  return image;
};

const One = ({ record: { id, photo, createdAt }, what }: { record: PhotoRecord; what: string }) => {
  const write = useWrite();
  const tell = useNotice();
  const day = dayWords(dayOfMoment(createdAt));
  const image = usePicture(photo.jpeg);
  const words = useAutosavedText(
    photo.words,
    (text) => void write('The words', () => photos.change(id, { words: text })),
  );
  const remove = async (): Promise<void> => {
    const done = await write('The photograph', () => photos.remove(id).then(() => true));
    if (!done) return;
    tell({
      text: 'The photograph is deleted.',
      undo: () => void write('The photograph', () => photos.restore(id)),
    });
  };
  return (
    <li className="grid w-56 max-w-full content-start gap-1.5">
      <img
        ref={image}
        className="w-full rounded-lg border border-line"
        width={photo.width}
        height={photo.height}
        alt={photo.words || `${what}, ${day}`}
      />
      <input
        aria-label={`What the photograph of ${day} shows`}
        className="rounded-md border border-field bg-transparent px-2 py-1.5 text-[15px] placeholder:text-soft"
        placeholder={day}
        maxLength={200}
        {...words}
      />
      <Tick
        className="text-sm"
        isOn={photo.leaves}
        onTick={(isOn) => void write('The choice', () => photos.change(id, { leaves: isOn }))}
      >
        Include in backups
      </Tick>
      <Button look="quiet" onClick={() => void remove()}>
        Delete
      </Button>
    </li>
  );
};

/** Photographs of a blend, a batch or a skin test: taken or chosen, kept in this browser. */
export const Photos = ({ of, what }: { of: PhotoOf; what: string }) => {
  const picker = useRef<HTMLInputElement>(null);
  const write = useWrite();
  const [isBusy, setBusy] = useState(false);
  const all = useStored(['photos', of.kind, of.id], () => photos.of(of)).data ?? [];
  const add = async (file: File): Promise<void> => {
    setBusy(true);
    await write('The photograph', async () => {
      const { scalePhoto } = await import('../workers/scalePhoto');
      await photos.add({ of, ...(await scalePhoto(file)), words: '', leaves: false });
    });
    setBusy(false);
  };
  return (
    <Panel
      aria-label={`Photographs of ${what}`}
      className="grid grid-cols-[minmax(0,1fr)] gap-3 px-4 py-3 print:hidden"
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h2 className="text-lg">Photographs</h2>
        <Button disabled={isBusy} onClick={() => picker.current?.click()}>
          {isBusy ? 'Scaling …' : 'Add a photograph'}
        </Button>
        <input
          ref={picker}
          type="file"
          hidden
          accept="image/*"
          aria-label={`A photograph of ${what}`}
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            event.target.value = '';
            if (file) void add(file);
          }}
        />
      </div>
      {all.length > 0 && (
        <ul className="flex flex-wrap gap-4">
          {all.map((record) => (
            <One key={record.id} record={record} what={what} />
          ))}
        </ul>
      )}
      <p className="text-sm text-soft">{partsWords.savedSmallerWithoutPlaceOr}</p>
    </Panel>
  );
};
