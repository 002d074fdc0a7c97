import { type Blend, evaluate, type Evaluation } from '../drops';
import type { Formula } from '../mixture';
import { contentsAt } from './contents';
import { eachContainer } from './eachContainer';
import { inOrder } from './order';
import { alsoIn, withUntold } from './somethingElse';
import { putsOil, type Step } from './steps/registry';
import { stepsOf } from './stepsOf';
import type { Tally } from './tally';

/** One bottle judged, with what else went in. */
const judged = (blend: Blend, formula: Formula, tally: Tally, container: number): Evaluation =>
  withUntold(blend.catalog, evaluate({ ...blend, formula }), alsoIn(tally, container));

/** One bottle as it is now: what has gone in, and no more. */
export const bottleNow = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  container: number,
): Evaluation =>
  judged(blend, contentsAt(blend, steps, tally, container, 'now').formula, tally, container);

/** One bottle as it will be when the rest goes in as asked. */
export const bottleThen = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  container: number,
): Evaluation =>
  judged(blend, contentsAt(blend, steps, tally, container, 'then').formula, tally, container);

/** The steps with what is asked for by now, in the order in which the maker works. */
export const stepsAsWanted = (steps: readonly Step[], tally: Tally): Step[] =>
  inOrder(steps, tally).map((step): Step => {
    const drops = step.kind === 'count' ? tally.wantedDrops.get(step.id) : undefined;
    if (step.kind !== 'count' || drops === undefined) return step;
    const { atLeast: _, ...rest } = step;
    return { ...rest, drops };
  });

/**
 * The steps as they are by now: drops that are asked for again, and the carrier
 * that each bottle really takes beside what fell into it.
 */
export const stepsNow = (blend: Blend, steps: readonly Step[], tally: Tally): Step[] => {
  const wanted = stepsAsWanted(steps, tally);
  if (blend.inOne) {
    // The bases follow what really fell, as long as no one has weighed them.
    const planned = stepsOf(blend, bottleThen(blend, wanted, tally, 0).mixture);
    const byId = new Map(planned.map((step) => [step.id, step]));
    // More was mixed than was planned: the last that is filled says what is left.
    const left = planned.find(({ kind }) => kind === 'left');
    const lastFill = wanted.findLast(({ kind }) => kind === 'fill');
    const isNew = left?.kind === 'left' && !wanted.some(({ id }) => id === left.id);
    return wanted.map((step): Step => {
      if (isNew && step === lastFill && !tally.done.has(step.id)) {
        const fill = byId.get(step.id) ?? step;
        return fill.kind === 'fill' ? { ...fill, leftMl: left.ml } : fill;
      }
      if (putsOil(step) || tally.done.has(step.id)) return step;
      // What was weighed is not what is aimed at.
      if (step.kind === 'weigh' && (tally.measured.has(step.id) || tally.wantedG.has(step.id))) {
        const g = tally.wantedG.get(step.id) ?? step.g;
        return { ...step, g, ml: (step.ml * g) / step.g, loose: null, gRange: null };
      }
      return byId.get(step.id) ?? step;
    });
  }
  const toppingUp = eachContainer(blend, steps, tally, (container) => {
    // What else went in is no carrier that is asked for.
    const bases = bottleThen(blend, wanted, tally, container).mixture.bases.slice(
      0,
      blend.formula.bases.length,
    );
    return {
      ml: bases.reduce((total, { ml }) => total + ml.likely, 0),
      bases: bases.map(({ base, ml }) => ({ id: base.id, ml: ml.likely })),
    };
  });
  return wanted.map((step): Step =>
    step.kind === 'top-up' && !tally.measured.has(step.id)
      ? { ...step, ...toppingUp[step.container] }
      : step,
  );
};
