import { isLarger } from '../../quantity/range';
import { figureSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import { ownMaximum } from '../ownMaximum';
import type { Question } from '../question';
import { againstLimit, atLeast, isHardPast } from '../verdict';

/** Places with stricter caps than the general ones, of which no figure is held. */
export const placesWithStricterCaps: ReadonlySet<string> = new Set(['lips', 'underarm']);

/**
 * Rule 2. Each oil against its own dermal maximum. A maximum that rests on light
 * belongs to the light rule, one that rests on constituents to theirs.
 */
export const oilMaximum = ({ mixture, brief }: Question): Finding[] => {
  const stricter = placesWithStricterCaps.has(brief.place);
  return mixture.oils.flatMap(({ oil, percent, byVolume, byWeight }): Finding[] => {
    const { status, basis } = oil.dermalMaximum;
    const limit = ownMaximum(oil, brief);
    const common = {
      rule: 'oil-maximum',
      subject: oil.id,
      value: percent,
      unit: '%',
      by: isLarger(byVolume, byWeight) ? 'weight' : 'volume',
      source: figureSource(oil, 'maximum', 'EOS2'),
      rinsedOff: brief.use === 'rinse-off',
    } as const;
    if (limit !== null) {
      const verdict = againstLimit(percent, limit);
      return [
        finding({
          ...common,
          verdict: stricter ? atLeast(verdict, 'mind') : verdict,
          hard: verdict === 'over' && isHardPast(percent, limit),
          limit,
          reason:
            stricter && verdict !== 'over'
              ? { code: 'stricter-place' }
              : { code: 'oil-maximum', basis, assumed: status === 'assumed' },
        }),
      ];
    }
    if (stricter) {
      return [finding({ ...common, verdict: 'mind', reason: { code: 'stricter-place' } })];
    }
    return status === 'none stated'
      ? [finding({ ...common, verdict: 'holds', reason: { code: 'no-maximum-stated' } })]
      : [];
  });
};
