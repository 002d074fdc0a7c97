import { nameFromId, blendWords } from '@jubbet/core/words';
import { X } from 'lucide-react';
import { Cell, Row, RowHead } from '../../ui/Table';

/** A row for what this house does not know: it can be taken out, or added to the house. */
export const NotHere = ({
  id,
  columns,
  onRemove,
}: {
  id: string;
  /** Of the table, beside the first and the last. */
  columns: number;
  onRemove: () => void;
}) => {
  const name = nameFromId(id);
  return (
    <Row>
      <RowHead>{name}</RowHead>
      <Cell colSpan={columns - 1} className="text-brick">
        {blendWords.notKnownHereAddIt}
      </Cell>
      <Cell right>
        <button
          type="button"
          aria-label={`Remove ${name}`}
          className="rounded p-1.5 text-soft hover:text-brick"
          onClick={onRemove}
        >
          <X aria-hidden size={16} />
        </button>
      </Cell>
    </Row>
  );
};
