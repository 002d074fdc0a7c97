import type { Finding } from './finding';
import type { Question } from './question';
import { rules } from './registry';
import { shareOfLimit, verdictOrder, worst, type Verdict } from './verdict';

/** Everything the rules found, and what it comes to. */
export interface Judgement {
  /** Null where no essential oil is in it and nothing is over: there is nothing to judge yet. */
  readonly verdict: Verdict | null;
  /** Some "over" has no way past it for this wearer. */
  readonly blocking: boolean;
  /** All findings: the worst first, notes last, and among equals the closest to its limit. */
  readonly findings: readonly Finding[];
}

const closeness = (entry: Finding): number =>
  shareOfLimit(entry.value, entry.limit)?.likely ?? (entry.limit === 0 ? Infinity : -1);

const rank = ({ verdict }: Finding): number =>
  verdict === 'note' ? verdictOrder.length : verdictOrder.indexOf(verdict);

const compare = (a: Finding, b: Finding): number =>
  rank(a) - rank(b) ||
  Number(b.blocking) - Number(a.blocking) ||
  (closeness(a) === closeness(b) ? 0 : closeness(b) - closeness(a));

/** Asks every rule. */
export const judge = (question: Question): Judgement => {
  const findings = rules.flatMap(({ check }) => check(question)).sort(compare);
  const verdict = worst(findings.map((entry) => entry.verdict));
  const isEmpty = question.mixture.oils.every(({ ml }) => ml.high === 0);
  return {
    // What must not be used is said of an empty bottle too: a nut oil, an oil kept off skin.
    verdict: isEmpty && verdict !== 'over' ? null : verdict,
    blocking: findings.some((entry) => entry.blocking),
    findings,
  };
};
