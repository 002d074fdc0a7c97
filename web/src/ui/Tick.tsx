import { clsx } from 'clsx';
import type { ReactNode } from 'react';

/** A box to tick, with what it says: all of it can be pressed. */
export const Tick = ({
  isOn,
  onTick,
  disabled = false,
  label,
  className,
  children,
}: {
  isOn: boolean;
  onTick: (isOn: boolean) => void;
  disabled?: boolean;
  /** Said in place of the words beside it, where those do not be by themselves. */
  label?: string;
  className?: string;
  children: ReactNode;
}) => (
  <label className={clsx('flex min-h-10 cursor-pointer items-start gap-2.5 py-1.5', className)}>
    {/* Beside the first line, whatever its size. */}
    <span className="flex h-[1lh] flex-none items-center">
      <input
        type="checkbox"
        aria-label={label}
        className="size-5 accent-press"
        disabled={disabled}
        checked={isOn}
        onChange={({ target }) => onTick(target.checked)}
      />
    </span>
    <span className="min-w-0 self-baseline">{children}</span>
  </label>
);
