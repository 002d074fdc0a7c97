import { useBlocker } from 'react-router';
import { ErrorDetails } from '../../parts/ErrorDetails';
import type { ErrorText } from '../../parts/errorText';
import { LeaveAsked } from '../../parts/LeaveAsked';

/** The last change of the sheet is not on the disk: said, and whoever leaves is asked first. */
export const NotSaved = ({
  failure,
  onRetry,
}: {
  failure: ErrorText | null;
  onRetry: () => void;
}) => {
  const blocker = useBlocker(failure !== null);
  return (
    <>
      {blocker.state === 'blocked' && (
        <LeaveAsked onLeave={() => blocker.proceed()} onStay={() => blocker.reset()} />
      )}
      {failure && (
        <div role="alert" className="flex gap-3 rounded-lg bg-brick-wash px-4 py-2 text-brick">
          <div className="flex-1">
            The last change could not be saved: {failure.reason}. It is still here on the sheet.
            <ErrorDetails details={failure.details} />
          </div>
          <button type="button" className="underline" onClick={onRetry}>
            Try again
          </button>
        </div>
      )}
    </>
  );
};
