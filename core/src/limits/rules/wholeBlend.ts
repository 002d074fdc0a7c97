import { isPast } from '../../quantity/compare';
import { isLarger, larger } from '../../quantity/range';
import { finding, type Finding } from '../finding';
import { wholeBlendLimit } from '../guideline';
import { schools, type Question } from '../question';
import { isHardPast, type Verdict } from '../verdict';

/**
 * Rule 1. All essential oil together against the lowest maximum, and the lowest
 * recommended strength, of all guidelines that apply. Past twice the maximum there is
 * no way round, whatever the school: it is the higher of the schools' that is doubled, so
 * that choosing another does not make a hard "over" soft.
 */
export const wholeBlend = ({ mixture, brief, school }: Question): Finding[] => {
  const limit = wholeBlendLimit(brief, school);
  const value = larger(mixture.strength.byVolume, mixture.strength.byWeight);
  const highest = Math.max(...schools.map((one) => wholeBlendLimit(brief, one).maximum));
  const because = limit.binding.about;
  const common = {
    rule: 'whole-blend',
    value,
    limit: limit.maximum,
    unit: '%',
    by: isLarger(mixture.strength.byVolume, mixture.strength.byWeight) ? 'weight' : 'volume',
    source: limit.binding.source,
    rinsedOff: brief.use === 'rinse-off',
  } as const;
  if (limit.maximum === 0) {
    const holds = mixture.oils.length === 0;
    const hard = !holds && highest === 0;
    return [
      finding({
        ...common,
        verdict: holds ? 'holds' : 'over',
        hard,
        reason: { code: 'whole-blend-none', because },
      }),
    ];
  }
  const verdict: Verdict = isPast(value.likely, limit.maximum)
    ? 'over'
    : isPast(value.likely, limit.recommended) || isPast(value.high, limit.maximum)
      ? 'mind'
      : 'holds';
  return [
    finding({
      ...common,
      verdict,
      hard: verdict === 'over' && isHardPast(value, highest),
      reason: { code: 'whole-blend', recommended: limit.recommended, because },
    }),
  ];
};
