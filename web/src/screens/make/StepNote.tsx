import { Pencil } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { useAutosavedText } from '../../ui/useAutosavedText';
import { useWrite } from '../../parts/useWrite';
import { writeStepWords } from '../../store/stepWords';

const Words = ({
  title,
  words,
  keep,
  left,
}: {
  title: string;
  words: string;
  keep: (text: string) => void;
  left: () => void;
}) => (
  <textarea
    autoFocus
    aria-label={`Note: ${title}`}
    rows={2}
    maxLength={2000}
    className="mb-1 w-full rounded-md border border-night-field bg-transparent px-2 py-1 text-[15px]"
    {...useAutosavedText(words, keep, left)}
  />
);

/** A row of the list with the maker’s own words beside the step: they stay with the recipe. */
export const StepNote = ({
  batchId,
  stepId,
  title,
  words,
  children,
}: {
  batchId: string;
  /** The step, whatever its container. */
  stepId: string;
  title: string;
  words: string;
  /** The step itself. */
  children: ReactNode;
}) => {
  const write = useWrite();
  const [open, setOpen] = useState(false);
  return (
    <div>
      <div className="flex items-center">
        <div className="min-w-0 flex-1">{children}</div>
        <button
          type="button"
          className="grid size-9 flex-none place-items-center rounded-md text-soft hover:bg-night-panel"
          aria-label={`${words ? 'Change the note' : 'Add a note'}: ${title}`}
          aria-expanded={open}
          onClick={() => setOpen(true)}
        >
          <Pencil aria-hidden size={15} />
        </button>
      </div>
      {open ? (
        <Words
          title={title}
          words={words}
          keep={(text) => void write('The note', () => writeStepWords(batchId, stepId, text))}
          left={() => setOpen(false)}
        />
      ) : (
        words && <p className="pr-9 pl-6 text-sm text-soft">{words}</p>
      )}
    </div>
  );
};
