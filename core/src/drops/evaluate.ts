import { measured, mix, type Mixture } from '../mixture';
import { fillMl } from '../catalog';
import { isNeverForSkin, judge, type Judgement } from '../limits';
import { judgedAs, type Judged } from './blend';
import { wholeDrops, type DropPlan } from './wholeDrops';

/** A blend worked out: drops, amounts, strength, and what the limits say. */
export interface Evaluation extends Judgement {
  readonly plan: DropPlan;
  readonly mixture: Mixture;
}

/**
 * Works a blend out for one container.
 *
 * @param formula at least one base; on likely drops the oils fit under the fill line
 * @param known the drops of its parts where they are known already
 */
export const evaluate = (blend: Judged, known?: DropPlan): Evaluation => {
  const { formula, brief, guideline } = blend;
  const plan = known ?? wholeDrops(formula, brief, guideline);
  const mixture = mix(
    formula.oils.map((entry, index) => measured(entry, formula.dropsPerMl, plan.drops[index] ?? 0)),
    formula.bases,
    fillMl(formula.container),
  );
  // What is not in it leaves no trace; what was asked for and is never for skin says why it is not.
  const judged = mixture.oils.filter(
    ({ ml, oil }, index) =>
      ml.high > 0 || (formula.oils[index]?.measure.by === 'parts' && isNeverForSkin(oil)),
  );
  return {
    plan,
    mixture,
    ...judge(judgedAs(blend, { ...mixture, oils: judged })),
  };
};
