import type { TokenProps } from './tokenProps';

const field =
  'w-full rounded-md border border-field bg-transparent px-2 py-1.5 placeholder:text-soft';

/** What it is for, as the label says it, and notes for the maker. */
export const PurposeAndNotes = ({ recipe, change }: TokenProps) => (
  <section
    aria-label="Purpose and notes"
    className="grid items-start gap-3 rounded-xl border border-line bg-sheet px-4 py-2 sm:grid-cols-2"
  >
    <label className="grid gap-1">
      <span className="text-sm text-soft">What it is for</span>
      <input
        className={field}
        maxLength={200}
        placeholder="In your own words; no promise to heal"
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
  </section>
);
