import { clsx } from 'clsx';
import { Notice } from '../ui/Notice';
import { ErrorDetails } from './ErrorDetails';
import type { ErrorText } from './errorText';

/** What could not be done, and that nothing was lost; with what the browser says of it, folded. */
export const Failed = ({
  failure,
  words,
  onRetry,
  className,
}: {
  /** Null while nothing has failed. */
  failure: ErrorText | null;
  /** The whole sentence, from the reason. */
  words: (reason: string) => string;
  onRetry?: () => void;
  className?: string;
}) =>
  failure && (
    <Notice tone="over" isUrgent className={clsx('flex gap-3', className)}>
      <div className="flex-1">
        {words(failure.reason)}
        <ErrorDetails details={failure.details} />
      </div>
      {onRetry && (
        <button type="button" className="underline" onClick={onRetry}>
          Try again
        </button>
      )}
    </Notice>
  );
