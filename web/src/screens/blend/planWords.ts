import {
  formatDrops,
  formatMl,
  predilution,
  findOil,
  formatList,
  formatPercent,
  subjectName,
  type DropPlan,
  type LimitName,
} from '@jubbet/core';

const limitWords = ({ rule, subject }: LimitName): string => {
  switch (rule) {
    case 'whole-blend':
      return 'the maximum of the whole blend';
    case 'light-sum':
      return 'the shared light limit';
    case 'oil-maximum':
      return `${subjectName(subject).toLowerCase()}’s own maximum`;
    case 'constituent':
      return `the cap that oils share on ${subject}`;
    case 'fill':
      return 'the size of the bottle';
    default:
      return rule;
  }
};

const mayBeUsed = (oilId: string): boolean => {
  const oil = findOil(oilId);
  return oil !== undefined && !oil.keepOffSkin && oil.notForHomeBlending === null;
};

/** The way out of a drop that is too large: a bigger bottle, or a dilution with its recipe. */
const thinned = (mostMl: number, dropMl: number): string => {
  if (mostMl <= 0) return 'The others leave no room for it.';
  const { carrierMl, share } = predilution(mostMl, dropMl);
  const drops = Math.round(carrierMl / dropMl);
  return `Take a bigger bottle, or thin it first: 1 drop of it and ${formatDrops(drops)} of carrier (${formatMl(carrierMl)}), ${formatPercent(100 * share)}; of that one drop may go in, by ml.`;
};

/** What kept the drops below what was asked, in sentences; none where nothing did. */
export const planWords = (
  plan: DropPlan,
  fillMl: number,
  dropMl: (oilId: string) => number,
  looking: boolean,
): string[] => [
  ...(plan.binding.length > 0 &&
  plan.askedMl !== null &&
  formatPercent((100 * plan.reachedMl) / fillMl) !== formatPercent((100 * plan.askedMl) / fillMl)
    ? [
        `Held at ${formatPercent((100 * plan.reachedMl) / fillMl)} by ${formatList(
          plan.binding.map(limitWords),
        )}; ${formatPercent((100 * plan.askedMl) / fillMl)} was asked.`,
      ]
    : []),
  // What must not be used at all is said by the verdict; a bigger bottle would not mend it.
  ...plan.leftOut
    .filter(({ oilId }) => mayBeUsed(oilId))
    .map(({ oilId, because, mostMl }) => {
      const why = because.length > 0 ? ` for ${formatList(because.map(limitWords))}` : '';
      return `${subjectName(oilId)} is left out: one drop is already too much${why}. ${thinned(mostMl, dropMl(oilId))}`;
    }),
  ...(plan.proved
    ? []
    : [
        looking
          ? 'These are the nearest drops found so far. Jubbet is still looking.'
          : `Another choice of drops may lie nearer, by at most ${formatMl(plan.nearerByMl, 1)} in all.`,
      ]),
];
