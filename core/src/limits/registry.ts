import type { Finding } from './finding';
import { ruleIds, type RuleId } from './ruleIds';
import type { Question } from './question';
import { age } from './rules/age';
import { allergy } from './rules/allergy';
import { condition } from './rules/condition';
import { constituent, constituentSums } from './rules/constituent';
import { kind } from './rules/kind';
import { lifeStage } from './rules/lifeStage';
import { neverOnSkin } from './rules/neverOnSkin';
import { notKnown } from './rules/notKnown';
import { oilAge } from './rules/oilAge';
import { oilMaximum, oilMaximumSums } from './rules/oilMaximum';
import { phototoxicSum, phototoxicSums } from './rules/phototoxicSum';
import { place } from './rules/place';
import { sale } from './rules/sale';
import { wholeBlend, wholeBlendSums } from './rules/wholeBlend';
import type { SumsOf } from './sumLimit';

/** One check: from a mixture and a brief to what it found. */
export interface Rule {
  readonly id: RuleId;
  readonly check: (question: Question) => readonly Finding[];
  /** The maxima of this rule that are sums of oils: by these it judges, and drops are settled. */
  readonly sums?: SumsOf;
}

const checks: Readonly<Record<RuleId, Omit<Rule, 'id'>>> = {
  'whole-blend': { check: wholeBlend, sums: wholeBlendSums },
  'oil-maximum': { check: oilMaximum, sums: oilMaximumSums },
  'light-sum': { check: phototoxicSum, sums: phototoxicSums },
  constituent: { check: constituent, sums: constituentSums },
  age: { check: age },
  'life-stage': { check: lifeStage },
  condition: { check: condition },
  allergy: { check: allergy },
  place: { check: place },
  kind: { check: kind },
  'oil-age': { check: oilAge },
  'never-on-skin': { check: neverOnSkin },
  'not-known': { check: notKnown },
  sale: { check: sale },
};

/** All rules, in the order in which their findings are among equals. */
export const rules: readonly Rule[] = ruleIds.map((id) => ({ id, ...checks[id] }));
