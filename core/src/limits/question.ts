import type { Mixture } from '../blend/mixture';
import type { Brief } from '../brief/brief';
import type { Wearer } from '../brief/wearer';

/** The schools whose figures may serve as limits. */
export type School = 'clinical' | 'cautious';

/** All of them. */
export const schools: readonly School[] = ['clinical', 'cautious'];

/** What every rule is asked: may this mixture go there on this wearer? */
export interface Question {
  readonly mixture: Mixture;
  readonly brief: Brief;
  /** Kinds of the vessels: `roll-on`, `tin`. */
  readonly vessels: readonly string[];
  readonly school: School;
}

/** The wearer, or null for anyone. */
export const knownWearer = ({ wearer }: Brief): Wearer | null =>
  wearer === 'anyone' ? null : wearer;
