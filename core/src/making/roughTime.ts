import { textureFigures, type Catalog, type ContainerKind } from '../catalog';
import { stepTime } from './stepTime';
import type { Step } from './steps/registry';

/** How long a batch takes, roughly: our own estimate, to plan an evening by. */
export interface RoughTime {
  /** At the table, in minutes, to the next five. */
  readonly minutes: number;
  /** Kinds of container in which it then sets, with how long by the library. */
  readonly sets: readonly { readonly kind: ContainerKind; readonly room: string }[];
}

/** How long these steps take. */
export const roughTime = (catalog: Catalog, steps: readonly Step[]): RoughTime => {
  // What sets may be left: at the table is everything before that.
  const minutes = steps
    .filter(({ kind }) => kind !== 'set')
    .flatMap((step) => stepTime(catalog, step))
    .reduce((total, part) => total + part.minutes, 0);
  const kinds = steps.flatMap((step) => (step.kind === 'set' ? step.kinds : []));
  return {
    minutes: Math.max(5, 5 * Math.ceil(minutes / 5)),
    sets: textureFigures.setsIn.filter(({ kind }) => kinds.includes(kind)),
  };
};
