import type { WearerOrAnyone } from '../brief/wearer';
import type { Blend } from '../dose/blend';
import { evaluate } from '../dose/evaluate';
import type { DropPlan } from '../dose/wholeDrops';
import type { Finding } from '../limits/finding';
import type { Verdict } from '../limits/verdict';

/** What one blend comes to on somebody. */
export interface OnWearer {
  readonly verdict: Verdict | null;
  readonly hard: boolean;
  /** What speaks against it, the worst first. */
  readonly against: readonly Finding[];
}

/**
 * The same bottle on another wearer: its drops stay what they are, and only the limits
 * change.
 */
export const onWearer = (blend: Blend, plan: DropPlan, wearer: WearerOrAnyone): OnWearer => {
  const { verdict, hard, findings } = evaluate(
    { ...blend, brief: { ...blend.brief, wearer } },
    plan,
  );
  return { verdict, hard, against: findings.filter((one) => one.verdict !== 'holds') };
};

const someone = {
  pregnant: false,
  nursing: false,
  conditions: [],
  allergies: [],
  skin: 'normal',
} as const;

/** Those whom every house should think of, whoever lives in it. */
export const usualWearers: readonly { readonly name: string; readonly wearer: WearerOrAnyone }[] = [
  { name: 'Anyone', wearer: 'anyone' },
  { name: 'A child of two', wearer: { ...someone, ageMonths: 24 } },
  { name: 'A child of eight', wearer: { ...someone, ageMonths: 96 } },
  { name: 'Someone pregnant', wearer: { ...someone, ageMonths: 360, pregnant: true } },
  { name: 'Someone of seventy', wearer: { ...someone, ageMonths: 840 } },
];
