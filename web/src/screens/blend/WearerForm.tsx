import { type Wearer } from '@jubbet/core';
import { HealthFields } from '../../parts/HealthFields';
import { NumberField } from '../../parts/NumberField';

/** A wearer of whom the age may still be missing. */
export type WearerDraft = Omit<Wearer, 'ageMonths' | 'name'> & {
  readonly name: string;
  readonly ageMonths: number | null;
};

/** Years, and below six years months beside them, since the guidelines turn on them. */
const Age = ({ months, onMonths }: { months: number | null; onMonths: (m: number) => void }) => {
  const years = months === null ? null : Math.floor(months / 12);
  return (
    <span className="grid gap-1">
      <span aria-hidden className="text-sm text-soft">
        Age
      </span>
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
    </span>
  );
};

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
      <HealthFields health={wearer} onChange={set} />
    </div>
  );
};
