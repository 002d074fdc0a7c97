import type { LooseAmount, BaseAmount } from './amount';
import {
  emptyRecipe,
  type ContainerLine,
  type Recipe,
  type RecipeBase,
  type RecipeContainer,
  type RecipeOil,
} from './recipe';

// Recipes as tests write them: short.

type Measures = Partial<Record<'drops' | 'ml' | 'g' | 'parts' | 'percent', number>>;

/** An oil with one measure, `{ id: 'lavender', drops: 2 }`. */
export type ShortOil = Measures & Pick<RecipeOil, 'id' | 'dropMl'>;

/** A base with one measure; spoons as they were typed. */
export type ShortBase = Measures & {
  readonly id: string;
  readonly loose?: Omit<LooseAmount, 'unit' | 'measure'> & {
    readonly unit: LooseAmount['measure'];
  };
};

/** A recipe of which only what matters is written. */
export type ShortRecipe = Partial<Omit<Recipe, 'oils' | 'bases' | 'containers' | 'brief'>> & {
  readonly brief?: Partial<Recipe['brief']>;
  readonly oils?: readonly ShortOil[];
  readonly bases?: readonly ShortBase[];
  readonly container?: RecipeContainer;
  readonly count?: number;
  readonly more?: readonly ContainerLine[];
};

const units = ['drops', 'ml', 'g', 'parts', 'percent'] as const;

const amountIn = (measures: Measures) => {
  const unit = units.find((entry) => measures[entry] !== undefined);
  return unit === undefined ? null : { unit, value: measures[unit] ?? 0 };
};

const baseAmount = ({ loose, ...measures }: ShortBase): BaseAmount | null => {
  if (!loose) return amountIn(measures) as BaseAmount | null;
  const { unit: measure, ...rest } = loose;
  return { unit: 'loose', measure, ...rest };
};

export const recipeFrom = ({
  oils = [],
  bases = [],
  container = { id: 'roll-on-10' },
  count = 1,
  more = [],
  brief,
  ...rest
}: ShortRecipe): Recipe => ({
  ...emptyRecipe(),
  ...rest,
  brief: { ...emptyRecipe().brief, ...brief },
  containers: [{ container, count }, ...more],
  oils: oils.map((oil): RecipeOil => ({
    id: oil.id,
    amount: amountIn(oil),
    ...(oil.dropMl ? { dropMl: oil.dropMl } : {}),
  })),
  bases: bases.map((base): RecipeBase => ({ id: base.id, amount: baseAmount(base) })),
});

const short = ({ id, amount }: RecipeOil | RecipeBase): ShortBase => {
  if (amount === null) return { id };
  if (amount.unit !== 'loose') return { id, [amount.unit]: amount.value };
  const { unit: _unit, measure, asTyped: _asTyped, ...rest } = amount;
  return { id, loose: { unit: measure, ...rest } };
};

/** The oils of a recipe as a test writes them. */
export const shortOils = ({ oils }: Pick<Recipe, 'oils'>): ShortOil[] =>
  oils.map((oil) => ({ ...short(oil), ...(oil.dropMl ? { dropMl: oil.dropMl } : {}) }));

/** The bases of a recipe as a test writes them. */
export const shortBases = ({ bases }: Pick<Recipe, 'bases'>): ShortBase[] => bases.map(short);

/** A recipe as a test writes it. */
export const shortOf = (recipe: Recipe): ShortRecipe => {
  const { oils: _oils, bases: _bases, containers, ...rest } = recipe;
  const [first, ...more] = containers;
  return {
    ...rest,
    ...first,
    ...(more.length > 0 ? { more } : {}),
    oils: shortOils(recipe),
    bases: shortBases(recipe),
  };
};
