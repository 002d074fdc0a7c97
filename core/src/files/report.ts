import type { Range } from '../quantity/range';
import { evaluate } from '../dose/evaluate';
import type { LimitName } from '../dose/wholeDrops';
import type { LimitStatus } from '../library/schema';
import type { RuleId } from '../limits/finding';
import { shareOfLimit, type Verdict } from '../limits/verdict';
import { findingMessage } from '../limits/words';
import type { Blend } from '../dose/blend';

/** What the checker says of one blend. Everything is of one vessel. */
export interface Report {
  readonly verdict: Verdict;
  readonly hard: boolean;
  readonly total: { readonly ml: Range; readonly g: Range | null };
  readonly strength: { readonly byVolume: Range; readonly byWeight: Range | null };
  readonly oils: readonly {
    readonly id: string;
    readonly drops: number | null;
    readonly ml: Range;
    readonly g: Range | null;
    readonly percent: Range;
    readonly limitPercent: number | null;
    readonly limitStatus: LimitStatus;
    readonly shareOfLimit: Range | null;
  }[];
  readonly bases: readonly { readonly id: string; readonly ml: Range; readonly g: Range }[];
  readonly plan: {
    readonly targetPercent: number | null;
    readonly binding: readonly LimitName[];
    readonly leftOut: readonly string[];
  };
  readonly findings: readonly {
    readonly rule: RuleId;
    readonly verdict: Verdict;
    readonly hard: boolean;
    readonly subject: string;
    readonly value: Range | null;
    readonly limit: number | null;
    readonly unit: string | null;
    readonly source: string;
    readonly message: string;
  }[];
}

/** Works a blend out and writes down all that was found. */
export const reportOn = (blend: Blend): Report => {
  const { mixture, findings, verdict, hard, plan } = evaluate(blend);
  return {
    verdict,
    hard,
    total: { ml: mixture.totalMl, g: mixture.totalG },
    strength: mixture.strength,
    oils: mixture.oils.map(({ oil, drops, ml, g, percent }) => ({
      id: oil.id,
      drops,
      ml,
      g,
      percent,
      limitPercent: oil.dermalMaximum.percent,
      limitStatus: oil.dermalMaximum.status,
      shareOfLimit: shareOfLimit(percent, oil.dermalMaximum.percent),
    })),
    bases: mixture.bases.map(({ base, ml, g }) => ({ id: base.id, ml, g })),
    plan: {
      targetPercent: blend.formula.targetPercent ?? null,
      binding: plan.binding,
      leftOut: plan.leftOut.map(({ oilId }) => oilId),
    },
    findings: findings.map((entry) => ({
      rule: entry.rule,
      verdict: entry.verdict,
      hard: entry.hard,
      subject: entry.subject,
      value: entry.value,
      limit: entry.limit,
      unit: entry.unit,
      source: entry.source,
      message: findingMessage(entry),
    })),
  };
};
