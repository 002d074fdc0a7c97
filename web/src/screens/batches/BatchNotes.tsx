import { batchesWords } from '@jubbet/core/words';
import { useState } from 'react';
import { useWrite } from '../../parts/useWrite';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';

/** What the maker has to say of a batch; kept as it is typed. */
export const BatchNotes = ({ batch }: { batch: BatchRecord }) => {
  const [notes, setNotes] = useState(batch.notes);
  const write = useWrite();
  return (
    <label className="grid gap-1">
      <span className="font-semibold">Notes</span>
      <textarea
        rows={3}
        maxLength={10_000}
        placeholder={batchesWords.howItSmeltHowIt}
        className="rounded-md border border-field bg-transparent px-2 py-1.5 placeholder:text-soft"
        value={notes}
        onChange={(event) => {
          setNotes(event.target.value);
          const next = event.target.value;
          void write('The note', () => batches.note(batch.id, next));
        }}
      />
    </label>
  );
};
