import { ChevronDown, ChevronRight } from 'lucide-react';
import { settings } from '../store/settings';
import { useStored } from '../store/useStored';
import type { ReactNode } from 'react';
import { useWrite } from './useWrite';

/** What can be folded, by where it is. */
export type FoldId =
  | 'sheet/amounts'
  | 'batch/corrections'
  | 'batch/cost'
  | 'batch/how-it-was'
  | 'batch/notes'
  | 'batch/photographs'
  | 'batch/smell'
  | 'person/patch-tests';

/** Whether something is unfolded, and the way to fold it: what a maker unfolds stays so for them. */
export const useFold = (
  id: FoldId,
): { readonly isOpen: boolean; readonly isKnown: boolean; readonly toggle: () => void } => {
  const { data } = useStored(['settings'], () => settings.read());
  const write = useWrite();
  const unfolded = data?.unfolded ?? [];
  const isOpen = unfolded.includes(id);
  return {
    isOpen,
    isKnown: data !== undefined,
    toggle: () =>
      void write('What is unfolded', () =>
        settings.write(
          'unfolded',
          isOpen ? unfolded.filter((entry) => entry !== id) : [...unfolded, id],
        ),
      ),
  };
};

/** The button that folds and unfolds something. */
export const FoldButton = ({
  isOpen,
  onToggle,
  children,
}: {
  isOpen: boolean;
  onToggle: () => void;
  children: string;
}) => (
  <button
    type="button"
    aria-expanded={isOpen}
    className="inline-flex min-h-8 items-center gap-1 rounded-xs text-press"
    onClick={onToggle}
  >
    {isOpen ? <ChevronDown aria-hidden size={16} /> : <ChevronRight aria-hidden size={16} />}
    {children}
  </button>
);

/** A part of a screen that is folded until it is wanted, and then stays unfolded. */
export const FoldedPart = ({
  id,
  title,
  isNeeded = false,
  children,
}: {
  id: FoldId;
  title: string;
  /** It stays open while this holds: something in it must be seen. */
  isNeeded?: boolean;
  children: ReactNode;
}) => {
  const { isOpen, isKnown, toggle } = useFold(id);
  if (!isKnown) return null;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] justify-items-start gap-2">
      <FoldButton isOpen={isOpen || isNeeded} onToggle={toggle}>
        {title}
      </FoldButton>
      {(isOpen || isNeeded) && <div className="w-full">{children}</div>}
    </div>
  );
};
