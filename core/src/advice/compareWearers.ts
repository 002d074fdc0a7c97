import type { WearerOrAnyone } from '../brief';
import { type Blend, evaluate, type DropPlan } from '../drops';
import type { Finding, Verdict } from '../limits';

/** What one blend comes to on someone. */
export interface OnWearer {
  readonly verdict: Verdict | null;
  readonly blocking: boolean;
  /** What speaks against it, the worst first. */
  readonly against: readonly Finding[];
}

/**
 * The same bottle on another wearer: its drops stay what they are, and only the limits
 * change.
 */
export const onWearer = (blend: Blend, plan: DropPlan, wearer: WearerOrAnyone): OnWearer => {
  const { verdict, blocking, findings } = evaluate(
    { ...blend, brief: { ...blend.brief, wearer } },
    plan,
  );
  return {
    verdict,
    blocking,
    against: findings.filter(
      (finding) => finding.verdict !== 'within' && finding.verdict !== 'note',
    ),
  };
};

const someone = {
  pregnant: false,
  breastfeeding: false,
  conditions: [],
  allergies: [],
  skin: 'normal',
} as const;

/** Those whom every house should think of, whoever lives in it. */
export const usualWearers = [
  { id: 'anyone', wearer: 'anyone' },
  { id: 'child-of-2', wearer: { ...someone, ageMonths: 24 } },
  { id: 'child-of-8', wearer: { ...someone, ageMonths: 96 } },
  { id: 'pregnant', wearer: { ...someone, ageMonths: 360, pregnant: true } },
  { id: 'breastfeeding', wearer: { ...someone, ageMonths: 360, breastfeeding: true } },
  { id: 'of-70', wearer: { ...someone, ageMonths: 840 } },
] as const satisfies readonly { readonly id: string; readonly wearer: WearerOrAnyone }[];
