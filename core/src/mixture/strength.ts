import type { Range } from '../quantity';
import type { By } from '../recipe';
import type { Mixture } from './mixture';

/** All essential oil together, by what the blend is measured by, in percent. */
export const strengthBy = ({ strength }: Pick<Mixture, 'strength'>, by: By): Range =>
  by === 'weight' ? strength.byWeight : strength.byVolume;
