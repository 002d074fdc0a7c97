import { useState } from 'react';
import { Button } from '../ui/Button';
import { ErrorDetails } from '../parts/ErrorDetails';
import { errorText, type ErrorText } from '../parts/errorText';
import { saveFile } from '../parts/saveFile';
import { today } from '../store/now';
import { deleteOlderStore, olderStoreJson } from '../store/olderStore';

/** What can be done with data from before the first release: export them, then start afresh. */
export const OlderStore = () => {
  const [isExported, setExported] = useState(false);
  const [isBlocked, setBlocked] = useState(false);
  const [failure, setFailure] = useState<ErrorText | null>(null);
  const attempt = async (act: () => Promise<void>): Promise<void> => {
    try {
      await act();
    } catch (error) {
      setFailure(errorText(error));
    }
  };
  const save = () =>
    attempt(async () => {
      saveFile(`jubbet-older-${today()}.json`, await olderStoreJson(), 'application/json');
      setExported(true);
    });
  const startAfresh = () =>
    attempt(async () => {
      await deleteOlderStore(() => setBlocked(true));
      window.location.reload();
    });
  return (
    <div className="mt-4 grid gap-3">
      <div className="flex flex-wrap gap-2">
        <Button look={isExported ? 'plain' : 'first'} onClick={() => void save()}>
          Export everything
        </Button>
        {isExported && (
          <Button className="text-brick!" onClick={() => void startAfresh()}>
            Delete these data and start afresh
          </Button>
        )}
      </div>
      {isBlocked && (
        <p role="status">Close all other tabs with Jubbet. This one continues by itself.</p>
      )}
      {failure && (
        <div role="alert" className="text-brick">
          That could not be done: {failure.reason}. Nothing was changed.
          <ErrorDetails details={failure.details} />
        </div>
      )}
    </div>
  );
};
