import type { BottleInUse, Confidence, ProductCategory } from '../catalog';
import type { Range } from '../quantity';
import type { RuleId } from './ruleIds';
import type { FindingVerdict } from './verdict';

/** The kinds of product that the law of goods tells apart. */
export type SaleProduct =
  | 'perfume'
  | 'alcoholPerfume'
  | 'eauDeToilette'
  | 'creamPerfume'
  | 'bodySpray'
  | 'hairSpray'
  | 'underarmSpray'
  | 'leaveOn'
  | 'rinseOff'
  | 'lips';

/** What a place asks beside a strength. */
export type PlaceCaution =
  | 'mucosa'
  | 'intimate'
  | 'nipple'
  | 'nappy'
  | 'lips-light'
  | 'shaved'
  | 'broken'
  | 'breast'
  | 'bath-child'
  | 'bath-keep-out'
  | 'bath-little';

/** Where a word in the name or the purpose of a blend points. */
export type PlaceWord =
  | 'mucosa'
  | 'nipple'
  | 'intimate'
  | 'nappy'
  | 'mouth'
  | 'breathed'
  | 'wound'
  | 'animal'
  | 'child'
  | 'pregnancy';

/** What a kind of product asks. */
export type KindCaution =
  | 'bath-undispersed'
  | 'bath-solubiliser'
  | 'bath-fat'
  | 'bath-slip'
  | 'water'
  | 'sets'
  | 'flame'
  | 'dry'
  | 'thick'
  | 'hot-wax'
  | 'mist'
  | 'keep-dry'
  | 'much-of-it'
  | 'water-floats';

/** Why a finding came out as it did: the facts from which words are made. */
type FindingReason =
  | { readonly code: 'whole-blend'; readonly recommended: number; readonly because: string }
  | { readonly code: 'whole-blend-none'; readonly because: string }
  | { readonly code: 'oil-maximum'; readonly basis: string | null; readonly assumed: boolean }
  | { readonly code: 'no-maximum-stated' }
  /** A figure of the maker's own allows more than the library's, and is used. */
  | {
      readonly code: 'own-figure-looser';
      readonly own: number;
      readonly ownSource: string;
      readonly library: number;
      readonly librarySource: string;
    }
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
  | {
      readonly code: 'age-lips' | 'age-spray' | 'age-alcohol';
      readonly belowMonths: number;
    }
  | {
      readonly code: 'life-stage';
      readonly what: 'avoid' | 'caution';
      readonly stages: readonly ('pregnant' | 'breastfeeding')[];
      /** What is in it that asks for it; null where the oil itself does. */
      readonly why: string | null;
    }
  | {
      readonly code: 'life-stage-not-known';
      readonly stages: readonly ('pregnant' | 'breastfeeding')[];
    }
  | {
      readonly code: 'condition';
      readonly what: 'avoid' | 'caution';
      readonly condition: string;
      readonly general?: string;
      readonly why?: string;
    }
  | { readonly code: 'condition-read-as'; readonly condition: string }
  /** A common condition of which the literature says nothing on skin. */
  | { readonly code: 'condition-without-caution'; readonly condition: string }
  | { readonly code: 'condition-free-words' }
  | {
      readonly code: 'allergy';
      readonly to: string;
      /** A near relative of what they are allergic to; of the family only by its plant. */
      readonly by: 'itself' | 'relative' | 'family' | 'patch-test' | 'constituent';
    }
  /** It was in a blend to which their skin reacted; which of it did that no one knows. */
  | { readonly code: 'suspected' }
  | { readonly code: 'allergy-free-words' }
  | { readonly code: 'never-on-skin'; readonly why: string | null }
  | { readonly code: 'not-for-home'; readonly why: string }
  | { readonly code: 'figure-not-held' }
  | { readonly code: 'density-assumed' }
  | { readonly code: 'share-not-known' }
  /** What carries a ready-made blend, and what of each oil is in it, no one has said. */
  | { readonly code: 'carrier-not-known' }
  | { readonly code: 'proportions-not-known' }
  | { readonly code: 'place'; readonly what: PlaceCaution }
  | { readonly code: 'place-words'; readonly word: string; readonly about: PlaceWord }
  | { readonly code: 'kind'; readonly what: KindCaution }
  | {
      readonly code: 'bath-drops';
      /** In one tub, in ml of the product; null where no one has said. */
      readonly useMl: number | null;
      /** Of the product, in ml, what a tub takes at the most. */
      readonly mostMl: number;
      readonly drops: number;
    }
  | { readonly code: 'oil-age'; readonly bottle: BottleInUse }
  | { readonly code: 'oil-age-not-known' }
  | { readonly code: 'not-asked'; readonly about: readonly string[] }
  | {
      readonly code: 'sale';
      readonly product: SaleProduct;
      readonly oils: readonly string[];
    }
  | { readonly code: 'sale-child'; readonly belowMonths: number; readonly what: string }
  | { readonly code: 'sale-duties' }
  /** It is restricted, and no figure is held of this kind of product. */
  | { readonly code: 'sale-no-figure'; readonly product: SaleProduct }
  | {
      readonly code: 'constituent';
      readonly why: string;
      /** Ids of the oils that bring it. */
      readonly oils: readonly string[];
      readonly confidence: Confidence;
      /** The kind of product whose figure is asked for; null where the general cap holds. */
      readonly category: ProductCategory | null;
      /** The category's figure was worked out from that for perfume, not recalled. */
      readonly derived: boolean;
    }
  /** Salicylate, camphor or menthol that is put on many times a day. */
  | {
      readonly code: 'daily-amount';
      readonly times: number;
      /** In mg a day; null where no one has measured what one use takes. */
      readonly mgPerDay: number | null;
      /** In mg, what a ml of the blend brings. */
      readonly mgPerMl: number;
      readonly oils: readonly string[];
    }
  | { readonly code: 'chemistry-not-held' }
  | { readonly code: 'chemistry-needed' }
  | { readonly code: 'chemistry-partial' }
  | { readonly code: 'base-is-oil' }
  /** Reported at the bench, in the maker’s words: what it was, or how much, no one can say. */
  | { readonly code: 'something-else'; readonly words: string }
  /** As it was written in the recipe that this was read from. */
  | { readonly code: 'not-understood'; readonly text: string }
  | { readonly code: 'allergens-not-known' }
  | { readonly code: 'nothing-found' }
  /** No one to whom the check applies: nobody pregnant, no condition given, an adult. */
  | { readonly code: 'does-not-apply' };

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
  /** Ids of the ready-made blends that bring the subject, where it is not poured by itself. */
  readonly inside: readonly string[];
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
  inside: given.inside ?? [],
});
