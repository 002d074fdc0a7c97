import { isAsPlanned, type Step } from '@jubbet/core/making';
import { dropsToCount } from '@jubbet/core/words';
import { clsx } from 'clsx';
import type { MouseEvent, ReactNode } from 'react';
import { Link } from 'react-router';
import { Kbd } from '../../ui/Kbd';
import { focusPad } from './focusPad';
import type { Intent } from './useBench';

const shape =
  'flex h-[72px] min-w-0 flex-1 touch-manipulation items-center justify-center gap-2 rounded-xl border-2 px-3 text-lg font-semibold select-none disabled:cursor-not-allowed disabled:opacity-50 max-sm:text-base focus-visible:outline-4 focus-visible:outline-night-ink';

const plain = 'border-night-field bg-transparent text-night-ink';
const amber = 'border-lamp bg-lamp text-night';

/**
 * After a press with a finger or a mouse the pad has the keys again: the next space is a drop,
 * not the same press once more.
 */
const backToPad = ({ detail }: MouseEvent): void => {
  if (detail > 0) focusPad();
};

const nextWords = (step: Step, count: number): string => {
  if (step.kind !== 'count') return 'Done, next';
  if (isAsPlanned(step, count)) return 'Added, next';
  return count < step.drops
    ? `Go on with ${count} of ${dropsToCount(step)}`
    : `Accept ${count}, next`;
};

/** What can be pressed beside the pad: wide, at the foot, reached with an elbow. */
export const Dock = ({
  step,
  count,
  isLast,
  canWait,
  isOpen,
  log,
  press,
}: {
  /** Null when all is done. */
  step: Step | null;
  count: number;
  isLast: boolean;
  /** True where this oil can be left until the others are in. */
  canWait: boolean;
  /** False where nothing goes on past what is in it. */
  isOpen: boolean;
  /** The way to the batch in the log. */
  log: string;
  press: (intent: Intent) => void;
}) => {
  const button = (intent: Intent, look: string, disabled: boolean, words: ReactNode) => (
    <button
      type="button"
      className={clsx(shape, look)}
      disabled={disabled}
      onClick={(event) => {
        press(intent);
        backToPad(event);
      }}
    >
      {words}
    </button>
  );
  if (!step) {
    return (
      <nav aria-label="What next" className="flex gap-3">
        <Link to={log} className={clsx(shape, amber, 'no-underline')}>
          To the log
        </Link>
      </nav>
    );
  }
  const missing = step.kind === 'count' && count < (step.atLeast ?? step.drops);
  return (
    <nav aria-label="What next" className="flex gap-3">
      {button(
        'take-back',
        plain,
        step.kind !== 'count' || count === 0,
        <>
          Undo one drop <Kbd>⌫</Kbd>
        </>,
      )}
      {canWait &&
        button(
          'later',
          clsx(plain, 'flex-none! sm:px-6'),
          false,
          <>
            Later <Kbd>→</Kbd>
          </>,
        )}
      {button(
        'go-on',
        // While drops are missing, going on is not what most want next.
        missing ? plain : amber,
        !isOpen,
        <>
          {isLast ? 'All done' : nextWords(step, count)} <Kbd>↵</Kbd>
        </>,
      )}
    </nav>
  );
};
