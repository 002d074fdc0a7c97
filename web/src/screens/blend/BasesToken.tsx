import {
  baseFacts,
  basesWords,
  carrierWords,
  findBase,
  gapsOf,
  measuredBy,
  searchBases,
  writeBases,
  type Base,
  type Way,
} from '@jubbet/core';
import { X } from 'lucide-react';
import { Choices } from '../../parts/Choices';
import { PickByName } from '../../parts/PickByName';
import { addBase, asWorkedOut, removeBase } from './changes';
import { CompareCarriers } from './CompareCarriers';
import type { TokenProps } from './tokenProps';
import { Token } from './Token';

const nameOf = (id: string): string => {
  const base = findBase(id);
  return base ? carrierWords(base) : id;
};

/** How the bases of a draft are written now; null where ways are mixed. */
const wayOf = (bases: TokenProps['draft']['bases']): Way | null => {
  if (bases.every(({ parts }) => parts !== undefined)) return 'parts';
  if (bases.every(({ ml, g }) => ml !== undefined || g !== undefined)) return 'amounts';
  return bases.every(({ ml, g }) => ml === undefined && g === undefined) ? 'percent' : null;
};

const wayWords: readonly { readonly value: Way; readonly text: string; readonly more: string }[] = [
  { value: 'parts', text: 'by parts', more: 'shares among each other; they fill up' },
  { value: 'percent', text: 'by percent', more: 'of the whole; one takes up the rest' },
  { value: 'amounts', text: 'by amounts', more: 'ml and g; they make the batch' },
];

export const BasesToken = ({ draft, change }: TokenProps) => (
  <Token
    label="Carrier"
    text={basesWords(draft.bases) || '… which carrier?'}
    end="."
    gap={draft.bases.length === 0}
    wide
  >
    {() => (
      <div className="grid gap-3">
        <PickByName<Base>
          label="Add a carrier"
          placeholder="Type a carrier, a butter, a wax, sugar"
          search={searchBases}
          isTaken={({ id }) => draft.bases.some((base) => base.id === id)}
          describe={({ id, shelfMonths }) =>
            `${baseFacts(id)?.feel ?? 'your own'}; keeps ${shelfMonths} months`
          }
          onPick={({ id }) => change(addBase(id))}
        />
        {draft.bases.length > 0 && (
          <ul className="grid gap-0.5">
            {draft.bases.map(({ id }) => (
              <li key={id} className="flex items-center gap-2">
                <span className="flex-1">{findBase(id)?.name ?? id}</span>
                <button
                  type="button"
                  aria-label={`Take out ${nameOf(id)}`}
                  className="rounded p-1.5 text-soft hover:text-brick"
                  onClick={() => change(removeBase(id))}
                >
                  <X aria-hidden size={16} />
                </button>
              </li>
            ))}
          </ul>
        )}
        <CompareCarriers />
        {gapsOf(draft).length === 0 && (
          <div className="grid gap-2 border-t border-line pt-3">
            <Choices<Way>
              legend="Written"
              name="way"
              value={wayOf(draft.bases)}
              choices={wayWords}
              onChoose={(way) =>
                change(
                  asWorkedOut((before, evaluation) =>
                    writeBases(before, evaluation, way, before.by ?? 'volume'),
                  ),
                )
              }
            />
            <Choices<'volume' | 'weight'>
              legend="Parts and percent are"
              name="by"
              columns
              value={draft.by ?? 'volume'}
              choices={[
                { value: 'volume', text: 'of the volume' },
                { value: 'weight', text: 'of the weight' },
              ]}
              onChoose={(by) =>
                change(asWorkedOut((before, evaluation) => measuredBy(before, evaluation, by)))
              }
            />
          </div>
        )}
      </div>
    )}
  </Token>
);
