import { X } from 'lucide-react';
import type { MouseEvent } from 'react';

/**
 * Removes the row it stands in. By keys the focus goes on to the next row, or to `otherwise`
 * where there is none; by hand it goes nowhere, so that no keyboard comes up on a phone.
 */
export const RemoveButton = ({
  label,
  otherwise,
  onRemove,
}: {
  label: string;
  /** A selector: where the focus goes from the last row. */
  otherwise: string;
  onRemove: () => void;
}) => {
  const remove = ({ detail, currentTarget }: MouseEvent<HTMLButtonElement>): void => {
    const row = currentTarget.closest('tr, li');
    const next = row?.nextElementSibling ?? row?.previousElementSibling;
    onRemove();
    // A press of a key clicks without a count.
    if (detail !== 0) return;
    requestAnimationFrame(() => {
      const field = next?.isConnected ? next.querySelector<HTMLElement>('input, button') : null;
      (field ?? document.querySelector<HTMLElement>(otherwise))?.focus();
    });
  };
  return (
    <button
      type="button"
      aria-label={label}
      className="inline-grid place-items-center rounded p-1.5 text-soft hover:text-brick max-sm:size-11"
      onClick={remove}
    >
      <X aria-hidden size={16} />
    </button>
  );
};
