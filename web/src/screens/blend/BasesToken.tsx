import {
  baseFacts,
  carrierWords,
  findCarrier,
  formatNumber,
  searchCarriers,
  type Carrier,
} from '@jubbet/core';
import { X } from 'lucide-react';
import { NumberField } from '../../parts/NumberField';
import { PickByName } from '../../parts/PickByName';
import { addBase, removeBase, shareBase } from './changes';
import type { TokenProps } from './tokenProps';
import { Token } from './Token';

const nameOf = (id: string): string => {
  const carrier = findCarrier(id);
  return carrier ? carrierWords(carrier) : id;
};

const textOf = (bases: TokenProps['draft']['bases']): string => {
  if (bases.length === 0) return '… which carrier?';
  if (bases.length === 1) return nameOf(bases[0]?.id ?? '');
  return bases.map(({ id, parts }) => `${formatNumber(parts, 3)} ${nameOf(id)}`).join(' : ');
};

export const BasesToken = ({ draft, change }: TokenProps) => (
  <Token label="Carrier" text={textOf(draft.bases)} gap={draft.bases.length === 0} wide>
    {() => (
      <div className="grid gap-2">
        {draft.bases.length > 0 && (
          <ul className="grid gap-1">
            {draft.bases.map(({ id, parts }) => (
              <li key={id} className="flex items-center gap-2">
                <NumberField
                  label={`Parts of ${nameOf(id)}`}
                  framed
                  className="w-16"
                  value={parts}
                  rule={{ least: 0, above: true, most: 1_000_000 }}
                  onNumber={(next) => change(shareBase(id, next))}
                />
                <span className="flex-1">
                  {draft.bases.length > 1 ? 'parts ' : ''}
                  {findCarrier(id)?.name ?? id}
                </span>
                <button
                  type="button"
                  aria-label={`Take out ${nameOf(id)}`}
                  className="rounded p-2 text-soft hover:text-brick"
                  onClick={() => change(removeBase(id))}
                >
                  <X aria-hidden size={16} />
                </button>
              </li>
            ))}
          </ul>
        )}
        <PickByName<Carrier>
          label="Add a carrier"
          placeholder="Type a carrier"
          search={searchCarriers}
          isTaken={({ id }) => draft.bases.some((base) => base.id === id)}
          describe={({ id, shelfMonths }) =>
            `${baseFacts(id)?.feel ?? 'your own'}; keeps ${shelfMonths} months`
          }
          onPick={({ id }) => change(addBase(id))}
        />
        <p className="text-sm text-soft">
          Parts by volume. Together they fill what the oils leave free, up to the line.
        </p>
      </div>
    )}
  </Token>
);
