import type { LimitStatus } from '../catalog';
import { evaluate, type Blend, type LimitName } from '../drops';
import { shareOfLimit, type FindingVerdict, type RuleId, type Verdict } from '../limits';
import { part, textureOf } from '../mixture';
import type { Range } from '../quantity';
import { findingMessage } from '../words';

/** What the checker says of one blend: of one container, or of the jug where all is mixed in one. */
export interface Report {
  /** Null for a blend without essential oil. */
  readonly verdict: Verdict | null;
  readonly hard: boolean;
  /** The same as `hard`. */
  readonly blocking: boolean;
  readonly total: { readonly ml: Range; readonly g: Range };
  readonly strength: { readonly byVolume: Range; readonly byWeight: Range };
  readonly oils: readonly {
    readonly id: string;
    readonly drops: number | null;
    readonly ml: Range;
    readonly g: Range;
    readonly percent: Range;
    readonly limitPercent: number | null;
    readonly limitStatus: LimitStatus;
    readonly shareOfLimit: Range | null;
  }[];
  readonly bases: readonly { readonly id: string; readonly ml: Range; readonly g: Range }[];
  /** What each line of containers takes; of one that is filled by itself, what goes into it. */
  readonly vessels: readonly {
    readonly kind: string;
    readonly nominalMl: number;
    readonly count: number;
    readonly full: number;
    readonly ml: number;
    readonly g: number;
  }[];
  /** True where all is mixed in one jug or pan. */
  readonly mixedInOne: boolean;
  /** What no container takes, and what is missing for all to be full, in ml. */
  readonly leftMl: number;
  readonly shortMl: number;
  /** Null where nothing is melted. */
  readonly texture: {
    /** Counted as beeswax, by weight. */
    readonly waxPercent: Range;
    /** Null where butters alone make it what it is. */
    readonly texture: string | null;
    readonly setPointC: Range | null;
    readonly oilsAtC: readonly [number, number];
  } | null;
  readonly grain: 'paste' | 'dry' | null;
  readonly plan: {
    readonly targetPercent: number | null;
    readonly binding: readonly LimitName[];
    readonly leftOut: readonly string[];
  };
  readonly findings: readonly {
    readonly rule: RuleId;
    readonly verdict: FindingVerdict;
    readonly hard: boolean;
    /** The same as `hard`. */
    readonly blocking: boolean;
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
  const { mixture, findings, verdict, blocking, plan } = evaluate(blend);
  const mixed = blend.inOne ? 1 : blend.count;
  const parted = part(blend.fillings, mixture.fillMl * mixed, mixture.totalG.likely * mixed, blend);
  const texture = textureOf(mixture);
  return {
    verdict,
    hard: blocking,
    blocking,
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
    vessels: parted.lines.map(({ container, count, full, fillMl, fillG }) => ({
      kind: container.kind,
      nominalMl: container.nominalMl,
      count,
      full,
      ml: fillMl,
      g: fillG,
    })),
    mixedInOne: blend.inOne,
    leftMl: parted.leftMl,
    shortMl: parted.shortMl,
    texture: texture && {
      waxPercent: texture.waxPercent,
      texture: texture.band?.texture ?? null,
      setPointC: texture.setPointC,
      oilsAtC: texture.oilsAtC,
    },
    grain: blend.grain,
    plan: {
      targetPercent: blend.formula.targetPercent ?? null,
      binding: plan.binding,
      leftOut: plan.leftOut.map(({ oilId }) => oilId),
    },
    findings: findings.map((entry) => ({
      rule: entry.rule,
      verdict: entry.verdict,
      hard: entry.blocking,
      blocking: entry.blocking,
      subject: entry.subject,
      value: entry.value,
      limit: entry.limit,
      unit: entry.unit,
      source: entry.source,
      message: findingMessage(blend.catalog, entry),
    })),
  };
};
