import {
  formatList,
  formatPercent,
  mended,
  mendingOffers,
  strengthWords,
  subjectName,
  usualVessel,
  vesselWords,
  type BlendDraft,
  type Mending as MendingChange,
} from '@jubbet/core';
import { memo, useDeferredValue, useMemo } from 'react';
import { VerdictMark } from '../../parts/VerdictMark';
import type { TokenProps } from './tokenProps';

const words = (mending: MendingChange, draft: BlendDraft): string => {
  switch (mending.kind) {
    case 'ask-for':
      return `Ask for ${formatPercent(mending.percent)}`;
    case 'cover':
      return 'Keep that skin under clothes for 24 hours';
    case 'vessel': {
      const vessel = usualVessel(mending.id);
      return vessel ? `Take a ${vesselWords(vessel)}` : 'Take a bigger bottle';
    }
    case 'drops':
      return formatList(
        Object.entries(mending.drops).map(([id, drops]) => {
          const before = draft.oils.find((oil) => oil.id === id)?.drops;
          return `${subjectName(id)}: ${before ?? '?'} to ${drops}`;
        }),
      );
    case 'swap':
      return `${subjectName(mending.to)} in place of ${subjectName(mending.from)}`;
    case 'take-out':
      return `Take out ${subjectName(mending.id)}`;
    case 'feet':
      return 'Wear it on hands or feet instead';
    case 'school':
      return 'Go by the clinical figures';
  }
};

/** What would mend a blend, each with what it comes to; one press, and undo takes it back. */
export const Mending = memo(({ draft, change }: TokenProps) => {
  // Offers may come a moment after the verdict; the keystroke does not wait for them.
  const settled = useDeferredValue(draft);
  const offers = useMemo(() => mendingOffers(settled), [settled]);
  if (offers.length === 0) return null;
  return (
    <section
      aria-label="What would mend it"
      className="rounded-xl border border-line bg-sheet px-4 py-3"
    >
      <h2 className="font-sans text-[15px] font-semibold">What would mend it</h2>
      <ul className="mt-1 grid gap-1.5">
        {offers.map(({ mending, outcome }) => (
          <li key={JSON.stringify(mending)}>
            <button
              type="button"
              className="w-full rounded-lg border border-line px-3 py-2 text-left hover:border-press"
              onClick={() => change((before) => mended(before, mending))}
            >
              <span className="font-medium text-press">{words(mending, settled)}</span>
              <span className="block text-[13px] text-soft">
                {strengthWords(outcome.mixture, settled.by)} ·{' '}
                <VerdictMark verdict={outcome.verdict} />
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
});
Mending.displayName = 'Mending';
