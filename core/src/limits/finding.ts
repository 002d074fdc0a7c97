import type { BottleInUse, Confidence } from '../catalog';
import type { Range } from '../quantity';
import type { FindingVerdict } from './verdict';

/** The checks, by the names they have in reports. */
export const ruleIds = [
  'whole-blend',
  'oil-maximum',
  'light-sum',
  'constituent',
  'age',
  'life-stage',
  'condition',
  'allergy',
  'place',
  'kind',
  'oil-age',
  'never-on-skin',
  'not-known',
  'sale',
] as const;
export type RuleId = (typeof ruleIds)[number];

/** What a place asks beside a strength. */
export type PlaceCaution =
  | 'mucosa'
  | 'lips-light'
  | 'underarm'
  | 'broken'
  | 'breast'
  | 'bath-child'
  | 'bath-keep-out'
  | 'bath-little';

/** What a kind of product asks. */
export type KindCaution =
  | 'bath-film'
  | 'bath-solubiliser'
  | 'bath-slip'
  | 'water'
  | 'sets'
  | 'flame'
  | 'dry'
  | 'thick'
  | 'hot-wax'
  | 'keep-dry';

/** Why a finding came out as it did: the facts from which words are made. */
type FindingReason =
  | { readonly code: 'whole-blend'; readonly recommended: number; readonly because: string }
  | { readonly code: 'whole-blend-none'; readonly because: string }
  | { readonly code: 'oil-maximum'; readonly basis: string | null; readonly assumed: boolean }
  | { readonly code: 'no-maximum-stated' }
  | { readonly code: 'stricter-place' }
  | { readonly code: 'light-sum'; readonly oils: readonly string[]; readonly covered: boolean }
  | { readonly code: 'light-none' }
  | { readonly code: 'light-rinsed-off' }
  | { readonly code: 'light-base'; readonly why: string }
  | { readonly code: 'age-too-young' }
  | {
      readonly code: 'age';
      readonly belowMonths: number;
      readonly why: string;
      readonly nearFace: 'everywhere' | 'here' | 'elsewhere' | 'perhaps';
    }
  | { readonly code: 'life-stage'; readonly stages: readonly ('pregnant' | 'breastfeeding')[] }
  | { readonly code: 'condition'; readonly condition: string; readonly general?: string }
  | { readonly code: 'condition-free-words' }
  | { readonly code: 'allergy'; readonly to: string }
  | { readonly code: 'allergy-free-words' }
  | { readonly code: 'never-on-skin' }
  | { readonly code: 'not-for-home'; readonly why: string }
  | { readonly code: 'figure-not-held' }
  | { readonly code: 'density-assumed' }
  | { readonly code: 'share-not-known' }
  | { readonly code: 'place'; readonly what: PlaceCaution }
  | { readonly code: 'kind'; readonly what: KindCaution }
  | { readonly code: 'oil-age'; readonly bottle: BottleInUse }
  | {
      readonly code: 'sale';
      readonly product: 'perfume' | 'leaveOn' | 'rinseOff' | 'product';
      readonly oils: readonly string[];
    }
  | {
      readonly code: 'constituent';
      readonly why: string;
      /** Ids of the oils that bring it. */
      readonly oils: readonly string[];
      readonly confidence: Confidence;
      readonly stricter: boolean;
    }
  | { readonly code: 'chemistry-not-held' }
  | { readonly code: 'nothing-found' };

/** What one check compared, and what came of it. */
export interface Finding {
  readonly rule: RuleId;
  readonly verdict: FindingVerdict;
  /** For an "over": no way past it for this wearer. */
  readonly blocking: boolean;
  /** Id of the oil or base; `blend` for the whole; a condition or allergy by its words. */
  readonly subject: string;
  /** What was compared, in `unit`; null for a check without a number. */
  readonly value: Range | null;
  readonly limit: number | null;
  readonly unit: '%' | 'ratio' | null;
  /** Which measure of strength was the larger, and so was compared; null without a number. */
  readonly by: 'volume' | 'weight' | null;
  /** Who says so. */
  readonly source: string;
  readonly reason: FindingReason;
  /** Rinsed-off products are judged by the figures for what stays on. */
  readonly rinsedOff: boolean;
  /** The wearer is not known, so that this goes on the label as a caution. */
  readonly forAnyone: boolean;
}

/**
 * A finding with everything left out that most checks do not have. Field by field:
 * all findings are of one shape, and making one costs next to nothing.
 */
export const finding = (
  given: Pick<Finding, 'rule' | 'verdict' | 'source' | 'reason'> & Partial<Finding>,
): Finding => ({
  rule: given.rule,
  verdict: given.verdict,
  blocking: given.blocking ?? false,
  subject: given.subject ?? 'blend',
  value: given.value ?? null,
  limit: given.limit ?? null,
  unit: given.unit ?? null,
  by: given.by ?? null,
  source: given.source,
  reason: given.reason,
  rinsedOff: given.rinsedOff ?? false,
  forAnyone: given.forAnyone ?? false,
});
