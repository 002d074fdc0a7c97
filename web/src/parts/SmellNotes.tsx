import { smelledWhen, type BenchEvent, type EventOf, type Tally } from '@jubbet/core/making';
import { smelledWords, partsWords } from '@jubbet/core/words';
import { useAutosavedText } from '../ui/useAutosavedText';

const Note = ({
  when,
  stored,
  keep,
}: {
  when: EventOf<'smelled'>['when'];
  stored: string;
  keep: (words: string) => void;
}) => (
  <label className="grid gap-0.5">
    <span className="text-sm text-soft">{smelledWords(when)}</span>
    <input
      className="min-h-10 rounded-md border border-field bg-transparent px-2 py-1.5 placeholder:text-soft"
      maxLength={2000}
      autoComplete="off"
      placeholder={partsWords.greenALittleSharp}
      {...useAutosavedText(stored, keep)}
    />
  </label>
);

/** How a batch smells, now and later, in the maker’s words. */
export const SmellNotes = ({
  tally,
  onEvents,
}: {
  tally: Tally;
  onEvents: (events: readonly BenchEvent[]) => void;
}) => (
  <div className="grid gap-2 sm:grid-cols-[repeat(auto-fit,minmax(12rem,1fr))]">
    {smelledWhen.map((when) => (
      <Note
        key={when}
        when={when}
        stored={tally.smelled.find((entry) => entry.when === when)?.words ?? ''}
        keep={(words) => onEvents([{ kind: 'smelled', when, words }])}
      />
    ))}
  </div>
);
