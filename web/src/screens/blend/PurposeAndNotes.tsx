import { Panel } from '../../ui/Panel';
import { blendWords } from '@jubbet/core/words';
import { useState } from 'react';
import type { TokenProps } from './tokenProps';

const field =
  'w-full rounded-md border border-field bg-transparent px-2 py-1.5 placeholder:text-soft';

/** The same as text, which becomes fields when it is pressed. */
const InWords = ({
  recipe: { purpose, notes },
  onEdit,
}: Pick<TokenProps, 'recipe'> & { onEdit: () => void }) => (
  <button
    type="button"
    className="rounded-xl border border-line bg-sheet px-4 py-2 text-left whitespace-pre-line hover:border-press"
    onClick={onEdit}
  >
    {(purpose || notes) && <span className="sr-only">Edit: </span>}
    {purpose && <span className="block">{purpose}</span>}
    {notes && <span className="line-clamp-3 text-soft">{notes}</span>}
    {!purpose && !notes && <span className="text-press">{blendWords.addWhatItIsFor}</span>}
  </button>
);

/** What it is for, as the label says it, and notes for the maker; as text until they are pressed. */
export const PurposeAndNotes = ({ isFolded, ...token }: TokenProps & { isFolded: boolean }) => {
  const [isEdited, setEdited] = useState(false);
  return isFolded && !isEdited ? (
    <InWords recipe={token.recipe} onEdit={() => setEdited(true)} />
  ) : (
    <Fields {...token} isFocused={isEdited} />
  );
};

const Fields = ({ recipe, change, isFocused }: TokenProps & { isFocused: boolean }) => (
  <Panel aria-label="Purpose and notes" className="grid items-start gap-3 px-4 py-2 sm:grid-cols-2">
    <label className="grid gap-1">
      <span className="text-sm text-soft">{blendWords.whatItIsFor}</span>
      <input
        ref={(input) => {
          if (isFocused && document.activeElement === document.body) input?.focus();
        }}
        className={field}
        maxLength={200}
        placeholder={blendWords.asTheLabelWillSay}
        value={recipe.purpose}
        onChange={(event) => {
          const purpose = event.target.value;
          change((before) => ({ ...before, purpose }), 'purpose');
        }}
      />
    </label>
    <label className="grid gap-1">
      <span className="text-sm text-soft">Notes</span>
      <textarea
        className={`${field} [field-sizing:content]`}
        rows={1}
        maxLength={10_000}
        value={recipe.notes}
        onChange={(event) => {
          const notes = event.target.value;
          change((before) => ({ ...before, notes }), 'notes');
        }}
      />
    </label>
  </Panel>
);
