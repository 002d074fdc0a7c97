import { asItLies, type BaseInBlend } from '../../mixture';
import type { Range } from '../../quantity';
import type { LooseAmount } from '../../recipe';
import type { StepKind } from './stepKind';

/** Into what a base is weighed: the pan that is heated, a jug, or the bowl of grains. */
export type Into = 'pan' | 'jug' | 'bowl';

export interface WeighStep {
  readonly id: string;
  readonly kind: 'weigh';
  readonly baseId: string;
  readonly into: Into;
  readonly g: number;
  /** What may lie in so many spoons, in g; null where it is weighed to begin with. */
  readonly gRange: Range | null;
  /** As it is measured: powders as they lie. */
  readonly ml: number;
  /** As it was typed, where that was by spoons or cups. */
  readonly loose: LooseAmount | null;
}

const weighInto =
  (into: Into) =>
  (baseInBlend: BaseInBlend): WeighStep => ({
    id: `weigh/0/${baseInBlend.base.id}`,
    kind: 'weigh',
    baseId: baseInBlend.base.id,
    into,
    g: baseInBlend.g.likely,
    gRange: baseInBlend.loose ? baseInBlend.g : null,
    ml: asItLies(baseInBlend),
    loose: baseInBlend.loose ?? null,
  });

/** Each base of what is mixed in one, into the pan, the jug or the bowl. */
export const weigh: StepKind<WeighStep> = {
  kind: 'weigh',
  puts: 'base',
  plan: ({ melted, liquid, late, dry }) => [
    ...melted.map(weighInto('pan')),
    ...liquid.map(weighInto('jug')),
    ...late.map(weighInto('jug')),
    ...dry.map(weighInto('bowl')),
  ],
};
