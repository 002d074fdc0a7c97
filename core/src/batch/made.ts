import type { Container } from '../catalog';
import { type Blend, evaluate, type Evaluation } from '../drops';
import { worst, type Verdict } from '../limits';
import {
  bottleNow,
  contentsAt,
  containerAt,
  eachContainer,
  stepsOf,
  type Step,
  tallyOf,
  type BenchEvent,
  type Tally,
} from '../making';

/** One container of a batch, or the jug from which all are filled, with what went in. */
export interface MadeContainer {
  /** Its number at the bench, from 0. */
  readonly number: number;
  /** What it is in by now: a larger one where it was moved. */
  readonly container: Container;
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
  readonly containers: readonly MadeContainer[];
  readonly isEmpty: boolean;
  /** The worst of all containers; null where nothing is in any. */
  readonly verdict: Verdict | null;
  /** Some container must not be used by this wearer. */
  readonly blocking: boolean;
}

/** True where nothing was counted, measured, confirmed or added. */
const isNothing = (blend: Blend, planned: readonly Step[], tally: Tally, number: number): boolean =>
  !tally.additions.some(({ container }) => container === number) &&
  contentsAt(blend, planned, tally, number, 'now').ml === 0;

/** What came of a batch, from what happened at the bench. */
export const madeOf = (blend: Blend, events: Iterable<BenchEvent>): Made =>
  madeFromTally(blend, stepsOf(blend, evaluate(blend).mixture), tallyOf(events));

/**
 * What a batch comes to by what is in it now.
 *
 * @param planned its steps as they were planned
 */
export const madeFromTally = (blend: Blend, planned: readonly Step[], tally: Tally): Made => {
  const alike = eachContainer(blend, planned, tally, (number) => {
    const evaluation = bottleNow(blend, planned, tally, number);
    return {
      container: containerAt(blend, tally, number),
      evaluation,
      isEmpty: isNothing(blend, planned, tally, number),
    };
  });
  const containers = alike.map((entry, number) => ({ ...entry, number }));
  const filled = containers.filter(({ isEmpty }) => !isEmpty);
  const verdicts = filled.flatMap(({ evaluation: { verdict } }) => (verdict ? [verdict] : []));
  return {
    blend,
    planned,
    tally,
    containers,
    isEmpty: filled.length === 0,
    verdict: verdicts.length > 0 ? worst(verdicts) : null,
    blocking: filled.some(({ evaluation }) => evaluation.blocking),
  };
};

/** What is in a batch, each material once. */
export const materialsIn = ({ containers }: Made): readonly string[] => [
  ...new Set(
    containers.flatMap(({ evaluation: { mixture } }) => [
      ...mixture.oils.map(({ oil }) => oil.id),
      ...mixture.bases.map(({ base }) => base.id),
    ]),
  ),
];
