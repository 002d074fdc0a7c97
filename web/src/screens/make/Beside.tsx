import { Notice } from '../../ui/Notice';
import {
  addEvent,
  bottleThen,
  bottleNow,
  dropAt,
  weighedAs,
  type Gate,
  type Step,
  type Tally,
} from '@jubbet/core/making';
import type { Blend, Evaluation } from '@jubbet/core/drops';
import { scale as scaledRange, type Range } from '@jubbet/core/quantity';
import { useMemo } from 'react';
import { outsideBandWords } from '@jubbet/core/words';
import { useDevices } from '../../devices/useDevices';
import { nonBreaking } from '../../parts/nonBreaking';
import { useUnits } from '../../parts/useUnits';
import type { BatchRecord } from '../../store/database';
import { BottleNow } from './BottleNow';
import { Clocks } from './Clocks';
import { CameOutAtBench } from './CameOutAtBench';
import { CoolingPanel } from './CoolingPanel';
import { Dropper } from './Dropper';
import { FromBottle } from './FromBottle';
import { GatePanel } from './GatePanel';
import { LiveDrops } from './LiveDrops';
import { TooHeavy } from './ScaleField';
import { SmellPanel } from './SmellPanel';
import { TooMuch } from './TooMuch';
import type { Choose } from './useBench';

/** A container as it is now, and as it will be when the rest goes in. */
export const inIt = (blend: Blend, steps: readonly Step[], tally: Tally, container: number) => ({
  now: bottleNow(blend, steps, tally, container),
  then: bottleThen(blend, steps, tally, container),
});

/** The container when complete, with one drop more of what is counted; null where nothing is. */
const useOneMore = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  step: Step | null,
): Evaluation | null =>
  useMemo(
    () =>
      // Before that one more is one that is asked for, and comes to what it is when complete.
      step?.kind === 'count' && (tally.drops.get(step.id) ?? 0) >= step.drops
        ? bottleThen(
            blend,
            steps,
            addEvent(tally, dropAt(step, { source: 'tap', bottleId: null })),
            step.container,
          )
        : null,
    [blend, steps, tally, step],
  );

/** What one drop of the oil that is counted weighs, in g; null where its density is not known. */
const useDropG = (step: Step | null, then: Evaluation): Range | null =>
  useMemo(() => {
    const oil =
      step?.kind === 'count' && step.g !== null
        ? then.mixture.oils.find(({ oil: { id } }) => id === step.oilId)
        : undefined;
    return oil?.drops ? scaledRange(oil.g, 1 / oil.drops) : null;
  }, [step, then]);

/** What is beside the pad: what must be decided, what it comes to, and what is waited for. */
export const Beside = ({
  batch,
  blend,
  planned,
  steps,
  tally,
  step,
  gate,
  now,
  then,
  bottleOf,
  onBottle,
  onEvents,
  outsideC,
  onEnd,
}: {
  batch: BatchRecord;
  blend: Blend;
  planned: readonly Step[];
  steps: readonly Step[];
  tally: Tally;
  step: Step | null;
  gate: Gate;
  now: Evaluation;
  then: Evaluation;
  bottleOf: (materialId: string) => string | null;
  onBottle: (materialId: string, bottleId: string) => void;
  onEvents: Choose;
  /** The last reading, where it is outside the band and that is asked about; else null. */
  outsideC: number | null;
  onEnd: () => void;
}) => {
  const units = useUnits();
  const more = useOneMore(blend, steps, tally, step);
  const count = step ? (tally.drops.get(step.id) ?? 0) : 0;
  const bottle = step?.kind === 'count' ? bottleOf(step.oilId) : null;
  const scales = useDevices('scale');
  const dropG = useDropG(step, then);
  const measured = step ? tally.measured.get(step.id) : undefined;
  const stop = gate.state !== 'open' && (
    <GatePanel
      gate={gate}
      wearer={blend.brief.wearer}
      step={step?.id ?? ''}
      onReason={(event) => onEvents([event])}
      onEnd={onEnd}
    />
  );
  return (
    <>
      {gate.state === 'blocked' && stop}
      {step?.kind === 'count' && count > step.drops && (
        <TooMuch
          blend={blend}
          planned={planned}
          tally={tally}
          step={step}
          targetPercent={batch.targetPercent}
          onChoose={onEvents}
        />
      )}
      {step?.kind === 'weigh' &&
        measured?.unit === 'g' &&
        weighedAs(measured.value, step.g) === 'over' && (
          <TooHeavy blend={blend} planned={planned} tally={tally} step={step} onChoose={onEvents} />
        )}
      {gate.state === 'needs-reason' && stop}
      {step?.kind === 'smell' && (
        <SmellPanel
          blend={blend}
          steps={steps}
          tally={tally}
          bottleOf={bottleOf}
          onEvents={onEvents}
        />
      )}
      {step?.kind === 'cool' && outsideC !== null && (
        <Notice tone="caution" isUrgent>
          ▲ {nonBreaking(outsideBandWords(outsideC, step.toC, units))}
        </Notice>
      )}
      {step?.kind === 'cool' && <CoolingPanel step={step} tally={tally} onEvents={onEvents} />}
      {(step?.kind === 'fill' || step?.kind === 'left') && (
        <CameOutAtBench blend={blend} planned={planned} tally={tally} onEvents={onEvents} />
      )}
      <BottleNow
        blend={blend}
        now={now}
        then={then}
        more={more}
        targetPercent={batch.targetPercent}
      />
      {step?.kind === 'count' &&
        dropG &&
        scales.map((driver) => (
          <LiveDrops
            key={`${step.id}/${driver.device.id}`}
            driver={driver}
            drop={dropG}
            onDrops={(drops) => {
              const source = driver.device.simulated ? 'simulated' : 'scale';
              onEvents([{ ...dropAt(step, { source, bottleId: bottle }), drops }]);
            }}
          />
        ))}
      {step?.kind === 'count' && (
        <FromBottle
          blend={blend}
          tally={tally}
          step={step}
          bottleId={bottle}
          startedWith={batch.bottles[step.oilId]?.id ?? null}
          onChoose={(id) => onBottle(step.oilId, id)}
        />
      )}
      {step?.kind === 'count' && bottle !== null && <Dropper key={bottle} bottleId={bottle} />}
      <Clocks
        name={batch.file.name || batch.number}
        step={step}
        tally={tally}
        onEvents={onEvents}
      />
    </>
  );
};
