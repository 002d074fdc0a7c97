import { nameFromId } from '@jubbet/core/words';
import { X } from 'lucide-react';

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
    <tr>
      <th scope="row" className="border-b border-line py-2 text-left font-normal">
        {name}
      </th>
      <td colSpan={columns - 1} className="border-b border-line px-1 py-2 text-brick">
        ■ not in this house: add it on the shelf, or choose another
      </td>
      <td className="border-b border-line py-1 text-right">
        <button
          type="button"
          aria-label={`Take out ${name}`}
          className="rounded p-1.5 text-soft hover:text-brick"
          onClick={onRemove}
        >
          <X aria-hidden size={16} />
        </button>
      </td>
    </tr>
  );
};
