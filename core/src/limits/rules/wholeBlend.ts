import { essentialShare, sureWeights } from '../../mixture';
import { isLarger, isPast, larger } from '../../quantity';
import { finding, type Finding } from '../finding';
import { isCareful, wholeBlendLimit } from '../guideline';
import { guidelineIds, type Question } from '../question';
import type { SumsOf } from '../sumLimit';
import { isBlockingPast, type FindingVerdict } from '../verdict';

/** All essential oil together, against the maximum of the guidelines that apply. */
export const wholeBlendSums: SumsOf = (oils, brief, guideline) => {
  const { maximum, recommended } = wholeBlendLimit(brief, guideline);
  return [
    {
      rule: 'whole-blend',
      subject: 'blend',
      weights: sureWeights(oils.map(essentialShare)),
      cap: maximum,
      most: maximum,
      comfortableLikely: isCareful(brief) ? recommended : maximum,
      comfortableHigh: Infinity,
    },
  ];
};

/**
 * Rule 1. All essential oil together against the lowest maximum, and the lowest
 * recommended strength, of all guidelines that apply. Past twice the maximum there is
 * no way round, whatever the guideline: it is the higher of the guidelines' that is doubled,
 * so that choosing another does not make a blocking "over" overridable.
 */
export const wholeBlend = ({ mixture, poured, brief, guideline }: Question): Finding[] => {
  const limit = wholeBlendLimit(brief, guideline);
  const oils = mixture.oils.map(({ oil }) => oil);
  return wholeBlendSums(oils, brief, guideline).flatMap((sum): Finding[] => {
    // The mixture has worked this sum out for itself.
    const { byVolume, byWeight } = poured.strength;
    const value = larger(byVolume, byWeight);
    const highest = Math.max(
      ...guidelineIds.map((guidelineId) => wholeBlendLimit(brief, guidelineId).maximum),
    );
    const because = limit.binding.about;
    const common = {
      rule: sum.rule,
      value,
      limit: sum.cap,
      unit: '%',
      by: isLarger(byVolume, byWeight) ? 'weight' : 'volume',
      source: limit.binding.source,
      rinsedOff: brief.use === 'rinse-off',
    } as const;
    if (sum.cap === 0) {
      const isWithin = mixture.oils.length === 0;
      const none = finding({
        ...common,
        verdict: isWithin ? 'within' : 'over',
        blocking: !isWithin && highest === 0,
        reason: { code: 'whole-blend-none', because },
      });
      // A breach of the next guideline does not vanish behind the one that allows nothing.
      const next = [...limit.rows]
        .filter(({ maximum }) => maximum > 0 && isPast(value.likely, maximum))
        .sort((a, b) => a.maximum - b.maximum)[0];
      return next && !isWithin
        ? [
            none,
            finding({
              ...common,
              verdict: 'over',
              limit: next.maximum,
              source: next.source,
              reason: { code: 'whole-blend', recommended: next.recommended, because: next.about },
            }),
          ]
        : [none];
    }
    const verdict: FindingVerdict = isPast(value.likely, sum.cap)
      ? 'over'
      : isPast(value.likely, limit.recommended)
        ? isCareful(brief)
          ? 'caution'
          : 'note'
        : 'within';
    return [
      finding({
        ...common,
        verdict,
        blocking: verdict === 'over' && isBlockingPast(value, highest),
        reason: { code: 'whole-blend', recommended: limit.recommended, because },
      }),
    ];
  });
};
