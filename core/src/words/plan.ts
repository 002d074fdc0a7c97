import { nameIn, type Catalog } from '../catalog';
import type { DropPlan, LimitName } from '../drops';
import { formatList, formatMl, formatPercent } from './numbers';
import { nameInSentence } from './inSentence';

const limitWords = (catalog: Catalog, { rule, subject }: LimitName): string => {
  switch (rule) {
    case 'whole-blend':
      return 'the maximum of the whole blend';
    case 'light-sum':
      return 'the phototoxic limit';
    case 'oil-maximum':
      return `${nameInSentence(catalog, subject)}’s dermal maximum`;
    case 'constituent':
      return `the combined ${subject} limit`;
    case 'fill':
      return 'the size of the bottle';
    default:
      return rule;
  }
};

const mayBeUsed = (catalog: Catalog, oilId: string): boolean => {
  const oil = catalog.oil(oilId);
  return oil !== undefined && !oil.keepOffSkin && oil.notForHomeBlending === null;
};

/** The way out of a drop that is too large. */
const wayOut = (mostMl: number): string =>
  mostMl <= 0
    ? 'The other oils leave no room for it.'
    : 'A larger container would take it, or a pre-dilution.';

/** The target is passed because one drop of each is more than it. */
const isLeast = ({ drops, targetMl, reachedMl }: DropPlan): boolean => {
  const counted = drops.filter((count) => count !== null && count > 0);
  return (
    targetMl !== null &&
    reachedMl > targetMl &&
    counted.length > 0 &&
    counted.every((count) => count === 1)
  );
};

/**
 * What kept the drops below the target, in sentences; none where nothing did.
 *
 * @param looking true while a longer search goes on
 */
export const planWords = (
  catalog: Catalog,
  plan: DropPlan,
  fillMl: number,
  looking: boolean,
): string[] => {
  const limits = (names: readonly LimitName[]): string =>
    formatList(names.map((name) => limitWords(catalog, name)));
  const reached = formatPercent((100 * plan.reachedMl) / fillMl);
  const target = plan.targetMl === null ? null : formatPercent((100 * plan.targetMl) / fillMl);
  return [
    ...(plan.binding.length > 0 &&
    plan.targetMl !== null &&
    plan.reachedMl < plan.targetMl &&
    reached !== target
      ? [`Reduced from ${target} to ${reached} because of ${limits(plan.binding)}.`]
      : []),
    ...(isLeast(plan) && target !== null && reached !== target
      ? [`${reached}, not the target of ${target}: one drop of each is the least you can add.`]
      : []),
    // What must not be used at all is stated by the verdict; a bigger bottle would not mend it.
    ...plan.leftOut
      .filter(({ oilId }) => mayBeUsed(catalog, oilId))
      .map(({ oilId, because, mostMl }) => {
        const why = because.length > 0 ? ` for ${limits(because)}` : '';
        return `${nameIn(catalog, oilId)} is left out: one drop is already too much${why}. ${wayOut(mostMl)}`;
      }),
    ...(plan.proved
      ? []
      : [
          looking
            ? 'These are the closest drops found so far. Jubbet is still looking.'
            : `Another set of drops may be closer, by at most ${formatMl(plan.nearerByMl, 1)} in total.`,
        ]),
  ];
};
