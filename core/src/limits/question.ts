import type { Brief, Wearer } from '../brief';
import type { Catalog } from '../catalog';
import type { Mixture } from '../mixture';
import type { Guideline } from '../recipe';

/** All guidelines whose figures may serve as limits. */
export const guidelineIds: readonly Guideline[] = ['clinical', 'cautious'];

/** What every rule is asked: may this mixture go there on this wearer? */
export interface Question {
  /** Where the names of allergies are looked up. */
  readonly catalog: Pick<Catalog, 'oil' | 'base'>;
  readonly mixture: Mixture;
  readonly brief: Brief;
  /** Kinds of the containers: `roll-on`, `tin`. */
  readonly containers: readonly string[];
  readonly guideline: Guideline;
}

/** The wearer, or null for anyone. */
export const knownWearer = ({ wearer }: Pick<Brief, 'wearer'>): Wearer | null =>
  wearer === 'anyone' ? null : wearer;
