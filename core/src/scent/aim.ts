import { smellFamilies, type SmellFamily } from '../catalog';
import type { Scent } from './scentOf';

/** Towards what a blend is to smell. */
export type SmellAim =
  | { readonly kind: 'more'; readonly family: SmellFamily }
  | { readonly kind: 'less'; readonly family: SmellFamily }
  /** More of it is left to smell in the evening. */
  | { readonly kind: 'longer' }
  /** One oil steps back. */
  | { readonly kind: 'quieter'; readonly oilId: string };

/** A gain is smelt from so much of a share on: our own figure, below it nobody tells the difference. */
export const smallestGain = 0.01;

const meanBetween = (
  minutes: readonly number[],
  values: readonly number[],
  from: number,
  to: number,
): number => {
  const inside = values.filter((_, n) => (minutes[n] ?? 0) >= from && (minutes[n] ?? 0) <= to);
  return inside.length === 0 ? 0 : inside.reduce((sum, value) => sum + value, 0) / inside.length;
};

const share = (part: number, all: number): number => (all > 0 ? part / all : 0);

/** How near a blend is to an aim, from 0 to about 1: more is nearer. */
export const nearness = (aim: SmellAim, { minutes, families, oils }: Scent): number => {
  const mean = (values: readonly number[], from = 1, to = 120): number =>
    meanBetween(minutes, values, from, to);
  const ofFamily = (family: SmellFamily): number => mean(families.get(family) ?? []);
  const all = smellFamilies.reduce((sum, family) => sum + ofFamily(family), 0);
  switch (aim.kind) {
    case 'more':
      return share(ofFamily(aim.family), all);
    case 'less':
      return 1 - share(ofFamily(aim.family), all);
    case 'longer': {
      const late = [...families.values()].reduce((sum, values) => sum + mean(values, 240, 480), 0);
      return share(late, late + all);
    }
    case 'quieter': {
      const total = [...oils.values()].reduce((sum, values) => sum + mean(values), 0);
      return 1 - share(mean(oils.get(aim.oilId) ?? []), total);
    }
  }
};
