import { forAnyone, type Recipe } from '@jubbet/core/recipe';
import { nameOrNone, wearerWords, blendsWords } from '@jubbet/core/words';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { useWrite } from '../../parts/useWrite';
import { saveBlend } from './saveBlend';
import { Tick } from '../../ui/Tick';

/**
 * A blend that is shared is for anyone: who it was made for, and what is known of their
 * skin, goes out only where the maker ticks it.
 */
export const FileOut = ({ recipe, onDone }: { recipe: Recipe; onDone: () => void }) => {
  const [whole, setWhole] = useState(false);
  const write = useWrite();
  return (
    <form
      aria-label={`Export ${nameOrNone(recipe.name)}`}
      className="flex basis-full flex-wrap items-center gap-3 border-t border-line pt-2"
      onSubmit={(event) => {
        event.preventDefault();
        void write('The file', () => saveBlend(whole ? recipe : forAnyone(recipe)));
        onDone();
      }}
    >
      <Tick className="flex-1" isOn={whole} onTick={setWhole}>
        {blendsWords.withThePerson(wearerWords(recipe.brief.wearer ?? 'anyone'))}
        <span className="block text-sm text-soft">{blendsWords.otherwiseTheFileSaysFor}</span>
      </Tick>
      <Button type="submit">Export</Button>
      <Button look="quiet" onClick={onDone}>
        Cancel
      </Button>
    </form>
  );
};
