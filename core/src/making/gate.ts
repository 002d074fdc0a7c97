import { type Blend, evaluate } from '../drops';
import type { Finding } from '../limits';
import { isPast, unique } from '../quantity';
import { bottleThen, stepsAsWanted } from './bottle';
import { eachContainer } from './eachContainer';
import type { Step } from './steps/registry';
import type { BenchEvent, PastLimit } from './event';
import { inOrder } from './order';
import { doneAt } from './press';
import { addEvent, currentStep, type Tally } from './tally';

/** Whether the bench may go on with what is in the containers. */
export type Gate =
  | { readonly state: 'open' }
  /** Limits are passed that may be passed with a reason, and none was written for them. */
  | { readonly state: 'needs-reason'; readonly findings: readonly Finding[] }
  /** It must not be used by this wearer: take back, another way on, or not to be used. */
  | { readonly state: 'blocked'; readonly findings: readonly Finding[] };

const keyOf = ({ rule, subject }: Pick<Finding, 'rule' | 'subject'>): string =>
  `${rule}/${subject}`;

/** The limits that findings pass, as a reason for them is written down. */
export const pastLimits = (findings: readonly Finding[]): PastLimit[] =>
  findings
    .filter(({ verdict }) => verdict === 'over')
    .map(({ rule, subject, value }) => ({ rule, subject, value: value?.likely ?? null }));

/** True where a reason was written for this limit, and it is not passed further by now. */
const isAccepted = ({ rule, subject, value }: Finding, accepted: readonly PastLimit[]): boolean =>
  accepted.some(
    (entry) =>
      entry.rule === rule &&
      entry.subject === subject &&
      (value === null || entry.value === null || !isPast(value.likely, entry.value)),
  );

const uniqueFindings = (findings: readonly Finding[]): Finding[] => unique(findings, keyOf);

/**
 * Judges every container as it will be when the rest goes in as asked: what fell counts, not
 * what was planned.
 *
 * @param planned the steps as they were planned
 * @param reason what was written before the batch was started; it is for what the plan
 *   passes; empty where nothing was
 */
export const gateOf = (
  blend: Blend,
  planned: readonly Step[],
  tally: Tally,
  reason: string,
): Gate => {
  const steps = stepsAsWanted(planned, tally);
  const judged = eachContainer(blend, planned, tally, (number) =>
    bottleThen(blend, steps, tally, number),
  );
  const all = [...new Set(judged)];
  const blocking = uniqueFindings(
    all.flatMap(({ findings }) => findings.filter((finding) => finding.blocking)),
  );
  if (blocking.length > 0) return { state: 'blocked', findings: blocking };
  const over = uniqueFindings(
    all.flatMap(({ findings }) => findings.filter(({ verdict }) => verdict === 'over')),
  );
  if (over.length === 0) return { state: 'open' };
  const accepted = [
    ...(isReason(reason) ? pastLimits(evaluate(blend).findings) : []),
    ...tally.reasons.flatMap((entry) => entry.over),
  ];
  const open = over.filter((finding) => !isAccepted(finding, accepted));
  return open.length === 0 ? { state: 'open' } : { state: 'needs-reason', findings: open };
};

/** The gate at the stop: as it is when the current step ends with what is in by then. */
export const gateAtStop = (
  blend: Blend,
  planned: readonly Step[],
  tally: Tally,
  reason: string,
): Gate => {
  const step = currentStep(inOrder(planned, tally), tally);
  const then = step ? addEvent(tally, doneAt(step.id, 'key')) : tally;
  return gateOf(blend, planned, then, reason);
};

/** A reason means something: two words at least, of letters. */
export const isReason = (text: string): boolean =>
  (text.match(/\p{L}{2,}/gu)?.length ?? 0) >= 2 && text.trim().length >= 8;

/** True for what closes a step or goes on past it. */
export const goesOn = (events: readonly BenchEvent[]): boolean =>
  events.some(({ kind }) => kind === 'done');

/** Most drops that are counted in one batch. */
export const mostCounted = 10_000;

/** True where one drop more of a step may be counted. */
export const mayCount = (tally: Tally): boolean => {
  let all = 0;
  for (const drops of tally.drops.values()) all += drops;
  return all < mostCounted;
};
