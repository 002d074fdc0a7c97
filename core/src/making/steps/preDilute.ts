import { preDilutionNeed, type PreDilutionNeed } from '../../mixture';
import type { Plan } from '../plan';
import type { StepKind } from './stepKind';

export interface PreDiluteStep {
  readonly id: string;
  readonly kind: 'pre-dilute';
  /** The id of the oil that it is in the blend. */
  readonly mixedId: string;
  readonly need: PreDilutionNeed;
}

/** The id of the step with which a pre-dilution is mixed. */
export const preDiluteStepId = (mixedId: string): string => `pre-dilute/${mixedId}`;

/** What of each pre-dilution goes into all containers, as it was planned. */
const needsOf = ({ blend, oils, numbers }: Plan): PreDilutionNeed[] =>
  (blend.preDilutions ?? []).flatMap((mixed) => {
    const poured = oils.find(({ oil }) => oil.id === mixed.id);
    return poured ? [preDilutionNeed(mixed, poured.ml.likely * numbers.length)] : [];
  });

/** Oils of which a drop is too much are mixed into some carrier before anything else. */
export const preDilute: StepKind<PreDiluteStep> = {
  kind: 'pre-dilute',
  plan: (plan) =>
    needsOf(plan).map((need) => ({
      id: preDiluteStepId(need.mixed.id),
      kind: 'pre-dilute',
      mixedId: need.mixed.id,
      need,
    })),
};
