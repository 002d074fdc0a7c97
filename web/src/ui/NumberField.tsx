import { readNumber, type NumberRule } from '@jubbet/core/quantity';
import { formatNumber } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { useId, useRef, useState, type InputHTMLAttributes, type Ref } from 'react';
import { refusalOfNumber, type Refusal } from './refusal';

/** True while something is being typed into a number field that is not left yet. */
export const isTyping = (field: HTMLInputElement): boolean => 'typing' in field.dataset;

interface Props extends Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange'> {
  /** What is stored; null where nothing is. */
  readonly value: number | null;
  /** What stands there in place of the bare number: `10–15`. */
  readonly shown?: string | undefined;
  readonly rule: NumberRule;
  /** Called with every number that can be; never with one that cannot. */
  readonly onNumber: (value: number) => void;
  /**
   * Reads what is no plain number: acts on it and returns null, or says why it cannot. Called
   * while it is typed.
   */
  readonly readTyped?: ((text: string, act: boolean) => Refusal | null) | undefined;
  /** Called when the field is emptied, where empty may be. */
  readonly onEmpty?: () => void;
  /**
   * Asked when typing begins for the restore point: what a field refuses it does not keep in part.
   * Where it is not given, the number from before is set again.
   */
  readonly undoOf?: () => () => void;
  readonly label: string;
  readonly unit?: string;
  /** Drawn as a field even when no one is at it. */
  readonly framed?: boolean;
  /** What is wrong is under the field and moves what follows, in place of lying over it. */
  readonly inFlow?: boolean;
  /** What is wrong with it, as its form sees it; what cannot be read comes first. */
  readonly problem?: string | undefined;
  readonly ref?: Ref<HTMLInputElement>;
}

/** What was typed is not taken: why, and how it may have been meant. */
const Problem = ({
  id,
  refusal: { sentence, readings },
  inFlow,
  onReading,
}: {
  id: string;
  refusal: Refusal;
  inFlow: boolean;
  onReading: (reading: string) => void;
}) => (
  <span
    id={id}
    role="alert"
    className={clsx(
      'rounded-md bg-brick-wash px-2 py-1 text-left text-sm text-brick',
      inFlow ? 'basis-full' : 'absolute top-full right-0 z-20 mt-1 w-max max-w-60 shadow-sm',
    )}
  >
    {sentence}
    {readings.length > 0 && (
      <span className="mt-1 flex flex-wrap gap-1">
        {readings.map((reading) => (
          <button
            key={reading}
            type="button"
            className="min-h-8 rounded-md border border-brick px-2 font-semibold"
            // The field keeps the focus, and with it what was typed.
            onMouseDown={(event) => event.preventDefault()}
            onClick={() => onReading(reading)}
          >
            {reading}
          </button>
        ))}
      </span>
    )}
  </span>
);

/**
 * A number as people type it. What can be is kept at once; what cannot is
 * answered beside the field, changes nothing, and takes back what it began as.
 * Leaving the field puts back what is, except in a form, where it stays
 * until it is mended.
 */
export const NumberField = ({
  value,
  rule,
  onNumber,
  onEmpty,
  undoOf: wayBack,
  readTyped,
  label,
  unit,
  framed = false,
  inFlow = false,
  problem,
  className,
  shown,
  inputMode,
  ...rest
}: Props) => {
  const [typed, setTyped] = useState<string | null>(null);
  const back = useRef<(() => void) | null>(null);
  const kept = useRef(false);
  const id = useId();
  const read = typed === null ? null : readNumber(typed, rule, unit);
  const unread = read && !read.ok && !(typed?.trim() === '' && onEmpty) ? read : null;
  // A number that may not be is answered as one; only what is no number may be words.
  const isWords = read !== null && !read.ok && !read.isNumber && Boolean(typed?.trim());
  const refused = unread && refusalOfNumber(unread);
  const unfit = refused !== null && readTyped && isWords ? readTyped(typed ?? '', false) : refused;
  const refusal: Refusal | null = unfit ?? (problem ? { sentence: problem, readings: [] } : null);

  const begin = (): void => {
    if (back.current) return;
    const before = value;
    back.current =
      wayBack?.() ??
      (() => {
        if (before !== null) onNumber(before);
        else onEmpty?.();
      });
  };
  /** Takes what is typed where it can be; what was kept of it before, it gives back. */
  const take = (text: string): void => {
    begin();
    setTyped(text);
    const next = readNumber(text, rule, unit);
    if (next.ok) {
      kept.current = true;
      onNumber(next.value);
      return;
    }
    if (text.trim() === '' && onEmpty) {
      kept.current = true;
      onEmpty();
      return;
    }
    if (text.trim() !== '' && !next.isNumber && readTyped?.(text, true) === null) {
      kept.current = true;
      return;
    }
    if (kept.current) back.current?.();
    kept.current = false;
  };
  const end = (): void => {
    setTyped(null);
    back.current = null;
    kept.current = false;
  };
  return (
    <span
      className={clsx('relative inline-flex items-baseline gap-1', inFlow && 'max-w-60 flex-wrap')}
    >
      <input
        {...rest}
        type="text"
        // Where words are read too, a phone must offer letters.
        inputMode={inputMode ?? (readTyped ? 'text' : rule.whole ? 'numeric' : 'decimal')}
        data-typing={typed === null ? undefined : ''}
        autoComplete="off"
        aria-label={label}
        aria-invalid={refusal !== null}
        aria-describedby={refusal ? id : undefined}
        data-unread={unfit === null ? undefined : ''}
        className={clsx(
          'rounded-md border bg-transparent px-1.5 text-right outline-offset-1',
          framed ? 'py-1.5' : 'py-1',
          refusal
            ? 'border-brick'
            : clsx(
                framed ? 'border-field' : 'border-transparent',
                'hover:border-field focus:border-press',
              ),
          className,
        )}
        value={typed ?? shown ?? (value === null ? '' : String(value))}
        onFocus={(event) => {
          event.target.select();
          rest.onFocus?.(event);
        }}
        onChange={(event) => take(event.target.value)}
        onKeyDown={(event) => {
          rest.onKeyDown?.(event);
          // A key that does something here starts from what is, not from half-typed text.
          if (event.defaultPrevented) end();
        }}
        onBlur={(event) => {
          // On a page that is saved as a whole, what cannot be read stays to be mended.
          if (unfit === null || event.target.form === null) end();
          rest.onBlur?.(event);
        }}
      />
      {unit && (
        <span className="text-soft">
          {/* In words it bears its own unit: what it comes to is stated. */}
          {isWords && unfit === null
            ? `= ${value === null ? '–' : formatNumber(value, 4)} ${unit}`
            : unit}
        </span>
      )}
      {refusal && <Problem id={id} refusal={refusal} inFlow={inFlow} onReading={take} />}
    </span>
  );
};
