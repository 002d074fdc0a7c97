import { ageInWords, type Wearer } from '../brief';
import { weighedAs, type Step } from '../making';
import { baseShare } from '../mixture';
import {
  isIn,
  isRest,
  setFirstContainer,
  valueIn,
  withAmount,
  type Recipe,
  type RecipeOil,
} from '../recipe';
import type { Made } from './made';

/** What was written again comes from the bottles of today. */
const fromToday = (recipe: Recipe): Recipe => ({
  ...recipe,
  oils: recipe.oils.map(({ bottle: _bottle, ...rest }) => rest),
  bases: recipe.bases.map(({ bottle: _bottle, ...rest }) => rest),
});

/** The recipe of a batch as a new one, as it was planned. */
export const recipeAsPlanned = fromToday;

/**
 * A batch as a recipe again, as it was made: the drops that fell, what was weighed, and the oils
 * that were added after smelling, in the container that it went into. Where several bottles differ
 * it is as in the first. An oil of which nothing went in is left out. Of a batch with nothing in it
 * the plan is all there is.
 *
 * @param planned the recipe that the batch was made of
 */
export const recipeAsMade = (planned: Recipe, made: Made): Recipe => {
  const { blend, containers, tally } = made;
  const recipe = fromToday(planned);
  const first = containers.find(({ isEmpty }) => !isEmpty);
  if (!first) return recipe;
  const { mixture } = first.evaluation;
  const moved = tally.movedTo.get(first.number);
  const inContainer = moved === undefined ? recipe : setFirstContainer({ id: moved })(recipe);
  const measuredOils = new Map(
    made.planned.flatMap((step) => {
      const measured = step.kind === 'measure' && step.container === first.number;
      const amount = measured ? tally.measured.get(step.id) : undefined;
      return measured && amount ? [[step.oilId, amount] as const] : [];
    }),
  );
  const asWeighed = weighedOff(made).length > 0;
  const amounts = inContainer.oils.flatMap((oil, index) => {
    const mixed = mixture.oils[index];
    if (!mixed || mixed.ml.likely === 0) return [];
    const measured = measuredOils.get(oil.id);
    if (measured) return [withAmount(oil, measured)];
    return [
      isIn(oil.amount, 'drops') && mixed.drops !== null
        ? withAmount(oil, { unit: 'drops', value: mixed.drops })
        : oil,
    ];
  });
  const added = addedOils(made, first.number).filter(
    ({ id }) => !amounts.some((oil) => oil.id === id),
  );
  return {
    ...inContainer,
    oils: [...amounts, ...added],
    bases: inContainer.bases.map((entry) => {
      const mixed = mixture.bases.find(({ base }) => base.id === entry.id);
      return asWeighed && mixed && !isRest(inContainer.bases, entry)
        ? {
            ...entry,
            amount: {
              unit: 'percent',
              value: hundredth(baseShare(mixture, mixed, blend.formula.by)),
            },
          }
        : entry;
    }),
  };
};

const hundredth = (value: number): number => Math.max(0.01, Math.round(100 * value) / 100);

/** Bases of which the scale said something else than was wanted, beyond what no scale tells apart. */
const weighedOff = ({ planned, tally }: Made): readonly Step[] =>
  planned.filter((step) => {
    const measured = step.kind === 'weigh' ? tally.measured.get(step.id) : undefined;
    return (
      step.kind === 'weigh' &&
      measured?.unit === 'g' &&
      weighedAs(measured.value, step.g) !== 'right'
    );
  });

/** Oils that were added on purpose, in whole drops. */
const addedOils = ({ tally }: Made, container: number): readonly RecipeOil[] => {
  const drops = new Map<string, number>();
  for (const record of [...tally.additions.filter(({ intended }) => intended), ...tally.amended]) {
    if (record.container !== container || record.ingredient === null) continue;
    if (record.amount?.unit !== 'drops') continue;
    drops.set(record.ingredient, (drops.get(record.ingredient) ?? 0) + record.amount.value);
  }
  return [...drops].map(([id, value]) => ({ id, amount: { unit: 'drops', value } }));
};

/** True where what was made is what was planned, in every container. */
export const isAsPlanned = ({ oils }: Recipe, made: Made): boolean =>
  made.tally.movedTo.size === 0 &&
  made.tally.additions.every(({ intended }) => !intended) &&
  made.tally.amended.length === 0 &&
  weighedOff(made).length === 0 &&
  made.tally.filledTo.size === 0 &&
  made.containers.every(({ evaluation: { mixture } }) =>
    oils.every(({ amount }, index) => {
      const drops = valueIn(amount, 'drops');
      const mixed = mixture.oils[index];
      return drops === undefined ? (mixed?.ml.likely ?? 0) > 0 : mixed?.drops === drops;
    }),
  );

/** One thing that has changed of someone between two days. */
export type WearerChange =
  | { readonly code: 'age'; readonly months: number; readonly beforeMonths: number }
  | { readonly code: 'pregnant' | 'breastfeeding'; readonly is: boolean }
  | { readonly code: 'skin'; readonly skin: Wearer['skin']; readonly before: Wearer['skin'] }
  | { readonly code: 'condition' | 'allergy'; readonly what: string; readonly is: boolean };

const differing = (
  code: 'condition' | 'allergy',
  before: readonly string[],
  after: readonly string[],
): WearerChange[] => [
  ...after.filter((text) => !before.includes(text)).map((what) => ({ code, what, is: true })),
  ...before.filter((text) => !after.includes(text)).map((what) => ({ code, what, is: false })),
];

/** A month more is nothing new where the age is reported in years. */
const isSameAge = (before: Wearer, after: Wearer): boolean => {
  const [then, now] = [ageInWords(before.ageMonths), ageInWords(after.ageMonths)];
  return then.years === now.years && then.months === now.months;
};

/** What has changed of someone between two days; none where nothing has. */
export const wearerChanges = (before: Wearer, after: Wearer): WearerChange[] => [
  ...(isSameAge(before, after)
    ? []
    : [{ code: 'age', months: after.ageMonths, beforeMonths: before.ageMonths } as const]),
  ...(['pregnant', 'breastfeeding'] as const).flatMap((code): WearerChange[] =>
    before[code] === after[code] ? [] : [{ code, is: after[code] }],
  ),
  ...(before.skin === after.skin
    ? []
    : [{ code: 'skin', skin: after.skin, before: before.skin } as const]),
  ...differing('condition', before.conditions, after.conditions),
  ...differing('allergy', before.allergies, after.allergies),
];
