import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';

/**
 * A part of the sentence that opens in place. `children` is told how to close it.
 */
export const Token = ({
  label,
  text,
  end = '',
  gap = false,
  wide = false,
  children,
}: {
  /** What this part of the sentence is about, for those who do not see it in its place. */
  label: string;
  text: string;
  /** What closes the sentence: it must not stand on a line by itself. */
  end?: string;
  gap?: boolean;
  wide?: boolean;
  children: (close: () => void) => ReactNode;
}) => (
  <Popover as="span">
    <PopoverButton
      aria-label={`${label}: ${text}`}
      className={clsx(
        'rounded-xs text-left font-semibold text-press hover:bg-slate-wash',
        gap && 'italic',
      )}
    >
      <span
        className={clsx(
          'underline decoration-2 underline-offset-[6px]',
          gap && 'decoration-dashed',
        )}
      >
        {text}
      </span>
      {end && (
        <span aria-hidden className="font-normal text-ink not-italic">
          {end}
        </span>
      )}
    </PopoverButton>
    <PopoverPanel
      focus
      role="dialog"
      aria-label={label}
      anchor={{ to: 'bottom start', gap: 8, padding: 12 }}
      className={clsx(
        'z-40 rounded-lg border border-line bg-sheet p-4 font-sans text-[15px] shadow-lg',
        wide ? 'w-[min(30rem,calc(100vw-24px))]' : 'w-[min(22rem,calc(100vw-24px))]',
      )}
    >
      {({ close }) => <>{children(() => close())}</>}
    </PopoverPanel>
  </Popover>
);
