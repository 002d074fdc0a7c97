import { Failed } from '../../parts/Failed';
import {
  basesInIt,
  canWait,
  containerAt,
  contentsAt,
  containerOfStep,
  currentStep,
  stepBefore,
  stepKey,
  stepsNow,
  stepsOf,
} from '@jubbet/core/making';
import { formatWantedDrops, stepTitle, makeWords } from '@jubbet/core/words';
import { looksOf } from '@jubbet/core/catalog';
import { evaluate } from '@jubbet/core/drops';
import { CatalogContext, useCatalog } from '../../parts/catalog';
import { useUnits } from '../../parts/useUnits';
import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Boundary } from '../../parts/Boundary';
import { BrokenRecord } from '../../parts/BrokenRecord';
import { Missing } from '../../parts/Missing';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';
import { madeBlend, plannedRecipe } from '../../store/madeBlend';
import { useStored, useThere } from '../../store/useStored';
import { Beside, inIt } from './Beside';
import { BenchGlass } from './BenchGlass';
import { BenchHeader } from './BenchHeader';
import { ClosedBatch } from './ClosedBatch';
import { Dock } from './Dock';
import { focusPad } from './focusPad';
import { Pad } from './Pad';
import { ProgressLine } from './ProgressLine';
import { isMeasured, ScaleField } from './ScaleField';
import { StepList } from './StepList';
import { useAloud } from './useAloud';
import { useBench, type Choose } from './useBench';
import { useBenchKeys } from './useBenchKeys';
import { useBottlesInUse } from './useBottlesInUse';
import { useHeatAsked } from './useHeatAsked';
import { useWakeLock } from './useWakeLock';

/** Opened when something went wrong, and loaded then. */
const Mishap = lazy(async () => ({ default: (await import('./Mishap')).Mishap }));

const Bench = ({ batch }: { batch: BatchRecord }) => {
  const catalog = useCatalog();
  const units = useUnits();
  const { file, materials, analyses, reason } = batch;
  const made = useMemo(() => {
    const blend = madeBlend(catalog, { file, materials, analyses });
    return { blend, planned: stepsOf(blend, evaluate(blend).mixture), reason };
  }, [catalog, file, materials, analyses, reason]);
  const { blend, planned } = made;
  const stored = useStored(['events', batch.id], () => batches.events(batch.id));
  const { bottleOf, choose: chooseBottle } = useBottlesInUse(batch, stored.data);
  const bench = useMemo(() => ({ ...made, bottleOf }), [made, bottleOf]);
  if (stored.error) throw stored.error;
  const navigate = useNavigate();
  const log = `/batches/${batch.id}`;
  const { tally, gate, stop, act, choose, failure, setFailure } = useBench(
    batch.id,
    bench,
    stored.data ?? null,
    () => void navigate(log),
    useAloud(),
  );
  useWakeLock();
  const [listed, setListed] = useState(false);
  const [telling, setTelling] = useState(false);

  const steps = useMemo(
    () => (tally ? stepsNow(blend, planned, tally) : planned),
    [blend, planned, tally],
  );
  const step = tally && currentStep(steps, tally);
  const { press, outside } = useHeatAsked(step, tally, act);
  useBenchKeys(press);
  const brokenOff = tally !== null && step === null && batch.finishedAt === null;
  useEffect(() => {
    // The browser went away between the last step and the end: it ends now.
    if (brokenOff) void batches.mend().catch(setFailure);
  }, [brokenOff, setFailure]);
  const container = step ? (containerOfStep(step) ?? 0) : 0;
  const held = useMemo(
    () => (tally ? inIt(blend, steps, tally, container) : null),
    [blend, steps, tally, container],
  );
  if (!tally || !gate || !stop || !held) return null;

  const end = (): void => {
    batches
      .finishAsNotToBeUsed(batch.id)
      .then(() => navigate(log))
      .catch(setFailure);
  };
  const count = step ? (tally.drops.get(step.id) ?? 0) : 0;
  const words = plannedRecipe(batch).stepWords;
  const { now, then } = held;
  const chosen: Choose = (events) => {
    choose(events);
    focusPad();
  };
  const list = (
    <StepList
      steps={steps}
      tally={tally}
      current={step ?? null}
      containers={blend.count}
      mixedInOne={blend.inOne}
      batchId={batch.id}
      words={words}
      onEvents={choose}
    />
  );
  return (
    // By the names that the batch carries, whatever the house calls them now.
    <CatalogContext value={blend.catalog}>
      <div className="bench flex h-full flex-col gap-3 overflow-hidden px-6 py-3 max-sm:gap-2 max-sm:px-3">
        <BenchHeader
          batch={batch}
          blend={blend}
          isLabelling={step?.kind === 'label'}
          canStepBack={stepBefore(steps, tally) !== null}
          listed={listed}
          onStepBack={() => act('step-back', 'tap')}
          onMishap={() => setTelling(true)}
          onList={() => setListed(!listed)}
        >
          <ProgressLine steps={steps} tally={tally} current={step ?? null} />
        </BenchHeader>
        <Failed
          failure={failure}
          words={makeWords.pressNotSaved}
          className="bg-night-brick-panel! text-inherit!"
        />
        <div className="grid min-h-0 flex-1 grid-rows-[minmax(0,1fr)] gap-4 max-lg:grid-rows-[auto_minmax(0,1fr)] max-lg:gap-2 md:max-lg:grid-cols-[190px_minmax(0,1fr)] md:max-lg:gap-x-4 lg:grid-cols-[270px_minmax(0,1fr)_290px]">
          <section
            aria-label={listed ? 'All steps' : 'In it so far'}
            className="flex min-h-0 flex-col max-lg:order-2 max-md:hidden"
          >
            {listed ? (
              list
            ) : (
              <BenchGlass
                container={blend.inOne ? null : containerAt(blend, tally, container)}
                oils={now.mixture.oils.map(({ oil, ml, drops }) => ({
                  id: oil.id,
                  name: oil.name,
                  looks: looksOf(oil),
                  ml: ml.likely,
                  drops,
                }))}
                poured={basesInIt(blend, steps, tally, container, then.mixture).reduce(
                  (total, { ml }) => total + ml.likely,
                  0,
                )}
                whole={then.mixture}
                falling={
                  step?.kind === 'count'
                    ? {
                        colour: looksOf(blend.catalog.oil(step.oilId) ?? { id: step.oilId }).colour,
                        count,
                      }
                    : null
                }
              />
            )}
          </section>
          <main className="flex min-h-0 flex-col max-lg:order-3">
            {listed && <div className="min-h-0 flex-1 overflow-y-auto md:hidden">{list}</div>}
            {step && (
              <div className={listed ? 'contents max-md:[&>*]:hidden' : 'contents'}>
                <Pad
                  step={step}
                  count={count}
                  containers={blend.count}
                  note={words[stepKey(step)] ?? ''}
                  low={isMeasured(step) || step.kind === 'smell' || step.kind === 'cool'}
                  act={(intent) => press(intent, 'tap')}
                />
              </div>
            )}
            {step && isMeasured(step) && !listed && (
              <div className="mt-3">
                <ScaleField
                  key={step.id}
                  blend={blend}
                  steps={steps}
                  step={step}
                  tally={tally}
                  onEvents={chosen}
                />
              </div>
            )}
            {!step && (
              <p className="grid flex-1 place-items-center rounded-2xl bg-sheet p-8 text-center text-3xl text-pad-ink">
                {gate.state === 'open'
                  ? 'All is done.'
                  : 'Every step is done, but the batch is blocked.'}
              </p>
            )}
            <p aria-live="polite" className="sr-only">
              {step?.kind === 'count'
                ? `${stepTitle(catalog, step, units)}: ${count} of ${formatWantedDrops(step)}`
                : ''}
            </p>
          </main>
          <div className="grid min-h-0 content-start gap-3 overflow-y-auto max-lg:max-h-[38dvh] max-lg:gap-2 md:max-lg:col-span-2 md:max-lg:grid-cols-2">
            <Beside
              batch={batch}
              blend={blend}
              planned={planned}
              steps={steps}
              tally={tally}
              step={step ?? null}
              gate={gate}
              now={now}
              then={then}
              bottleOf={bottleOf}
              onBottle={chooseBottle}
              onEvents={step?.kind === 'smell' || step?.kind === 'cool' ? choose : chosen}
              outsideC={outside}
              onEnd={end}
            />
          </div>
        </div>
        <Dock
          step={step ?? null}
          canWait={step !== null && canWait(steps, tally, step)}
          count={count}
          isLast={step !== null && step === steps[steps.length - 1]}
          isOpen={stop.state === 'open'}
          log={log}
          press={(intent) => press(intent, 'tap')}
        />
      </div>
      {telling && (
        <Suspense fallback={null}>
          <Mishap
            tally={tally}
            container={container}
            inItMl={contentsAt(blend, steps, tally, container, 'now').ml}
            place={blend.count > 1 && !blend.inOne ? `bottle ${container + 1}` : ''}
            onTell={(event) => choose([event])}
            onClose={() => {
              setTelling(false);
              focusPad();
            }}
          />
        </Suspense>
      )}
    </CatalogContext>
  );
};

/** The bench: this batch, step by step. */
export const BenchScreen = () => {
  const { batchId = '' } = useParams();
  const data = useThere(['batch', batchId], () => batches.get(batchId));
  if (data === undefined) return <div className="bench min-h-full" />;
  if (data === null) {
    return (
      <main className="p-6">
        <Missing title="Batch not found" text={makeWords.itMayHaveBeenDeleted} />
      </main>
    );
  }
  if (data.notToBeUsed || data.log !== null) return <ClosedBatch batch={data} />;
  return (
    <Boundary
      key={batchId}
      fallback={(broken) => (
        <main className="p-6">
          <BrokenRecord
            what="batch"
            name={data.number}
            error={broken}
            record={data}
            onDelete={null}
          />
          <p className="mt-4">
            <Link to="/batches">To the log</Link>
            {makeWords.whereItCanBeDeleted}
          </p>
        </main>
      )}
    >
      <Bench batch={data} />
    </Boundary>
  );
};
