import { containerOfStep, isAsPlanned, stepKey, type Step, type Tally } from '@jubbet/core/making';
import { dropsToCount, formatWantedDrops, isThick, stepTitle } from '@jubbet/core/words';
import { useCatalog } from '../../parts/catalog';
import { useUnits } from '../../parts/useUnits';
import { clsx } from 'clsx';
import { useEffect, useRef } from 'react';
import { OrderChoice } from './OrderChoice';
import { StepNote } from './StepNote';
import type { Choose } from './useBench';

const aside = (step: Step, tally: Tally): string => {
  if (step.kind !== 'count') return '';
  const count = tally.drops.get(step.id) ?? 0;
  if (tally.done.has(step.id)) {
    return isAsPlanned(step, count)
      ? `${count} as planned`
      : `${count}, target ${dropsToCount(step)}`;
  }
  return count > 0 ? `${count} of ${dropsToCount(step)}` : formatWantedDrops(step);
};

const containerOf = (step: Step | undefined): number | null =>
  step ? containerOfStep(step) : null;

/** All steps of the batch, the current one marked. */
export const StepList = ({
  steps,
  tally,
  current,
  containers,
  mixedInOne,
  batchId,
  words,
  onEvents,
}: {
  steps: readonly Step[];
  tally: Tally;
  current: Step | null;
  containers: number;
  mixedInOne: boolean;
  batchId: string;
  /** What the maker has written beside steps, by the step whatever its container. */
  words: Readonly<Record<string, string>>;
  onEvents: Choose;
}) => {
  const catalog = useCatalog();
  const units = useUnits();
  const list = useRef<HTMLOListElement>(null);
  const here = useRef<HTMLLIElement>(null);
  useEffect(() => {
    // Only the list moves, never the page: the pad must stay under the hand.
    if (list.current && here.current) {
      list.current.scrollTop = here.current.offsetTop - list.current.clientHeight / 2;
    }
  }, [current]);
  // What is alike in each bottle has its note at the first.
  const firstOfKind = new Set([
    ...new Map([...steps].reverse().map((step) => [stepKey(step), step.id])).values(),
  ]);
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2">
      <OrderChoice tally={tally} rounds={containers > 1 && !mixedInOne} onEvents={onEvents} />
      <ol
        ref={list}
        aria-label="Steps"
        className="relative grid min-h-0 flex-1 content-start gap-0.5 overflow-y-auto"
      >
        {steps.map((step, index) => {
          const done = tally.done.has(step.id);
          const isCurrent = step === current;
          const container = containerOf(step);
          const newContainer = container !== null && container !== containerOf(steps[index - 1]);
          const inner = step.kind === 'count' || step.kind === 'measure';
          const row = (
            <div
              className={clsx(
                'flex items-baseline justify-between gap-3 rounded-md px-3 py-1.5',
                isCurrent && 'bg-sheet font-bold text-pad-ink',
                done && !isCurrent && 'text-soft line-through',
                inner && 'pl-6',
              )}
            >
              <span>
                {stepTitle(catalog, step, units)}
                {step.kind === 'top-up' && containers > 1 && `, bottle ${step.container + 1}`}
                {step.kind === 'count' &&
                  isThick(catalog, step.oilId) &&
                  !done &&
                  ', thick: wait for it'}
              </span>
              <span className="text-sm whitespace-nowrap">{aside(step, tally)}</span>
            </div>
          );
          return (
            <li
              key={step.id}
              ref={isCurrent ? here : null}
              aria-current={isCurrent ? 'step' : undefined}
            >
              {inner && newContainer && containers > 1 && (
                <p className="px-3 pt-2 text-sm text-soft">Bottle {container + 1}</p>
              )}
              {firstOfKind.has(step.id) ? (
                <StepNote
                  batchId={batchId}
                  stepId={stepKey(step)}
                  title={stepTitle(catalog, step, units)}
                  words={words[stepKey(step)] ?? ''}
                >
                  {row}
                </StepNote>
              ) : (
                row
              )}
            </li>
          );
        })}
      </ol>
    </div>
  );
};
