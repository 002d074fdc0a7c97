import {
  currentStep,
  evaluate,
  resolveMade,
  fillingsWords,
  stepsOf,
  stepBefore,
  stepsNow,
  wearerWords,
  type Step,
} from '@jubbet/core';
import { ArrowLeft } from 'lucide-react';
import { useMemo } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Button, ButtonLink } from '../../parts/Button';
import { Kbd } from '../../parts/Kbd';
import { liquidColour } from '../../parts/liquids';
import { Missing } from '../../parts/Missing';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { batches } from '../../store/batches';
import type { BatchRecord } from '../../store/database';
import { useStored } from '../../store/useStored';
import { BottleNow } from './BottleNow';
import { Pad } from './Pad';
import { StepList } from './StepList';
import { TooMuch } from './TooMuch';
import { useBench } from './useBench';
import { useBenchKeys } from './useBenchKeys';
import { useWakeLock } from './useWakeLock';

const nextWords = (step: Step, count: number): string => {
  if (step.kind !== 'count') return 'Done, next';
  if (count === step.drops) return 'It is in, next';
  return count < step.drops ? `Go on with ${count} of ${step.drops}` : `Keep ${count}, next`;
};

const Bench = ({ batch }: { batch: BatchRecord }) => {
  const { blend, planned } = useMemo(() => {
    const resolved = resolveMade(batch.file);
    return {
      blend: resolved,
      planned: stepsOf(resolved, evaluate(resolved).mixture),
    };
  }, [batch.file]);
  const stored = useStored(['events', batch.id], () => batches.events(batch.id));
  if (stored.error) throw stored.error;
  const navigate = useNavigate();
  const { tally, act, choose, failure } = useBench(
    batch.id,
    planned,
    stored.data ?? null,
    () => void navigate(`/batches/${batch.id}`),
  );
  useWakeLock();

  const steps = useMemo(
    () => (tally ? stepsNow(blend, planned, tally) : planned),
    [blend, planned, tally],
  );
  const step = tally && currentStep(steps, tally);
  const isLast = step !== null && step === steps[steps.length - 1];
  const press = act;
  useBenchKeys(press);
  if (!tally) return null;

  const count = step ? (tally.drops.get(step.id) ?? 0) : 0;
  const vessel = step && 'vessel' in step ? step.vessel : 0;
  const place =
    step && 'oilId' in step ? blend.formula.oils.findIndex(({ oil }) => oil.id === step.oilId) : 0;
  return (
    <div className="bench flex min-h-dvh flex-col px-6 py-4 max-sm:px-3">
      <header className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <Link
          to="/make"
          className="inline-flex min-h-11 items-center gap-2 text-ink no-underline hover:underline"
        >
          <ArrowLeft aria-hidden size={20} /> Leave
        </Link>
        <ScreenTitle
          title={`Making: ${batch.file.name}`}
          aside={`batch ${batch.number} · ${fillingsWords(blend.fillings)} · for ${wearerWords(batch.file.brief.wearer)}`}
        />
        <p className="ml-auto text-sm text-soft max-sm:hidden">every drop is kept as you count</p>
      </header>
      {failure && (
        <p role="alert" className="mt-2 rounded-lg bg-[#6b2418] px-4 py-2">
          The last press was not kept ({failure}). The number shown is right; press again.
        </p>
      )}
      <div className="mt-3 grid min-h-0 flex-1 gap-4 lg:grid-cols-[270px_minmax(0,1fr)_290px]">
        <section aria-label="All steps" className="max-lg:order-3">
          <StepList steps={steps} tally={tally} current={step ?? null} vessels={blend.count} />
        </section>
        <main className="flex flex-col gap-3 [&>button]:flex-1">
          {step ? (
            <Pad
              step={step}
              count={count}
              colour={liquidColour(place)}
              vessels={blend.count}
              act={press}
            />
          ) : (
            <p className="grid flex-1 place-items-center rounded-2xl bg-sheet p-8 text-3xl text-[#1d2433]">
              All is done.
            </p>
          )}
          <p aria-live="polite" className="sr-only">
            {step?.kind === 'count' ? `${count} of ${step.drops} drops` : ''}
          </p>
          <div className="flex flex-wrap justify-end gap-3">
            {step?.kind === 'label' && (
              <ButtonLink look="paper" className="min-h-12" to={`/batches/${batch.id}/label`}>
                Print the label
              </ButtonLink>
            )}
            <Button
              look="paper"
              className="min-h-12"
              disabled={stepBefore(steps, tally) === null}
              onClick={() => press('step-back')}
            >
              Step back <Kbd>←</Kbd>
            </Button>
            {step ? (
              <Button
                // While drops are missing, going on is not what most want next.
                look={step.kind === 'count' && count < step.drops ? 'paper' : 'first'}
                className="min-h-12"
                onClick={() => press('go-on')}
              >
                {isLast ? 'All done' : nextWords(step, count)} <Kbd>↵</Kbd>
              </Button>
            ) : (
              <ButtonLink look="first" className="min-h-12" to={`/batches/${batch.id}`}>
                To the log
              </ButtonLink>
            )}
          </div>
        </main>
        <div className="grid content-start gap-3">
          {step?.kind === 'count' && count > step.drops && (
            <TooMuch
              blend={blend}
              planned={planned}
              tally={tally}
              step={step}
              askedPercent={batch.askedPercent}
              onChoose={choose}
            />
          )}
          <BottleNow
            blend={blend}
            steps={steps}
            tally={tally}
            vessel={vessel}
            askedPercent={batch.askedPercent}
          />
        </div>
      </div>
    </div>
  );
};

/** The bench: this batch, step by step. */
export const BenchScreen = () => {
  const { batchId = '' } = useParams();
  const { data, error } = useStored(['batch', batchId], () => batches.get(batchId));
  if (error) throw error;
  if (data === undefined) return <div className="bench min-h-dvh" />;
  if (data === null) {
    return (
      <main className="p-6">
        <Missing title="No such batch" text="It may have been taken out of the log." />
      </main>
    );
  }
  return <Bench key={batchId} batch={data} />;
};
