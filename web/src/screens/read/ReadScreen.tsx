import { Notice } from '../../ui/Notice';
import { Panel } from '../../ui/Panel';
import { mostLetters } from '@jubbet/core/reading';
import { countedWords, readWords } from '@jubbet/core/words';
import { useState, type DragEvent } from 'react';
import { StoredScreen } from '../../parts/StoredScreen';
import { Button, ButtonLink } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useWrite } from '../../parts/useWrite';
import { longestKept, settings, type Settings } from '../../store/settings';
import { useStored } from '../../store/useStored';
import { OneRecipe } from './OneRecipe';
import { useReadText } from './useReadText';

const example = `Sleepy roll-on
10 ml roller bottle, 2.5 % dilution
Lavender – 10 drops
Cedarwood: 5 drops
fill with fractionated coconut oil`;

/** Someone else’s recipe: pasted, opened or dropped in, and read over. */
const Reading = ({ set }: { set: Settings }) => {
  const write = useWrite();
  const [text, setText] = useState(set.readText);
  const [trouble, setTrouble] = useState('');
  const [chosen, setChosen] = useState('0');
  const { recipes, isReading, error, stop, again } = useReadText(text);
  const take = (next: string): void => {
    const isTooLong = next.length > mostLetters;
    setTrouble(isTooLong ? 'That is too long for recipes: paste a part of it.' : '');
    if (isTooLong) return;
    setText(next);
    setChosen('0');
    // What is longer is a file that is there still.
    const kept = next.length <= longestKept ? next : '';
    void write('The text', () => settings.write('readText', kept));
  };
  const open = (file: File | undefined): void => {
    if (!file) return;
    // Letters of some languages take four bytes.
    if (file.size > 4 * mostLetters) setTrouble('That file is too large for recipes.');
    else void file.text().then(take, () => setTrouble('That file could not be read.'));
  };
  const drop = (event: DragEvent): void => {
    event.preventDefault();
    const [file] = event.dataTransfer.files;
    if (file) open(file);
    else take(event.dataTransfer.getData('text/plain'));
  };
  const recipe = recipes?.[Number(chosen)];
  return (
    <div className="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle title="Read a recipe" />
        <ButtonLink to="/blends">Back to blends</ButtonLink>
      </div>
      <Panel
        aria-label="The text"
        className="grid grid-cols-[minmax(0,1fr)] gap-3 px-5 py-4"
        onDragOver={(event) => event.preventDefault()}
        onDrop={drop}
      >
        <label className="grid grid-cols-[minmax(0,1fr)] gap-1">
          <span className="text-sm text-soft">{readWords.pasteARecipeFromAnywhere}</span>
          <textarea
            aria-label={readWords.textOfTheRecipe}
            rows={text === '' ? 9 : 7}
            className="w-full rounded-md border border-field bg-transparent px-3 py-2 placeholder:text-soft"
            placeholder={example}
            value={text}
            onChange={({ target }) => take(target.value)}
          />
        </label>
        <div className="flex flex-wrap items-center gap-3">
          <label className="grid max-w-full min-w-0 grid-cols-[minmax(0,1fr)] gap-1 text-sm text-soft">
            <span>{readWords.orOpenAFile}</span>
            <input
              type="file"
              aria-label={readWords.fileWithARecipe}
              className="w-full min-w-0"
              accept=".txt,.md,.html,.htm,.json,.jsonld,text/*,application/json,application/ld+json"
              onChange={({ target }) => {
                open(target.files?.[0]);
                target.value = '';
              }}
            />
          </label>
          {text !== '' && <Button onClick={() => take('')}>Clear</Button>}
        </div>
        {(trouble !== '' || error) && (
          <p role="alert" className="text-brick">
            ■ {trouble || 'The text could not be read.'}
          </p>
        )}
        {again && (
          <p role="status" className="flex items-center gap-3">
            Reading was stopped.<Button onClick={again}>Read it</Button>
          </p>
        )}
        {isReading && (
          <p role="status" className="flex items-center gap-3">
            Reading …<Button onClick={stop}>Stop</Button>
          </p>
        )}
      </Panel>
      {recipes && text.trim() !== '' && recipes.length === 0 && (
        <Notice tone="note" role="status" className="px-4! py-3!">
          {readWords.thereIsNoRecipeIn}
        </Notice>
      )}
      {recipes && recipes.length > 1 && (
        <SelectField
          label={`${countedWords(recipes.length, 'recipe')} in it`}
          value={chosen}
          choices={recipes.map(
            ({ title }, n) => [String(n), title || `Recipe ${n + 1}, without a name`] as const,
          )}
          onChoose={setChosen}
        />
      )}
      {recipe && (
        // Choices belong to ingredients: other ones begin without.
        <OneRecipe
          key={`${chosen}/${recipe.ingredients.map((ingredient) => ingredient.text).join('/')}`}
          read={recipe}
          source={text}
          set={set}
        />
      )}
    </div>
  );
};

export const ReadScreen = () => (
  <StoredScreen of={useStored(['settings'], () => settings.read())}>
    {(set) => <Reading set={set} />}
  </StoredScreen>
);
