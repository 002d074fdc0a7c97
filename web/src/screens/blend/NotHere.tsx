import { addOilField } from '../../parts/openFirstGap';
import { RemoveButton } from '../../ui/RemoveButton';
import { nameFromId, blendWords } from '@jubbet/core/words';
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
        <RemoveButton label={`Remove ${name}`} otherwise={addOilField} onRemove={onRemove} />
      </Cell>
    </Row>
  );
};
