import { isDensityAssumed, type OilInBlend } from '../../mixture';
import type { StepKind } from './stepKind';

export interface CountStep {
  readonly id: string;
  readonly kind: 'count';
  /** Number of the container, from 0. */
  readonly container: number;
  readonly oilId: string;
  readonly drops: number;
  /** So few are as planned, too. */
  readonly atLeast?: number;
  /** What they come to on likely drops, in g; null where the density is assumed. */
  readonly g: number | null;
}

/** The drops of one oil into one container. */
export const countInto = (
  { oil, g, atLeast }: OilInBlend,
  drops: number,
  container: number,
): CountStep => ({
  id: `count/${container}/${oil.id}`,
  kind: 'count',
  container,
  oilId: oil.id,
  drops,
  ...(atLeast === undefined || atLeast >= drops ? {} : { atLeast }),
  g: isDensityAssumed(oil) ? null : g.likely,
});

/** Oils that are counted in, drop by drop. */
export const count: StepKind<CountStep> = {
  kind: 'count',
  puts: 'oil',
  plan: ({ oils, numbers }) =>
    numbers.flatMap((number) =>
      oils.flatMap((oil) => (oil.drops === null ? [] : [countInto(oil, oil.drops, number)])),
    ),
};

/** True where as many fell as were planned: of a range any number in it. */
export const isAsPlanned = ({ drops, atLeast = drops }: CountStep, count: number): boolean =>
  count >= atLeast && count <= drops;
