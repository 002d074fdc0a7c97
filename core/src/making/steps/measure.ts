import { isDensityAssumed, type OilInBlend } from '../../mixture';
import type { StepKind } from './stepKind';

export interface MeasureStep {
  readonly id: string;
  readonly kind: 'measure';
  /** Number of the container, from 0. */
  readonly container: number;
  readonly oilId: string;
  readonly ml: number;
  /** Null where the density is assumed. */
  readonly g: number | null;
}

/** The ml of one oil into one container. */
export const measureInto = ({ oil, ml, g }: OilInBlend, container: number): MeasureStep => ({
  id: `measure/${container}/${oil.id}`,
  kind: 'measure',
  container,
  oilId: oil.id,
  ml: ml.likely,
  g: isDensityAssumed(oil) ? null : g.likely,
});

/** Oils that are measured in ml or g. */
export const measure: StepKind<MeasureStep> = {
  kind: 'measure',
  puts: 'oil',
  plan: ({ oils, numbers }) =>
    numbers.flatMap((number) =>
      oils.flatMap((oil) => (oil.drops === null ? [measureInto(oil, number)] : [])),
    ),
};
