import { measured, mix, type Mixture } from '../mixture';
import { fillMl } from '../catalog';
import { judge, type Judgement } from '../limits';
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
  // Zero drops typed is an oil taken out; zero drops by parts was asked for and is judged.
  const judged = mixture.oils.filter(
    ({ ml }, index) => ml.high > 0 || formula.oils[index]?.measure.by === 'parts',
  );
  return {
    plan,
    mixture,
    ...judge(judgedAs(blend, { ...mixture, oils: judged })),
  };
};
