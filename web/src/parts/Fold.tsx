import { ChevronDown, ChevronRight } from 'lucide-react';
import { settings } from '../store/settings';
import { useStored } from '../store/useStored';
import { useWrite } from './useWrite';

/** What can be folded, by where it is. */
export type FoldId = 'sheet/amounts';

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
