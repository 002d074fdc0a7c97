import { textureFigures, type Catalog, type ContainerKind } from '../catalog';
import type { Step } from './steps/registry';

/** How long a batch takes, roughly: our own estimate, to plan an evening by. */
export interface RoughTime {
  /** At the table, in minutes, to the next five. */
  readonly minutes: number;
  /** Kinds of container in which it then sets, with how long by the library. */
  readonly sets: readonly { readonly kind: ContainerKind; readonly room: string }[];
}

/** Minutes of the steps that do not hang on an amount. A thing done by hand takes about one. */
const usual: Partial<Record<Step['kind'], number>> = {
  smell: 2,
  'top-up': 1,
  close: 1,
  combine: 11,
  'set-out': 2,
  'pre-dilute': 3,
  'warm-in': 4,
  cool: 8,
  sift: 3,
  'stir-in': 1,
  whip: 20,
  left: 1,
  weigh: 1,
  measure: 1,
};

/** A drop every two seconds; a thick oil is waited for. In minutes. */
const dropMinutes = { thin: 2 / 60, thick: 6 / 60 };

const minutesOf = (catalog: Catalog, step: Step): number => {
  switch (step.kind) {
    case 'wipe':
      return 0.5 * step.containers;
    case 'lay-out':
      return 0.5 * step.oilIds.length;
    case 'count': {
      const thick = catalog.oil(step.oilId)?.viscosity.includes('thick') ?? false;
      return 0.3 + step.drops * (thick ? dropMinutes.thick : dropMinutes.thin);
    }
    case 'melt':
      return (step.minutes[0] + step.minutes[1]) / 2;
    case 'fill':
      return 0.4 * step.line.count;
    case 'label':
      return 0.5 * step.containers;
    case 'close-all':
      return 0.2 * step.lines.reduce((total, { count }) => total + count, 0);
    default:
      return usual[step.kind] ?? 0;
  }
};

/** How long these steps take. */
export const roughTime = (catalog: Catalog, steps: readonly Step[]): RoughTime => {
  const minutes = steps.reduce((total, step) => total + minutesOf(catalog, step), 0);
  const kinds = steps.flatMap((step) => (step.kind === 'set' ? step.kinds : []));
  return {
    minutes: Math.max(5, 5 * Math.ceil(minutes / 5)),
    sets: textureFigures.setsIn.filter(({ kind }) => kinds.includes(kind)),
  };
};
