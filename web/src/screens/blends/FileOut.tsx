import { forAnyone, wearerWords, type BlendFile } from '@jubbet/core';
import { useState } from 'react';
import { Button } from '../../parts/Button';
import { saveBlend } from './saveBlend';

/**
 * A blend that is shared is for anyone: who it was made for, and what is known of their
 * skin, goes out only where the maker ticks it.
 */
export const FileOut = ({
  name,
  file,
  onDone,
}: {
  name: string;
  file: BlendFile;
  onDone: () => void;
}) => {
  const [whole, setWhole] = useState(false);
  return (
    <form
      aria-label={`File out ${name}`}
      className="flex basis-full flex-wrap items-center gap-3 border-t border-line pt-2"
      onSubmit={(event) => {
        event.preventDefault();
        saveBlend(name, whole ? file : forAnyone(file));
        onDone();
      }}
    >
      <label className="flex flex-1 items-baseline gap-2">
        <input
          type="checkbox"
          className="translate-y-px accent-press"
          checked={whole}
          onChange={(event) => setWhole(event.target.checked)}
        />
        <span>
          with {wearerWords(file.brief.wearer)}, and what is known of their skin
          <span className="block text-sm text-soft">Else the file is for anyone.</span>
        </span>
      </label>
      <Button type="submit">Save the file</Button>
      <Button look="quiet" onClick={onDone}>
        Leave it
      </Button>
    </form>
  );
};
