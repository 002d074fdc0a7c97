import { measured } from '../blend/drops';
import { mix, type Mixture } from '../blend/mixture';
import { fillMl } from '../brief/vessel';
import { judge, type Judgement } from '../limits/judge';
import type { Blend } from './blend';
import { wholeDrops, type DropPlan } from './wholeDrops';

/** A blend worked out: drops, amounts, strength, and what the limits say. */
export interface Evaluation extends Judgement {
  readonly plan: DropPlan;
  readonly mixture: Mixture;
}

/**
 * Works a blend out for one vessel.
 *
 * @param formula at least one base; on likely drops the oils fit under the fill line
 * @param known the drops of its parts where they are known already
 */
export const evaluate = (
  { formula, brief, school }: Pick<Blend, 'formula' | 'brief' | 'school'>,
  known?: DropPlan,
): Evaluation => {
  const plan = known ?? wholeDrops(formula, brief, school);
  const mixture = mix(
    formula.oils.map((entry, index) => measured(entry, formula.dropSchool, plan.drops[index] ?? 0)),
    formula.bases,
    fillMl(formula.vessel),
  );
  // Nought drops typed is an oil taken out; nought drops by parts was asked for and is judged.
  const judged = mixture.oils.filter(
    ({ ml }, index) => ml.high > 0 || formula.oils[index]?.measure.by === 'parts',
  );
  return {
    plan,
    mixture,
    ...judge({
      mixture: { ...mixture, oils: judged },
      brief,
      school,
      vessels: formula.into ?? [formula.vessel.kind],
    }),
  };
};
