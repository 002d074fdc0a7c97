import type { Region } from '../catalog';
import { judgedAs, type Blend } from '../drops';
import { judge, type Finding } from '../limits';
import type { Mixture } from '../mixture';

/** What stands against selling it in a region. */
export interface SaleStanding {
  /** The law of the region forbids it, or nobody may use it: there is no label to sell it, and no way past. */
  readonly forbidden: readonly Finding[];
  /** Past a guideline or a maximum: it is sold with a reason, which the assessor reads. */
  readonly over: readonly Finding[];
  /** Restrictions of other regions that it passes. */
  readonly elsewhere: readonly Finding[];
  /** Everything that has a limit, with its figure. */
  readonly measured: readonly Finding[];
}

/** Judges what is in it as something for sale, whatever its brief says. */
export const saleStanding = (blend: Blend, mixture: Mixture, region: Region): SaleStanding => {
  const brief = { ...blend.brief, forSale: true };
  const { findings } = judge(judgedAs({ ...blend, brief }, mixture));
  const over = findings.filter(({ verdict }) => verdict === 'over');
  // What is restricted is EU law; the others of this list have taken it over.
  const isLaw = ({ rule }: Finding): boolean => rule === 'sale';
  const holds = region !== 'us';
  return {
    forbidden: over.filter((entry) => entry.blocking || (isLaw(entry) && holds)),
    over: over.filter((entry) => !entry.blocking && !isLaw(entry)),
    measured: findings.filter(({ value, limit }) => value !== null && limit !== null),
    elsewhere: holds ? [] : over.filter((entry) => isLaw(entry) && !entry.blocking),
  };
};
