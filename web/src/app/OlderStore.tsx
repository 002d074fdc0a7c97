import { Failed } from '../parts/Failed';
import { appWords } from '@jubbet/core/words';
import { useState } from 'react';
import { Button } from '../ui/Button';
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
            {appWords.deleteTheseDataAndStart}
          </Button>
        )}
      </div>
      {isBlocked && <p role="status">{appWords.closeAllOtherTabsWith}</p>}
      <Failed failure={failure} words={appWords.couldNotBeDone} />
    </div>
  );
};
