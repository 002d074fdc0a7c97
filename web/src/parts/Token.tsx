import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { clsx } from 'clsx';
import { useRef, type KeyboardEvent, type ReactNode } from 'react';
import { Button } from '../ui/Button';
import { openFirstGap } from './openFirstGap';

/**
 * A part of the sentence that opens in place; on a phone it comes up from below. `children` is
 * told how to go on: a gap that is answered closes and the next one opens; what was answered
 * before stays open until it is left.
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
  /** What closes the sentence: it must not be on a line by itself. */
  end?: string;
  gap?: boolean;
  /** Wider than a column of words; `most` where something is drawn in it. */
  wide?: boolean | 'most';
  children: (answered: () => void) => ReactNode;
}) => {
  /** It was a gap when it was opened. */
  const wasGap = useRef(false);
  return (
    <Popover as="span">
      <PopoverButton
        aria-label={`${label}: ${text}`}
        data-gap={gap}
        onClick={() => {
          wasGap.current = gap;
        }}
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
          'z-40 flex flex-col overflow-hidden! rounded-lg border border-line bg-sheet font-sans text-[15px] shadow-lg from-below',
          wide === 'most'
            ? 'w-[min(49rem,calc(100vw-24px))]'
            : wide
              ? 'w-[min(30rem,calc(100vw-24px))]'
              : 'w-[min(22rem,calc(100vw-24px))]',
        )}
      >
        {({ close }) => {
          const leave = (isAnswered: boolean): void => {
            close();
            // Once the answer is in the sentence, what it still lacks can be seen. What was left open
            // stays closed: Done is a way out, whatever is answered.
            if (wasGap.current && isAnswered) requestAnimationFrame(openFirstGap);
          };
          return (
            // Hears the Enter of the fields inside it; nothing is done to the element itself.
            // eslint-disable-next-line jsx-a11y/no-static-element-interactions
            <div
              className="contents"
              onKeyDown={(event: KeyboardEvent) => {
                // What was typed into a field is answered with Enter; a list has its own.
                const field = event.target;
                if (event.key !== 'Enter' || event.defaultPrevented || gap) return;
                if (
                  field instanceof HTMLInputElement &&
                  field.type === 'text' &&
                  field.getAttribute('role') !== 'combobox' &&
                  field.getAttribute('aria-invalid') !== 'true'
                ) {
                  // Once it is closed, this press would press the part of the sentence again.
                  event.preventDefault();
                  leave(true);
                }
              }}
            >
              <div className="relative min-h-0 overflow-y-auto p-4 pb-2">
                {children(() => {
                  if (wasGap.current) leave(true);
                })}
              </div>
              <div className="flex flex-none justify-end px-4 pt-1 pb-4">
                <Button className="max-sm:min-h-12 max-sm:w-full" onClick={() => leave(!gap)}>
                  Done
                </Button>
              </div>
            </div>
          );
        }}
      </PopoverPanel>
    </Popover>
  );
};
