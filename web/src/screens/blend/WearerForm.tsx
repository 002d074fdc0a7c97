import {
  carriersNamed,
  guidelines,
  oilsNamed,
  subjectName,
  type Skin,
  type Trimester,
  type Wearer,
} from '@jubbet/core';
import { NumberField } from '../../parts/NumberField';
import { Choices } from './Choices';
import { Ticks } from './Ticks';

/** A wearer of whom the age may still be missing. */
export type WearerDraft = Omit<Wearer, 'ageMonths' | 'name' | 'trimester'> & {
  readonly name: string;
  readonly ageMonths: number | null;
  readonly trimester?: Trimester | undefined;
};

const conditionIds = guidelines.conditions.map(({ id }) => id);

/** All materials that go by a name; the words themselves where none does. */
const materialsNamed = (words: string): readonly string[] => {
  const ids = [...oilsNamed(words), ...carriersNamed(words)].map(({ id }) => id);
  return ids.length > 0 ? ids : [words];
};

const box = 'translate-y-px accent-press';

/** Years, and below six years months beside them, since the guidelines turn on them. */
const Age = ({ months, onMonths }: { months: number | null; onMonths: (m: number) => void }) => {
  const years = months === null ? null : Math.floor(months / 12);
  return (
    <span className="flex items-baseline gap-3">
      <NumberField
        label="Age in years"
        framed
        className="w-16"
        unit="years"
        value={years}
        rule={{ least: 0, most: 120, whole: true }}
        onNumber={(value) => onMonths(value * 12 + (value < 6 ? (months ?? 0) % 12 : 0))}
      />
      {months !== null && months < 72 && (
        <NumberField
          label="and months"
          framed
          className="w-14"
          unit="months"
          value={months % 12}
          rule={{ least: 0, most: 11, whole: true }}
          onNumber={(value) => onMonths((years ?? 0) * 12 + value)}
        />
      )}
    </span>
  );
};

const trimesters: readonly { value: '1' | '2' | '3' | 'no'; text: string }[] = [
  { value: '1', text: 'to week 13' },
  { value: '2', text: 'weeks 14 to 27' },
  { value: '3', text: 'from week 28' },
  { value: 'no', text: 'not told: counts as the first' },
];

/** What the rules need to know of one person. */
export const WearerForm = ({
  wearer,
  onChange,
}: {
  wearer: WearerDraft;
  onChange: (wearer: WearerDraft) => void;
}) => {
  const set = (part: Partial<WearerDraft>) => onChange({ ...wearer, ...part });
  return (
    <div className="grid gap-3 border-t border-line pt-3">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <label className="grid gap-1">
          <span className="text-sm text-soft">Name, for the label</span>
          <input
            className="w-44 rounded-md border border-line bg-transparent px-2 py-1.5"
            maxLength={80}
            autoComplete="off"
            value={wearer.name}
            onChange={(event) => set({ name: event.target.value })}
          />
        </label>
        <Age months={wearer.ageMonths} onMonths={(ageMonths) => set({ ageMonths })} />
      </div>
      {wearer.ageMonths === null && (
        <p className="text-sm text-amber">The age is needed: every limit starts from it.</p>
      )}
      <Choices<Skin>
        legend="Skin"
        name="skin"
        value={wearer.skin}
        choices={[
          { value: 'normal', text: 'normal' },
          { value: 'sensitive', text: 'sensitive: minds most things' },
          { value: 'damaged', text: 'damaged: broken or inflamed' },
        ]}
        onChoose={(skin) => set({ skin })}
      />
      <div className="grid gap-1">
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            className={box}
            checked={wearer.pregnant}
            onChange={(event) => set({ pregnant: event.target.checked, trimester: undefined })}
          />
          pregnant
        </label>
        {wearer.pregnant && (
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
        <label className="flex items-baseline gap-2">
          <input
            type="checkbox"
            className={box}
            checked={wearer.nursing}
            onChange={(event) => set({ nursing: event.target.checked })}
          />
          nursing
        </label>
      </div>
      <Ticks
        title="Conditions and medicines"
        ownWords="Another, in your own words"
        known={conditionIds}
        chosen={wearer.conditions}
        onChange={(conditions) => set({ conditions })}
      />
      <Ticks
        title="Allergies"
        ownWords="An oil or carrier, or your own words"
        understand={materialsNamed}
        nameOf={subjectName}
        known={guidelines.allergyFamilies}
        chosen={wearer.allergies}
        onChange={(allergies) => set({ allergies })}
      />
      <p className="text-sm text-soft">
        What is in your own words no rule reads: the verdict then says “not known”.
      </p>
    </div>
  );
};
