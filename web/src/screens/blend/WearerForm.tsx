import { ageWords, blendWords } from '@jubbet/core/words';
import { readAge } from '@jubbet/core/quantity';
import type { Wearer } from '@jubbet/core/brief';
import { clsx } from 'clsx';
import { useId, useState } from 'react';
import { HealthFields } from '../../parts/HealthFields';

/** A wearer of whom the age may still be missing. */
export type WearerDraft = Omit<Wearer, 'ageMonths' | 'name'> & {
  readonly name: string;
  readonly ageMonths: number | null;
};

/**
 * An age as people say it, with what was understood beside it. Of what cannot be read no age is
 * kept, not the one from before either: every limit starts from it.
 */
const Age = ({
  months,
  onMonths,
}: {
  months: number | null;
  onMonths: (months: number | null) => void;
}) => {
  const [typed, setTyped] = useState<string | null>(null);
  const id = useId();
  const unread = typed !== null && typed.trim() !== '' && !readAge(typed).ok;
  return (
    <label className="grid gap-1">
      <span className="text-sm text-soft">Age</span>
      <span className="flex flex-wrap items-baseline gap-2">
        <input
          type="text"
          aria-label="Age"
          aria-invalid={unread}
          aria-describedby={id}
          autoComplete="off"
          placeholder="41, or 7 months"
          className={clsx(
            'w-36 rounded-md border bg-transparent px-2 py-1.5',
            unread ? 'border-brick' : 'border-field',
          )}
          value={typed ?? (months === null ? '' : ageWords(months))}
          onFocus={(event) => event.target.select()}
          onChange={(event) => {
            setTyped(event.target.value);
            const read = readAge(event.target.value);
            onMonths(read.ok ? read.months : null);
          }}
        />
        <span id={id} role="status" className={unread ? 'text-sm text-brick' : 'text-sm text-soft'}>
          {unread
            ? `“${typed.trim()}” is not an age. Try 41, 7 months, 6 weeks or 2 1/2.`
            : months === null
              ? ''
              : `= ${ageWords(months)}`}
        </span>
      </span>
    </label>
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
          <span className="text-sm text-soft">{blendWords.nameForTheLabel}</span>
          <input
            className="w-44 rounded-md border border-field bg-transparent px-2 py-1.5"
            maxLength={80}
            autoComplete="off"
            value={wearer.name}
            onChange={(event) => set({ name: event.target.value })}
          />
        </label>
        <Age months={wearer.ageMonths} onMonths={(ageMonths) => set({ ageMonths })} />
      </div>
      {wearer.ageMonths === null && (
        <p className="text-sm text-amber">{blendWords.enterTheAgeEveryLimit}</p>
      )}
      <HealthFields health={wearer} onChange={set} />
    </div>
  );
};
