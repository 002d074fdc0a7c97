import { Notice } from '../../ui/Notice';
import { regions } from '@jubbet/core/catalog';
import { regionWords, type SaleChoices, labelWords } from '@jubbet/core/words';
import { useState, type ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import { z } from 'zod';
import { SelectField } from '../../ui/Field';
import type { Settings } from '../../store/settings';
import { unitsOf } from '../../parts/useUnits';
import { Tick } from '../../ui/Tick';

const goals = ['gift', ...regions] as const;
const goalSchema = z.enum(goals).catch('gift');

const goalWords = (goal: (typeof goals)[number]): string =>
  goal === 'gift' ? 'to keep or give away' : `to sell in ${regionWords[goal]}`;

/** Whether labels are for what is sold, and where: it is in the address. */
export const useSale = (
  set: Pick<Settings, 'responsible' | 'degrees' | 'ounces' | 'spoons'>,
): { readonly sale: SaleChoices | null; readonly fields: ReactNode } => {
  const [params, setParams] = useSearchParams();
  const goal = goalSchema.parse(params.get('for') ?? undefined);
  const [isBoxed, setBoxed] = useState(false);
  const [isShownSafe, setShownSafe] = useState(false);
  return {
    sale:
      goal === 'gift'
        ? null
        : {
            region: goal,
            responsible: set.responsible,
            isShownSafe,
            isBoxed,
            units: unitsOf(set),
          },
    fields: (
      <>
        <SelectField
          label="These labels are"
          value={goal}
          choices={goals.map((entry) => [entry, goalWords(entry)] as const)}
          onChoose={(next) =>
            setParams(next === 'gift' ? {} : { for: next }, { replace: true, flushSync: true })
          }
        />
        {goal !== 'gift' && (
          <Tick isOn={isBoxed} onTick={setBoxed}>
            {labelWords.soldInABoxWith}
          </Tick>
        )}
        {goal === 'us' && (
          <Tick isOn={isShownSafe} onTick={setShownSafe}>
            {labelWords.iHaveRecordsThatShow}
          </Tick>
        )}
      </>
    ),
  };
};

/** What a label that is sold still lacks, with the way to fill it in. */
export const StillMissing = ({ what, to }: { what: readonly string[]; to: string }) => (
  <Notice tone="caution" className="screen-only">
    {labelWords.stillMissing(what.join('; '))}{' '}
    <Link className="underline" to={to}>
      Fill it in
    </Link>
  </Notice>
);
