import { fillMl } from '../catalog';
import { measured, mix } from '../mixture';
import { fullCaseOf, type JudgedCase } from './judgedCase.testing';
import type { Finding } from './finding';
import type { RuleId } from './ruleIds';
import { judge } from './judge';

/** What the rules say of fixed amounts: drops, ml and g. */
export const judged = (given: JudgedCase) => {
  const { catalog, formula, brief, guideline } = fullCaseOf(given);
  const mixture = mix(
    formula.oils
      .map((entry) => measured(entry, formula.dropsPerMl, 0))
      .filter(({ ml }) => ml.high > 0),
    formula.bases,
    fillMl(formula.container),
  );
  return {
    mixture,
    ...judge({
      catalog,
      mixture,
      brief,
      guideline,
      containers: [formula.container.kind],
      named: given.named ?? '',
    }),
  };
};

/** The finding of a rule, about a subject where one is given. */
export const found = (given: JudgedCase, rule: RuleId, subject?: string): Finding => {
  const finding = judged(given).findings.find(
    (entry) => entry.rule === rule && (subject === undefined || entry.subject === subject),
  );
  if (!finding) throw new Error(`no finding of ${rule}`);
  return finding;
};

export const months = (years: number): number => Math.round(years * 12);
