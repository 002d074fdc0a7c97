import { settingsWords } from '@jubbet/core/words';
import { Button } from '../../ui/Button';
import { momentWords } from '../../parts/moments';
import { useWrite } from '../../parts/useWrite';
import {
  allowFolder,
  canHaveFolder,
  chooseFolder,
  leaveFolder,
  sharedFolder,
} from '../../store/sharedFolder';
import { useStored } from '../../store/useStored';

/** A folder that the maker's own devices share: a backup is kept there by itself. */
export const SharedFolder = () => {
  const write = useWrite();
  const { data: state } = useStored(['shared folder'], () => sharedFolder());
  if (state === undefined) return null;
  const line = 'flex flex-wrap items-center gap-2 border-t border-line pt-3 text-sm text-soft';
  if (!canHaveFolder()) {
    return <p className={line}>{settingsWords.thisBrowserCantWriteInto}</p>;
  }
  if (state === null) {
    return (
      <p className={line}>
        <span className="min-w-60 flex-1">{settingsWords.twoDevicesChooseAFolder}</span>
        <Button onClick={() => void write('The folder', () => chooseFolder())}>
          Choose a folder
        </Button>
      </p>
    );
  }
  const last = state.keptAt
    ? `, last on ${momentWords(new Date(state.keptAt))}`
    : ' as soon as something changes';
  return (
    <p className={line}>
      <span className="min-w-60 flex-1">
        {state.may === 'write'
          ? `A backup is kept in the folder “${state.folder.name}”${last}.`
          : `The browser no longer lets Jubbet into the folder “${state.folder.name}”.`}
      </span>
      {state.may === 'ask' && (
        <Button onClick={() => void write('The folder', () => allowFolder())}>
          Allow it again
        </Button>
      )}
      <Button look="quiet" onClick={() => void write('The folder', () => leaveFolder())}>
        Stop using it
      </Button>
    </p>
  );
};
