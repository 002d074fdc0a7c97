import { partsWords } from '@jubbet/core/words';
import { Button } from '../ui/Button';
import { ErrorDetails } from './ErrorDetails';
import { errorText } from './errorText';
import { saveFile } from './saveFile';

/**
 * A record that cannot be shown: it is there, it can be saved to a file as it is, and deleted.
 * All else goes on.
 */
export const Broken = ({
  what,
  name,
  error,
  record,
  onDelete,
}: {
  /** `blend`, `batch`. */
  what: string;
  name: string;
  error: unknown;
  record: unknown;
  /** Null where it cannot be deleted from here. */
  onDelete: (() => void) | null;
}) => (
  <div role="alert" className="grid gap-2 rounded-xl bg-brick-wash px-4 py-3">
    <p>
      <b className="text-brick">
        ■ The {what} “{name}” cannot be shown.
      </b>{' '}
      {partsWords.nothingIsLostExportIt}
    </p>
    <ErrorDetails details={errorText(error).details ?? errorText(error).reason} />
    <div className="flex flex-wrap gap-2">
      <Button
        onClick={() =>
          saveFile(`${name}.json`, `${JSON.stringify(record, null, 2)}\n`, 'application/json')
        }
      >
        Export it
      </Button>
      {onDelete && (
        <Button look="quiet" aria-label={`Delete ${name}`} onClick={onDelete}>
          Delete
        </Button>
      )}
    </div>
  </div>
);
