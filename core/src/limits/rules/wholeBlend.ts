import { essentialShare, sureWeights } from '../../mixture';
import { isPast } from '../../quantity';
import { finding, type Finding } from '../finding';
import { isCareful, wholeBlendLimit } from '../guideline';
import { guidelineIds, type Question } from '../question';
import { shareOfSum, type SumsOf } from '../sumLimit';
import { isBlockingPast, type FindingVerdict } from '../verdict';

/** All essential oil together, against the maximum of the guidelines that apply. */
export const wholeBlendSums: SumsOf = (oils, brief, guideline, by) => {
  const { maximum, recommended } = wholeBlendLimit(brief, guideline);
  return [
    {
      rule: 'whole-blend',
      subject: 'blend',
      by,
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
 * recommended strength, of all guidelines that apply, in the measure in which it is shown. Past twice the maximum there is
 * no way round, whatever the guideline: it is the higher of the guidelines' that is doubled,
 * so that choosing another does not make a blocking "over" overridable.
 */
export const wholeBlend = (question: Question): Finding[] => {
  const { mixture, poured, brief, guideline, by } = question;
  const limit = wholeBlendLimit(brief, guideline);
  const oils = mixture.oils.map(({ oil }) => oil);
  return wholeBlendSums(oils, brief, guideline, by).flatMap((sum): Finding[] => {
    // The mixture has worked this sum out for itself.
    // What of a ready-made blend is essential oil no one may have said: that counts for nothing here,
    // and is a finding of its own.
    const isShareKnown = poured.oils.every(({ oil }) => oil.essentialShare !== null);
    const known = oils.map(({ essentialShare: share }) => share ?? (share === null ? 0 : 1));
    const { byVolume, byWeight } = shareOfSum(question, { weights: sureWeights(known) });
    const value = by === 'weight' ? byWeight : byVolume;
    if (!isShareKnown && !isPast(value.likely, sum.cap)) return [];
    const highest = Math.max(
      ...guidelineIds.map((guidelineId) =>
        Math.min(
          ...wholeBlendLimit(brief, guidelineId)
            .rows.filter(({ isTeaching }) => !isTeaching)
            .map(({ maximum }) => maximum),
        ),
      ),
    );
    const because = limit.binding.about;
    const common = {
      rule: sum.rule,
      value,
      limit: sum.cap,
      unit: '%',
      by,
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
