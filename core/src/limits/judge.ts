import type { Finding } from './finding';
import type { Question } from './question';
import { age } from './rules/age';
import { allergy } from './rules/allergy';
import { constituent } from './rules/constituent';
import { condition } from './rules/condition';
import { kind } from './rules/kind';
import { lifeStage } from './rules/lifeStage';
import { lightSum } from './rules/lightSum';
import { neverOnSkin } from './rules/neverOnSkin';
import { notKnown } from './rules/notKnown';
import { oilAge } from './rules/oilAge';
import { oilMaximum } from './rules/oilMaximum';
import { place } from './rules/place';
import { sale } from './rules/sale';
import { wholeBlend } from './rules/wholeBlend';
import { shareOfLimit, verdictOrder, worst, type Verdict } from './verdict';

type Rule = (question: Question) => Finding[];

const rules: readonly Rule[] = [
  wholeBlend,
  oilMaximum,
  lightSum,
  constituent,
  age,
  lifeStage,
  condition,
  allergy,
  place,
  kind,
  oilAge,
  neverOnSkin,
  notKnown,
  sale,
];

/** Everything the rules found, and what it comes to. */
export interface Judgement {
  /** Null where no essential oil is in it and nothing is over: there is nothing to judge yet. */
  readonly verdict: Verdict | null;
  /** Some "over" has no way past it for this wearer. */
  readonly hard: boolean;
  /** All findings: the worst first, and among equals the closest to its limit. */
  readonly findings: readonly Finding[];
}

const closeness = (entry: Finding): number =>
  shareOfLimit(entry.value, entry.limit)?.likely ?? (entry.limit === 0 ? Infinity : -1);

const compare = (a: Finding, b: Finding): number =>
  verdictOrder.indexOf(a.verdict) - verdictOrder.indexOf(b.verdict) ||
  Number(b.hard) - Number(a.hard) ||
  (closeness(a) === closeness(b) ? 0 : closeness(b) - closeness(a));

/** Asks every rule. */
export const judge = (question: Question): Judgement => {
  const findings = rules.flatMap((rule) => rule(question)).sort(compare);
  const verdict = worst(findings.map((entry) => entry.verdict));
  const isEmpty = question.mixture.oils.every(({ ml }) => ml.high === 0);
  return {
    // What must not be used is said of an empty bottle too: a nut oil, an oil kept off skin.
    verdict: isEmpty && verdict !== 'over' ? null : verdict,
    hard: findings.some((entry) => entry.hard),
    findings,
  };
};
