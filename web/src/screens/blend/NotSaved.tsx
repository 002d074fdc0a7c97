import { Failed } from '../../parts/Failed';
import { blendWords } from '@jubbet/core/words';
import { useBlocker } from 'react-router';
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
      <Failed failure={failure} words={blendWords.changeNotSaved} onRetry={onRetry} />
    </>
  );
};
