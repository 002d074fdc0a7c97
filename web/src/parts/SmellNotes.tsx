import { smelledWhen, type BenchEvent, type Tally } from '@jubbet/core/making';
import { smelledWords } from '@jubbet/core/words';

/** How a batch smells, now and later, in the maker’s words: each kept when its field is left. */
export const SmellNotes = ({
  tally,
  onEvents,
}: {
  tally: Tally;
  onEvents: (events: readonly BenchEvent[]) => void;
}) => (
  <div className="grid gap-2 sm:grid-cols-[repeat(auto-fit,minmax(12rem,1fr))]">
    {smelledWhen.map((when) => {
      const stored = tally.smelled.find((one) => one.when === when)?.words ?? '';
      return (
        <label key={when} className="grid gap-0.5">
          <span className="text-sm text-soft">{smelledWords(when)}</span>
          <input
            key={stored}
            className="min-h-10 rounded-md border border-field bg-transparent px-2 py-1.5 placeholder:text-soft"
            maxLength={2000}
            autoComplete="off"
            placeholder="green, a little sharp"
            defaultValue={stored}
            onBlur={({ target: { value } }) => {
              if (value.trim() !== stored) {
                onEvents([{ kind: 'smelled', when, words: value.trim() }]);
              }
            }}
          />
        </label>
      );
    })}
  </div>
);
