import { nameOrNone, blendsWords } from '@jubbet/core/words';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { useWrite } from '../../parts/useWrite';
import { blends } from '../../store/blends';
import type { BlendRecord } from '../../store/database';

/** The maker's own words to find a blend by. */
export const TagsOf = ({ record, onDone }: { record: BlendRecord; onDone: () => void }) => {
  const [text, setText] = useState(record.tags.join(', '));
  const write = useWrite();
  return (
    <form
      aria-label={`Tags of ${nameOrNone(record.recipe.name)}`}
      className="grid basis-full gap-2 border-t border-line p-2"
      onSubmit={(event) => {
        event.preventDefault();
        void write('The tags', () => blends.tag(record.id, text.split(',')).then(() => true)).then(
          (isDone) => isDone && onDone(),
        );
      }}
    >
      <TextField
        label={blendsWords.tagsWithACommaBetween}
        hint={blendsWords.forExampleGiftsWinterFor}
        maxLength={800}
        className="w-full"
        value={text}
        autoFocus
        onChange={(event) => setText(event.target.value)}
      />
      <span className="flex gap-2">
        <Button type="submit" look="first">
          Save
        </Button>
        <Button look="quiet" onClick={onDone}>
          Cancel
        </Button>
      </span>
    </form>
  );
};
