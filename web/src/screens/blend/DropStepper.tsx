import { readNumber, type NumberRule } from '@jubbet/core/quantity';
import { Minus, Plus } from 'lucide-react';
import { clsx } from 'clsx';
import type { ComponentProps, Ref } from 'react';
import { isTyping, NumberField } from '../../ui/NumberField';
import { refusalOfNumber, type Refusal } from '../../ui/refusal';

const most = 10_000;

const keyMoves: Readonly<Record<string, 1 | -1>> = {
  '+': 1,
  '-': -1,
  ArrowUp: -1,
  ArrowDown: 1,
};

const rule: NumberRule = { least: 0, most, whole: true };

type ReadTyped = NonNullable<ComponentProps<typeof NumberField>['readTyped']>;

/** `10 to 15` and `half a dozen` are of drops; what has a unit of its own is of that. */
const wordsAsDrops = (text: string, act: boolean, readTyped: ReadTyped): Refusal | null => {
  const asDrops = `${text} drops`;
  if (readTyped(asDrops, false) === null) return readTyped(asDrops, act);
  const refusal = readTyped(text, act);
  const number = readNumber(text, rule);
  // Here a whole number is what is asked for, unless there is something to choose.
  return refusal && refusal.readings.length === 0 && !number.ok ? refusalOfNumber(number) : refusal;
};

/** Drops: typed, or one more and one less. */
export const DropStepper = ({
  name,
  drops,
  typed,
  from,
  onDrops,
  readTyped,
  wayBack: undoOf,
  onArrow,
  ref,
}: {
  name: string;
  /** Null where the oil is measured in ml or g, or where nothing is worked out yet. */
  drops: number | null;
  /** True where the drops were set here, rather than worked out from parts. */
  typed: boolean;
  /** Of a range its low end. */
  from?: number | undefined;
  onDrops: (drops: number) => void;
  /** Reads an amount in words. */
  readTyped: ReadTyped;
  wayBack: () => () => void;
  onArrow: (by: 1 | -1) => void;
  ref?: Ref<HTMLInputElement>;
}) => {
  const step = (by: 1 | -1) => {
    const next = (drops ?? 0) + by;
    if (next >= 0 && next <= most) onDrops(next);
  };
  const side =
    'grid size-8 max-sm:size-11 place-items-center text-press hover:bg-slate-wash disabled:opacity-40';
  return (
    <span className="inline-flex items-center rounded-md border border-line">
      <button
        type="button"
        tabIndex={-1}
        aria-label={`One drop less of ${name}`}
        disabled={!drops}
        className={side}
        onClick={() => step(-1)}
      >
        <Minus aria-hidden size={15} strokeWidth={2.5} />
      </button>
      <NumberField
        ref={ref ?? null}
        label={`Drops of ${name}`}
        className={clsx('w-11 px-0.5 text-center!', typed && 'font-semibold')}
        value={drops}
        shown={from === undefined || drops === null ? undefined : `${from}–${drops}`}
        inputMode="numeric"
        readTyped={(text, act) => wordsAsDrops(text, act, readTyped)}
        rule={rule}
        onNumber={onDrops}
        undoOf={undoOf}
        onKeyDown={(event) => {
          const move = keyMoves[event.key];
          // In the middle of a number the key is a letter of it: `10-15`.
          if (move === undefined || (event.key === '-' && isTyping(event.currentTarget))) return;
          event.preventDefault();
          if (event.key.startsWith('Arrow')) onArrow(move);
          else step(move);
        }}
      />
      <button
        type="button"
        tabIndex={-1}
        aria-label={`One drop more of ${name}`}
        disabled={drops !== null && drops >= most}
        className={side}
        onClick={() => step(1)}
      >
        <Plus aria-hidden size={15} strokeWidth={2.5} />
      </button>
    </span>
  );
};
