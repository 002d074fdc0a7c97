import { currentStep, stepsNow, stepsOf, tallyOf } from '@jubbet/core/making';
import {
  fillingsWords,
  leftWords,
  nameOrNone,
  overdueWords,
  stepTitle,
  wearerWords,
} from '@jubbet/core/words';
import { evaluate, fillingsOf } from '@jubbet/core/drops';
import { useMemo } from 'react';
import { ButtonLink } from '../../ui/Button';
import { useCatalog } from '../../parts/catalog';
import { useClocks } from '../../parts/useClocks';
import { useUnits } from '../../parts/useUnits';
import { OneRecord } from '../../parts/OneRecord';
import { WindowList } from '../../ui/WindowList';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';
import { madeBlend, plannedRecipe } from '../../store/madeBlend';
import { useStored } from '../../store/useStored';

/** What is next at the bench of a batch, and how long its clocks still run. */
const Next = ({ batch }: { batch: BatchRecord }) => {
  const catalog = useCatalog();
  const units = useUnits();
  const { data } = useStored(['events', batch.id], () => batches.events(batch.id));
  const clocks = useClocks().filter(({ batchId }) => batchId === batch.id);
  const step = useMemo(() => {
    if (!data) return null;
    const blend = madeBlend(catalog, batch);
    const tally = tallyOf(data);
    return currentStep(stepsNow(blend, stepsOf(blend, evaluate(blend).mixture), tally), tally);
  }, [data, catalog, batch]);
  return (
    <>
      {step && <p>Next: {stepTitle(catalog, step, units)}</p>}
      {clocks.map(({ timerId, words, left }) => (
        <p key={timerId} className={left > 0 ? '' : 'font-semibold text-lamp'}>
          <b className="tabular-nums">{left > 0 ? leftWords(left) : overdueWords(-left)}</b> {words}
        </p>
      ))}
    </>
  );
};

const Card = ({ batch }: { batch: BatchRecord }) => {
  const recipe = plannedRecipe(batch);
  const name = nameOrNone(recipe.name);
  return (
    <div className="flex flex-wrap items-center justify-between gap-3 rounded-xl bg-night px-5 py-4 text-night-ink on-night">
      <div>
        <p className="text-sm text-night-soft">On the bench</p>
        <h2 className="text-xl text-night-ink">{name}</h2>
        <p className="text-sm text-night-soft">
          batch {batch.number} · {fillingsWords(fillingsOf(recipe))} · for{' '}
          {wearerWords(recipe.brief.wearer ?? 'anyone')}
        </p>
        <Next batch={batch} />
      </div>
      <ButtonLink
        className="bg-lamp! text-night!"
        look="first"
        to={`/make/${batch.id}`}
        aria-label={`Go on with ${name}`}
      >
        Go on
      </ButtonLink>
    </div>
  );
};

/** What is on the bench now, a card each. */
export const OnTheBench = ({ ids }: { ids: readonly string[] }) => (
  <WindowList ids={ids} rowPx={128}>
    {(id) => (
      <OneRecord
        what="batch"
        of={['batch', id]}
        read={() => batches.get(id)}
        nameOf={({ number }) => number}
        onDelete={() => batches.remove(id)}
      >
        {(batch) => <Card batch={batch} />}
      </OneRecord>
    )}
  </WindowList>
);
