import { isAskedAboutPlace, withAnswer, type Answer } from '../brief';
import { isMelted, placeFacts, type Base, type Catalog, type PlaceId } from '../catalog';
import { unique } from '../quantity';
import { isIn, valueIn, type BaseAmount, type OilAmount } from './amount';
import {
  firstLine,
  longestNotUnderstood,
  mostNotUnderstood,
  type ContainerLine,
  type Recipe,
  type RecipeBase,
  type RecipeBrief,
  type RecipeOil,
} from './recipe';

// What can be done to a recipe, each as a function from the old to the new.

export type Edit = (recipe: Recipe) => Recipe;

/** Adds an oil as the others are measured: by parts where a strength is asked, else one drop. */
export const addOil =
  (catalog: Pick<Catalog, 'oil'>, id: string): Edit =>
  (recipe) =>
    recipe.oils.some((oil) => oil.id === id) || !catalog.oil(id)
      ? recipe
      : {
          ...recipe,
          oils: [
            ...recipe.oils,
            { id, amount: { unit: recipe.target ? 'parts' : 'drops', value: 1 } },
          ],
        };

export const removeOil =
  (id: string): Edit =>
  (recipe) => ({
    ...recipe,
    oils: recipe.oils.filter((oil) => oil.id !== id),
    ...(recipe.preDilutions
      ? { preDilutions: recipe.preDilutions.filter((mixed) => mixed.id !== id) }
      : {}),
  });

/** The same oil with another amount; the drop of its bottle stays. */
export const withAmount = ({ id, dropMl }: RecipeOil, amount: OilAmount | null): RecipeOil => ({
  id,
  amount,
  ...(dropMl ? { dropMl } : {}),
});

/** Sets how much of an oil there is; null leaves it without an amount. */
export const setOilAmount =
  (id: string, amount: OilAmount | null): Edit =>
  (recipe) => ({
    ...recipe,
    oils: recipe.oils.map((oil) => (oil.id === id ? withAmount(oil, amount) : oil)),
  });

/** One oil in place of another, with its amount. A measured drop is one of the other bottle's. */
export const swapOil =
  (from: string, to: string): Edit =>
  (recipe) => ({
    ...recipe,
    oils: recipe.oils.map((oil) => (oil.id === from ? { id: to, amount: oil.amount } : oil)),
  });

/** What was worked out for parts is as drops from now on: locked, whatever the target is. */
export const lockDrops =
  (drops: readonly (number | null)[]): Edit =>
  (recipe) => ({
    ...recipe,
    oils: recipe.oils.map((oil, index) => {
      const planned = drops[index] ?? null;
      return isIn(oil.amount, 'parts') && planned !== null
        ? withAmount(oil, { unit: 'drops', value: planned })
        : oil;
    }),
  });

export const changeBrief =
  (brief: Partial<RecipeBrief>): Edit =>
  (recipe) => ({ ...recipe, brief: { ...recipe.brief, ...brief } });

/**
 * Another wearer. What was asked of the one before was not asked of them; what was asked of the
 * blend itself stays.
 */
export const setWearer =
  (wearer: RecipeBrief['wearer'], personId: string | null): Edit =>
  (recipe) => {
    const { brief } = recipe;
    const isSame =
      personId === brief.personId &&
      wearer !== null &&
      brief.wearer !== null &&
      (wearer === 'anyone') === (brief.wearer === 'anyone');
    return changeBrief({
      wearer,
      personId,
      ...(isSame ? {} : { asked: brief.asked.filter(isAskedAboutPlace) }),
    })(recipe);
  };

/** Sets the target; oils that were counted before stay as they are. */
export const setTarget =
  (percent: number | null): Edit =>
  (recipe) => ({ ...recipe, target: percent === null ? null : { percent } });

/** Sets the upper end of the target, or takes it away; one that is no higher than the target is none. */
export const setTargetUpTo =
  (upTo: number | null): Edit =>
  (recipe) => {
    if (!recipe.target) return recipe;
    const { percent } = recipe.target;
    return {
      ...recipe,
      target: upTo === null || upTo <= percent ? { percent } : { percent, upTo },
    };
  };

/** Chooses a place with what follows from it: what is washed off is rinsed off, and out of the sun. */
export const choosePlace =
  (place: PlaceId): Edit =>
  (recipe) => {
    const { use, sun } = recipe.brief;
    const { isRinsed, isCovered } = placeFacts(place);
    const isWashed = place === 'wash-off';
    const alsoOn = (recipe.brief.alsoOn ?? []).filter((other) => other !== place);
    return changeBrief({
      place,
      ...(alsoOn.length > 0 || recipe.brief.alsoOn ? { alsoOn } : {}),
      use: isWashed
        ? 'rinse-off'
        : isRinsed && recipe.brief.place !== 'wash-off'
          ? use
          : 'leave-on',
      sun: isCovered ? sun : 'exposed',
    })(recipe);
  };

/** Puts another place beside the first, or takes it away. */
export const toggleAlsoOn =
  (place: PlaceId): Edit =>
  (recipe) => {
    const { alsoOn = [], place: first } = recipe.brief;
    if (place === first) return recipe;
    const rest = alsoOn.filter((other) => other !== place);
    return changeBrief({
      alsoOn: rest.length < alsoOn.length ? rest : [...alsoOn, place].slice(0, 12),
    })(recipe);
  };

/** Writes down what someone was asked, with what applies to them. */
export const answerBrief =
  (answer: Answer): Edit =>
  (recipe) => {
    const { wearer, asked } = recipe.brief;
    return changeBrief({
      asked: [...new Set([...asked, ...answer.asked])],
      ...(wearer === null || wearer === 'anyone' ? {} : { wearer: withAnswer(wearer, answer) }),
    })(recipe);
  };

/** Shares with which what is not a carrier begins, in percent: to be set by the maker. */
const beginsWith: Partial<Record<Base['kind'], number>> = {
  wax: 20,
  butter: 20,
  dry: 65,
  antioxidant: 0.5,
  solubiliser: 5,
};

/** Beyond this share nothing would be left for the rest, in percent. */
const mostShares = 95;

/**
 * Adds a base as the others are measured: as a part, or beside a carrier with the share of its
 * kind. What is melted or grained is measured by weight.
 */
export const addBase =
  (catalog: Pick<Catalog, 'base'>, id: string): Edit =>
  (recipe) => {
    const base = catalog.base(id);
    if (!base || recipe.bases.some((entry) => entry.id === id)) return recipe;
    const share = beginsWith[base.kind];
    const hasRest = recipe.bases.some(({ amount }) => isIn(amount, 'parts'));
    const taken = recipe.bases.reduce(
      (total, { amount }) => total + (valueIn(amount, 'percent') ?? 0),
      0,
    );
    const amount: BaseAmount =
      share !== undefined && hasRest && taken + share < mostShares
        ? { unit: 'percent', value: share }
        : { unit: 'parts', value: 1 };
    return {
      ...recipe,
      ...(isMelted(base) || base.kind === 'dry' ? { by: 'weight' as const } : {}),
      bases: [...recipe.bases, { id, amount }],
    };
  };

export const removeBase =
  (id: string): Edit =>
  (recipe) => ({ ...recipe, bases: recipe.bases.filter((base) => base.id !== id) });

/** Sets how much of a base there is; null leaves it without an amount. */
export const setBaseAmount =
  (id: string, amount: BaseAmount | null): Edit =>
  (recipe) => ({
    ...recipe,
    bases: recipe.bases.map((base) => (base.id === id ? { id, amount } : base)),
  });

/** Sets all lines of containers; without one nothing changes. */
export const setContainers =
  (containers: readonly ContainerLine[]): Edit =>
  (recipe) =>
    containers.length === 0 ? recipe : { ...recipe, containers: [...containers] };

/** Another container in the first line; the others stay. */
export const setFirstContainer =
  (container: ContainerLine['container']): Edit =>
  (recipe) => ({
    ...recipe,
    containers: [{ ...firstLine(recipe), container }, ...recipe.containers.slice(1)],
  });

/** Sets how it is mixed, and what one use takes. */
export const setMixing =
  (
    mixing: Partial<
      Pick<Recipe, 'mixedInOne' | 'lossPercent' | 'whipPercent' | 'useMl' | 'useCount'>
    >,
  ): Edit =>
  (recipe) => ({ ...recipe, ...mixing });

/** The share of parts that one base alone has is "the rest", whatever the number. */
export const isRest = (bases: readonly RecipeBase[], { amount }: RecipeBase): boolean =>
  isIn(amount, 'parts') &&
  bases.length > 1 &&
  bases.filter((base) => isIn(base.amount, 'parts')).length === 1;

/** How all of a list are written: by one unit, by amounts, or in several ways. */
export type WrittenBy = 'parts' | 'percent' | 'amounts' | 'several';

const writtenBy = (
  entries: readonly { readonly amount: OilAmount | BaseAmount | null }[],
): WrittenBy => {
  const all = (unit: 'parts' | 'percent') => entries.every(({ amount }) => isIn(amount, unit));
  if (all('parts')) return 'parts';
  if (all('percent')) return 'percent';
  return entries.some(({ amount }) => isIn(amount, 'parts') || isIn(amount, 'percent'))
    ? 'several'
    : 'amounts';
};

/** How the oils of a recipe are written. */
export const oilsWrittenBy = ({ oils }: Pick<Recipe, 'oils'>): WrittenBy => writtenBy(oils);

/** How the bases of a recipe are written; a rest beside percents counts as by percent. */
export const basesWrittenBy = ({ bases }: Pick<Recipe, 'bases'>): WrittenBy => {
  const way = writtenBy(bases);
  return way === 'several' &&
    bases.every(({ amount }) => isIn(amount, 'parts') || isIn(amount, 'percent'))
    ? 'percent'
    : way;
};

/** What is not understood beside what was not before, each once and as long as it may be kept. */
export const addNotUnderstood =
  (texts: readonly string[]): Edit =>
  (recipe) => ({ ...recipe, notUnderstood: withinBounds([...recipe.notUnderstood, ...texts]) });

/** The last of too many stands for all the others: answering those that are shown is not all. */
const withinBounds = (given: readonly string[]): string[] => {
  const texts = unique(given.map((text) => text.slice(0, longestNotUnderstood).trim())).filter(
    (text) => text !== '',
  );
  return texts.length <= mostNotUnderstood
    ? texts
    : [
        ...texts.slice(0, mostNotUnderstood - 1),
        `… and ${texts.length - mostNotUnderstood + 1} more lines of the recipe`,
      ];
};

/** Something that was not understood is answered: it is none of the recipe, or it is in it by now. */
export const clearNotUnderstood =
  (text: string): Edit =>
  (recipe) => ({
    ...recipe,
    notUnderstood: recipe.notUnderstood.filter((entry) => entry !== text),
  });
