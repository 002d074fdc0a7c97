import { containerFacts, type Catalog } from '../catalog';
import type { Step } from './steps/registry';

/** What a part of a step takes beside time. */
export interface StepPart {
  /** Not rounded. */
  readonly minutes: number;
  /** A pair of hands is at it; else it waits. */
  readonly hands: boolean;
  /** It is in the pan, or in the fridge. */
  readonly pan: boolean;
  readonly fridge: boolean;
}

/** Minutes of the steps that do not hang on an amount. A thing done by hand takes about one. */
const usual = {
  smell: 2,
  'top-up': 1,
  close: 1,
  'set-out': 2,
  'pre-dilute': 3,
  'warm-in': 4,
  sift: 3,
  'stir-in': 1,
  left: 1,
  weigh: 1,
  measure: 1,
} as const;

/** A drop every two seconds; a thick oil is waited for. In minutes. */
const dropMinutes = { thin: 2 / 60, thick: 6 / 60 };

/** A melt sets in its containers for so long where nothing is known of them. */
const usualSetting = 60;

const by = (minutes: number): StepPart => ({ minutes, hands: true, pan: false, fridge: false });
const wait = (minutes: number): StepPart => ({ minutes, hands: false, pan: false, fridge: false });
const inPan = (part: StepPart): StepPart => ({ ...part, pan: true });

/**
 * What a step takes, part after part: our own estimate, of kitchen batches. What waits takes no
 * hands: a melt melts and cools, a butter is chilled, air rises out of a mixture, a balm sets.
 */
export const stepTime = (catalog: Catalog, step: Step): readonly StepPart[] => {
  switch (step.kind) {
    case 'wipe':
      return [by(0.5 * step.containers)];
    case 'lay-out':
      return [by(0.5 * step.oilIds.length)];
    case 'count': {
      const thick = catalog.oil(step.oilId)?.viscosity.includes('thick') ?? false;
      return [by(0.3 + step.drops * (thick ? dropMinutes.thick : dropMinutes.thin))];
    }
    case 'melt':
      return [inPan(wait((step.minutes[0] + step.minutes[1]) / 2))];
    case 'cool':
      return [inPan(wait(8))];
    case 'combine':
      return step.grain === null ? [by(1), wait(10)] : [by(11)];
    case 'whip':
      return [{ ...inPan(wait(10)), fridge: true }, inPan(by(10))];
    case 'fill':
      return [{ ...by(0.4 * step.line.count), pan: step.hot }];
    case 'set':
      return [
        wait(
          Math.max(...step.kinds.map((kind) => containerFacts(kind).setsInMinutes ?? usualSetting)),
        ),
      ];
    case 'label':
      return [by(0.5 * step.containers)];
    case 'close-all':
      return [by(0.2 * step.lines.reduce((total, { count }) => total + count, 0))];
    case 'warm-in':
    case 'stir-in':
    case 'sift':
      return [inPan(by(usual[step.kind]))];
    default:
      return [by(usual[step.kind])];
  }
};
