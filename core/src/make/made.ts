import type { Vessel } from '../brief/vessel';
import type { Blend } from '../dose/blend';
import { evaluate, type Evaluation } from '../dose/evaluate';
import { worst, type Verdict } from '../limits/verdict';
import { bottleNow, vesselOf } from './bottle';
import { eachVessel } from './eachVessel';
import { stepsOf, type Step } from './steps';
import { tallyOf, type BenchEvent, type Tally } from './tally';

/** One container of a batch, or the jug from which all are filled, with what went in. */
export interface MadeVessel {
  /** Its number at the bench, from 0. */
  readonly number: number;
  /** What it is in by now: a larger one where it was moved. */
  readonly vessel: Vessel;
  readonly evaluation: Evaluation;
  /** Nothing went in that was to be counted or measured. */
  readonly isEmpty: boolean;
}

/** A batch as it really is: what was counted and measured, never what was planned. */
export interface Made {
  readonly blend: Blend;
  /** The steps as they were planned. */
  readonly planned: readonly Step[];
  readonly tally: Tally;
  readonly vessels: readonly MadeVessel[];
  readonly isEmpty: boolean;
  /** The worst of all containers; null where nothing is in any. */
  readonly verdict: Verdict | null;
  /** Some container must not be used by this wearer. */
  readonly hard: boolean;
}

const isOf = (number: number) => (step: Step) => 'vessel' in step && step.vessel === number;

/** True where oils were to go in and none has; of plain carrier, where no step of it is done. */
const isNothing = (
  planned: readonly Step[],
  tally: Tally,
  evaluation: Evaluation,
  number: number,
): boolean => {
  const wantsOil = planned.some(({ kind }) => kind === 'count' || kind === 'measure');
  if (wantsOil) return evaluation.mixture.oils.every(({ ml }) => ml.likely === 0);
  return !planned.some(
    (step) =>
      (isOf(number)(step) || !('vessel' in step)) &&
      step.kind !== 'wipe' &&
      tally.done.has(step.id),
  );
};

/** What came of a batch, from what happened at the bench. */
export const madeOf = (blend: Blend, events: Iterable<BenchEvent>): Made => {
  const planned = stepsOf(blend, evaluate(blend).mixture);
  const tally = tallyOf(events);
  const alike = eachVessel(blend, planned, tally, (number) => {
    const evaluation = bottleNow(blend, planned, tally, number);
    return {
      vessel: vesselOf(blend, tally, number),
      evaluation,
      isEmpty: isNothing(planned, tally, evaluation, number),
    };
  });
  const vessels = alike.map((one, number) => ({ ...one, number }));
  const filled = vessels.filter(({ isEmpty }) => !isEmpty);
  const verdicts = filled.flatMap(({ evaluation: { verdict } }) => (verdict ? [verdict] : []));
  return {
    blend,
    planned,
    tally,
    vessels,
    isEmpty: filled.length === 0,
    verdict: verdicts.length > 0 ? worst(verdicts) : null,
    hard: filled.some(({ evaluation }) => evaluation.hard),
  };
};
