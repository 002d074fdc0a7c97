import type { Formula } from '../blend/formula';
import { usualVessel, type Vessel } from '../brief/vessel';
import type { Blend } from '../dose/blend';
import { evaluate, type Evaluation } from '../dose/evaluate';
import { asCounted } from './asCounted';
import { eachVessel } from './eachVessel';
import { mixedSteps, type Step } from './steps';
import { countedDrops, foretoldDrops, type Tally } from './tally';

/** The vessel that a bottle of the batch is in by now. */
export const vesselOf = (blend: Blend, tally: Tally, vessel: number): Vessel => {
  const moved = tally.movedTo.get(vessel);
  const is = (moved === undefined ? undefined : usualVessel(moved)) ?? blend.formula.vessel;
  const filled = tally.filledTo.get(vessel);
  return filled === undefined ? is : { ...is, workingFillPercent: filled };
};

const measuredIn = (steps: readonly Step[], vessel: number, isIn: (id: string) => boolean) =>
  new Set(
    steps.flatMap((step) =>
      step.kind === 'measure' && step.vessel === vessel && isIn(step.id) ? [step.oilId] : [],
    ),
  );

/** The formula of one bottle with these drops in it, and what was measured so far or will be. */
const formulaOf = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  vessel: number,
  drops: ReadonlyMap<string, number>,
  isIn: (id: string) => boolean,
): Formula => ({
  ...asCounted(blend.formula, drops, measuredIn(steps, vessel, isIn)),
  vessel: vesselOf(blend, tally, vessel),
});

/** One bottle as it is now, filled to its line: what it would be if nothing more went in. */
export const bottleNow = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  vessel: number,
): Evaluation =>
  evaluate({
    ...blend,
    formula: formulaOf(blend, steps, tally, vessel, countedDrops(steps, tally, vessel), (id) =>
      tally.done.has(id),
    ),
  });

/** One bottle as it will be when the rest goes in as asked. */
export const bottleThen = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  vessel: number,
): Evaluation =>
  evaluate({
    ...blend,
    formula: formulaOf(
      blend,
      steps,
      tally,
      vessel,
      foretoldDrops(steps, tally, vessel),
      () => true,
    ),
  });

/** The steps with the drops that are asked for by now. */
export const stepsAsked = (steps: readonly Step[], tally: Tally): Step[] =>
  steps.map((step): Step => {
    const drops = step.kind === 'count' ? tally.asked.get(step.id) : undefined;
    return step.kind === 'count' && drops !== undefined ? { ...step, drops } : step;
  });

/**
 * The steps as they stand by now: drops that are asked for anew, and the carrier
 * that each bottle really takes beside what fell into it.
 */
export const stepsNow = (blend: Blend, steps: readonly Step[], tally: Tally): Step[] => {
  const asked = stepsAsked(steps, tally);
  if (blend.inOne) {
    // The bases follow what really fell, as long as nobody has weighed them.
    const planned = mixedSteps(blend, bottleThen(blend, asked, tally, 0).mixture);
    const byId = new Map(planned.map((step) => [step.id, step]));
    return asked.map((step) =>
      step.kind === 'count' || step.kind === 'measure' || tally.done.has(step.id)
        ? step
        : (byId.get(step.id) ?? step),
    );
  }
  const toppingUp = eachVessel(blend, steps, tally, (vessel) => {
    const { bases } = bottleThen(blend, asked, tally, vessel).mixture;
    return {
      ml: bases.reduce((total, { ml }) => total + ml.likely, 0),
      bases: bases.map(({ base, ml }) => ({ id: base.id, ml: ml.likely })),
    };
  });
  return asked.map((step): Step =>
    step.kind === 'top-up' ? { ...step, ...toppingUp[step.vessel] } : step,
  );
};
