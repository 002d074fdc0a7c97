import { formatNumber } from '@jubbet/core';
import { clsx } from 'clsx';
import { useId, useState, type InputHTMLAttributes, type Ref } from 'react';
import { readNumber, type NumberRule } from './readNumber';

interface Props extends Omit<
  InputHTMLAttributes<HTMLInputElement>,
  'value' | 'onChange' | 'inputMode'
> {
  /** What is stored; null where nothing is. */
  readonly value: number | null;
  readonly rule: NumberRule;
  /** Called with every number that can stand; never with one that cannot. */
  readonly onNumber: (value: number) => void;
  /**
   * Reads what is no plain number: acts on it and returns null, or returns a sentence
   * that says why it cannot. Called while it is typed.
   */
  readonly also?: ((text: string, act: boolean) => string | null) | undefined;
  /** Called when the field is emptied, where empty may stand. */
  readonly onEmpty?: () => void;
  readonly label: string;
  readonly unit?: string;
  /** Drawn as a field even when nobody is at it. */
  readonly framed?: boolean;
  /** What is wrong stands under the field and moves what follows, in place of lying over it. */
  readonly inFlow?: boolean;
  readonly ref?: Ref<HTMLInputElement>;
}

/**
 * A number as people type it. What can stand is kept at once; what cannot is
 * answered beside the field and changes nothing; leaving the field puts back what
 * stands.
 */
export const NumberField = ({
  value,
  rule,
  onNumber,
  onEmpty,
  also,
  label,
  unit,
  framed = false,
  inFlow = false,
  className,
  ...rest
}: Props) => {
  const [typed, setTyped] = useState<string | null>(null);
  const id = useId();
  const read = typed === null ? null : readNumber(typed, rule);
  const unread = read && !read.ok && !(typed?.trim() === '' && onEmpty) ? read.sentence : null;
  // A number that may not stand is answered as one; only what is no number may be words.
  const isWords = read !== null && !read.ok && !read.isNumber && Boolean(typed?.trim());
  const problem = unread !== null && also && isWords ? also(typed ?? '', false) : unread;
  return (
    <span
      className={clsx('relative inline-flex items-baseline gap-1', inFlow && 'max-w-60 flex-wrap')}
    >
      <input
        {...rest}
        type="text"
        // Where words are read too, a phone must offer letters.
        inputMode={also ? 'text' : rule.whole ? 'numeric' : 'decimal'}
        autoComplete="off"
        aria-label={label}
        aria-invalid={problem !== null}
        aria-describedby={problem ? id : undefined}
        className={clsx(
          'rounded-md border bg-transparent px-1.5 text-right outline-offset-1',
          framed ? 'py-1.5' : 'py-1',
          problem
            ? 'border-brick'
            : clsx(
                framed ? 'border-line' : 'border-transparent',
                'hover:border-line focus:border-press',
              ),
          className,
        )}
        value={typed ?? (value === null ? '' : String(value))}
        onFocus={(event) => {
          event.target.select();
          rest.onFocus?.(event);
        }}
        onChange={(event) => {
          const text = event.target.value;
          setTyped(text);
          const next = readNumber(text, rule);
          if (next.ok) onNumber(next.value);
          else if (text.trim() === '') onEmpty?.();
          else if (!next.isNumber) also?.(text, true);
        }}
        onKeyDown={(event) => {
          rest.onKeyDown?.(event);
          // A key that does something here starts from what stands, not from half-typed text.
          if (event.defaultPrevented) setTyped(null);
        }}
        onBlur={(event) => {
          setTyped(null);
          rest.onBlur?.(event);
        }}
      />
      {unit && (
        <span className="text-soft">
          {/* In words it bears its own unit: what it comes to is said. */}
          {read && !read.ok && unread !== null && problem === null
            ? `= ${value === null ? '–' : formatNumber(value, 4)} ${unit}`
            : unit}
        </span>
      )}
      {problem && (
        <span
          id={id}
          role="alert"
          className={clsx(
            'rounded-md bg-brick-wash px-2 py-1 text-left text-sm text-brick',
            inFlow ? 'basis-full' : 'absolute top-full right-0 z-20 mt-1 w-max max-w-60 shadow-sm',
          )}
        >
          {problem}
        </span>
      )}
    </span>
  );
};
