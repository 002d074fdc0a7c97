import { useCatalog } from './catalog';
import {
  allergyFamilyIds,
  basesNamed,
  conditionIds,
  oilsNamed,
  type Catalog,
} from '@jubbet/core/catalog';
import { typedAllergyWords, typedConditionWords, partsWords } from '@jubbet/core/words';
import type { Skin, Trimester, Wearer } from '@jubbet/core/brief';
import type { ReactNode } from 'react';
import { Choices } from '../ui/Choices';
import { Ticks } from '../ui/Ticks';
import { Tick } from '../ui/Tick';

/** What the rules read of a wearer beside the age. */
export type Health = Omit<Wearer, 'ageMonths' | 'name'>;

/** All materials that go by a name; the words themselves where none does. */
const materialsNamed = (catalog: Catalog, words: string): readonly string[] => {
  const ids = [...oilsNamed(catalog, words), ...basesNamed(catalog, words)].map(({ id }) => id);
  return ids.length > 0 ? ids : [words];
};

const trimesters: readonly { value: '1' | '2' | '3' | 'no'; text: string }[] = [
  { value: '1', text: 'to week 13' },
  { value: '2', text: 'weeks 14 to 27' },
  { value: '3', text: 'from week 28' },
  { value: 'no', text: 'not known: counts as weeks 1 to 13' },
];

/** Skin, pregnancy and breastfeeding, conditions and medicines, allergies. */
export const HealthFields = ({
  health: wearer,
  weeks,
  onChange: set,
}: {
  health: Health;
  /** Asks for weeks in place of thirds, where the calendar can move them on. */
  weeks?: ReactNode;
  onChange: (part: Partial<Health>) => void;
}) => {
  const catalog = useCatalog();
  return (
    <>
      <Choices<Skin>
        legend="Skin"
        name="skin"
        value={wearer.skin}
        choices={[
          { value: 'normal', text: 'normal' },
          { value: 'sensitive', text: 'sensitive: reacts easily' },
          { value: 'damaged', text: 'damaged: broken or inflamed' },
        ]}
        onChoose={(skin) => set({ skin })}
      />
      <div className="grid gap-1">
        <Tick
          isOn={wearer.pregnant}
          onTick={(isOn) => set({ pregnant: isOn, trimester: undefined })}
        >
          pregnant
        </Tick>
        {wearer.pregnant && weeks && <div className="pl-6">{weeks}</div>}
        {wearer.pregnant && !weeks && (
          <div className="pl-6">
            <Choices
              legend="How far along"
              name="trimester"
              value={wearer.trimester ? (`${wearer.trimester}` as const) : 'no'}
              choices={trimesters}
              onChoose={(value) =>
                set({ trimester: value === 'no' ? undefined : (Number(value) as Trimester) })
              }
            />
          </div>
        )}
        <Tick isOn={wearer.breastfeeding} onTick={(isOn) => set({ breastfeeding: isOn })}>
          breastfeeding
        </Tick>
      </div>
      <Ticks
        title="Conditions and medicines"
        ownWords={partsWords.anotherInYourOwnWords}
        known={conditionIds}
        nameOf={(text) => typedConditionWords(catalog, text)}
        chosen={wearer.conditions}
        onChange={(conditions) => set({ conditions })}
      />
      <Ticks
        title="Allergies"
        ownWords={partsWords.oilOrCarrierOrYour}
        understand={(words) => materialsNamed(catalog, words)}
        nameOf={(text) => typedAllergyWords(catalog, text)}
        known={allergyFamilyIds}
        chosen={wearer.allergies}
        onChange={(allergies) => set({ allergies })}
      />
      <p className="text-sm text-soft">{partsWords.inYourOwnWordsCommon}</p>
    </>
  );
};
