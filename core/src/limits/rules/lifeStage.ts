import { materialSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import { knownWearer, type Question } from '../question';

/** Rule 6. Oils to avoid, or to be careful with, in pregnancy and nursing. */
export const lifeStage = ({ mixture, brief }: Question): Finding[] => {
  const wearer = knownWearer(brief);
  const common = { rule: 'life-stage', source: 'EOS2' } as const;
  const stages = (['pregnant', 'breastfeeding'] as const).filter(
    (stage) => !wearer || wearer[stage],
  );
  const found = mixture.oils.flatMap(({ oil }): Finding[] => {
    const says = (stage: 'pregnant' | 'breastfeeding') =>
      stage === 'pregnant' ? oil.pregnancy : oil.breastfeeding;
    const avoided = stages.filter((stage) => says(stage) === 'avoid');
    const cautioned = stages.filter((stage) => says(stage) === 'caution');
    const told = avoided.length > 0 ? avoided : cautioned;
    if (told.length === 0) return [];
    const over = wearer !== null && avoided.length > 0;
    return [
      finding({
        ...common,
        verdict: over ? 'over' : 'caution',
        blocking: over,
        subject: oil.id,
        source: materialSource(oil, 'EOS2'),
        forAnyone: wearer === null,
        reason: { code: 'life-stage', stages: told },
      }),
    ];
  });
  return found.length > 0
    ? found
    : [finding({ ...common, verdict: 'within', reason: { code: 'nothing-found' } })];
};
