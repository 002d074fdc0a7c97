import { basesWrittenBy, addBase, removeBase, gapsOf } from '@jubbet/core/recipe';
import { type Catalog, baseFacts, searchBases, type Base } from '@jubbet/core/catalog';
import { countedWords, basesWords, carrierWords, blendWords } from '@jubbet/core/words';
import { measuredBy, writeBases, type Way } from '@jubbet/core/drops';
import { allergyTo } from '@jubbet/core/limits';
import { useCatalog } from '../../parts/catalog';
import { X } from 'lucide-react';
import { Button } from '../../ui/Button';
import { Choices } from '../../ui/Choices';
import { PickByName } from '../../parts/PickByName';
import { asWorkedOut } from './asWorkedOut';
import { CompareCarriers } from './CompareCarriers';
import type { TokenProps } from './tokenProps';
import { Token } from '../../parts/Token';

const nameOf = (catalog: Catalog, id: string): string => {
  const base = catalog.base(id);
  return base ? carrierWords(base) : id;
};

/** How the bases are written now; null where ways are mixed. */
const wayOf = (recipe: TokenProps['recipe']): Way | null => {
  const way = basesWrittenBy(recipe);
  return way === 'several' ? null : way;
};

const wayWords: readonly { readonly value: Way; readonly text: string; readonly more: string }[] = [
  { value: 'parts', text: 'by parts', more: 'shares of what the oils leave' },
  { value: 'percent', text: 'by percent', more: 'of the whole; one fills the rest' },
  { value: 'amounts', text: 'by amounts', more: 'ml and g, which set the size of the batch' },
];

/** What a first blend most often goes into. */
const often = ['jojoba', 'fractionated_coconut', 'sweet_almond', 'grapeseed'];

export const BasesToken = ({ recipe, change }: TokenProps) => {
  const catalog = useCatalog();
  const pick = (id: string, answered: () => void): void => {
    change(addBase(catalog, id));
    answered();
  };
  return (
    <Token
      label="Carrier"
      text={basesWords(catalog, recipe.bases) || '… which carrier?'}
      end="."
      gap={recipe.bases.length === 0}
      wide
    >
      {(answered) => (
        <div className="grid gap-3">
          <PickByName<Base>
            label="Add a carrier"
            placeholder={blendWords.typeACarrierButterWax}
            search={(text) => searchBases(catalog, text)}
            isTaken={({ id }) => recipe.bases.some((base) => base.id === id)}
            describe={({ id, shelfMonths }) =>
              `${baseFacts(id)?.feel ?? 'your own'}; keeps ${countedWords(shelfMonths, 'month')}`
            }
            onPick={({ id }) => pick(id, answered)}
          />
          {recipe.bases.length === 0 && (
            <div role="group" aria-label="Often used" className="flex flex-wrap gap-2">
              {often
                .flatMap((id) => catalog.base(id) ?? [])
                .filter((base) => allergyTo(base, recipe.brief.wearer, catalog)?.what !== 'avoid')
                .map((base) => (
                  <Button key={base.id} onClick={() => pick(base.id, answered)}>
                    {carrierWords(base)}
                  </Button>
                ))}
            </div>
          )}
          {recipe.bases.length > 0 && (
            <ul className="grid gap-0.5">
              {recipe.bases.map(({ id }) => (
                <li key={id} className="flex items-center gap-2">
                  <span className="flex-1">{catalog.base(id)?.name ?? id}</span>
                  <button
                    type="button"
                    aria-label={`Remove ${nameOf(catalog, id)}`}
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
          {gapsOf(recipe).length === 0 && (
            <div className="grid gap-2 border-t border-line pt-3">
              <Choices<Way>
                legend="Written"
                name="way"
                value={wayOf(recipe)}
                choices={wayWords}
                onChoose={(way) =>
                  change(
                    asWorkedOut(catalog, (before, evaluation) =>
                      writeBases(before, evaluation, way, before.by),
                    ),
                  )
                }
              />
              <Choices<'volume' | 'weight'>
                legend={blendWords.partsAndPercentagesAre}
                name="by"
                columns
                value={recipe.by}
                choices={[
                  { value: 'volume', text: 'of the volume' },
                  { value: 'weight', text: 'of the weight' },
                ]}
                onChoose={(by) =>
                  change(
                    asWorkedOut(catalog, (before, evaluation) =>
                      measuredBy(before, evaluation, by),
                    ),
                  )
                }
              />
            </div>
          )}
        </div>
      )}
    </Token>
  );
};
