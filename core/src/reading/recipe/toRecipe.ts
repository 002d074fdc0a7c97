import { placeFacts, type Base, type Catalog, type Container } from '../../catalog';
import type { SpoonCountry } from '../../quantity';
import {
  addNotUnderstood,
  changeBrief,
  choosePlace,
  type DropsAmount,
  type Edit,
  emptyRecipe,
  type Guideline,
  mostDrops,
  readBaseAmount,
  readOilAmount,
  type Recipe,
  type RecipeBase,
  type RecipeOil,
  usualDropsPerMl,
} from '../../recipe';
import { amountsOf, writtenAmount, type WrittenAmount } from './amounts';
import { containerFor, containerTaken } from './containers';
import { estimateOf, isByWeight, ounceRead, pours, restIn } from './estimate';
import type { ReadIngredient } from './readIngredient';
import { saidUse, type SaidUse } from './saidUse';
import { notUnderstoodIn } from './issues';
import type { ReadRecipe } from './draft';

/** What the maker chose where a recipe may be read in several ways. */
export interface Choices {
  /** The material of an ingredient by its place in the list; null leaves it out. */
  readonly materials: Readonly<Record<number, string | null>>;
  /** The amount of an ingredient that can be read in two ways, as it would be typed. */
  readonly amounts?: Readonly<Record<number, string>>;
  /** Whether a bare ounce of a liquid is of volume or of weight. */
  readonly ounce: 'volume' | 'weight';
  readonly country: SpoonCountry;
  readonly dropsPerMl: number;
  /** Whose figures count in this house. */
  readonly guideline: Guideline;
}

/** A recipe to work with, and what could not be taken into it. */
export interface TakenRecipe {
  readonly recipe: Recipe;
  readonly leftOut: readonly ReadIngredient[];
}

/** Room for the source in the notes of a blend. */
const mostNotes = 10_000;

/** Recipes have at most so many. */
const most = { oils: 60, bases: 30 };

/** As it is typed into a field. */
const amountText = (typed: string, isLiquid: boolean, ounce: Choices['ounce']): string =>
  ounceRead(typed, isLiquid ? ounce : 'weight');

/** Of a range that nobody counts in drops the end at which the blend is stronger. */
const atEnd = (amount: WrittenAmount, end: 'low' | 'high'): string =>
  amount[end] === undefined ? amount.typed : writtenAmount(amount.unit, amount[end]).typed;

const oilOf = (readIngredient: ReadIngredient, id: string, choices: Choices): RecipeOil => {
  if (!readIngredient.amount) return { id, amount: null };
  const { amount } = readIngredient;
  const typed = amount.unit === 'drops' ? amount.typed : atEnd(amount, 'high');
  const read = readOilAmount(amountText(typed, true, choices.ounce), {
    country: choices.country,
    fillMl: 0,
  });
  return { id, amount: read.ok ? read.amount : null };
};

const baseOf = (
  readIngredient: ReadIngredient,
  base: Base,
  isRest: boolean,
  choices: Choices,
): RecipeBase => {
  const { id } = base;
  if (isRest) return { id, amount: { unit: 'parts', value: 1 } };
  // How much of it no one has said: a gap, not a guess.
  if (!readIngredient.amount) return { id, amount: null };
  const typed = amountText(
    atEnd(readIngredient.amount, 'low'),
    pours(base) && !isByWeight(readIngredient),
    choices.ounce,
  );
  const read = readBaseAmount(typed, base, {
    country: choices.country,
    wholeMl: 0,
    dropsPerMl: choices.dropsPerMl,
  });
  return { id, amount: read.ok ? read.amount : null };
};

const sum = (a: RecipeOil['amount'], b: RecipeOil['amount']): RecipeOil['amount'] =>
  a?.unit === 'drops' && b?.unit === 'drops' ? sumOfDrops(a, b) : (a ?? b);

/** Only drops are added up; what was measured otherwise stays as it is first named. */
const canAdd = (a: RecipeOil['amount'], b: RecipeOil['amount']): boolean =>
  a === null || b === null || (a.unit === 'drops' && b.unit === 'drops');

/** Both ends are added where either is a range. */
const sumOfDrops = (a: DropsAmount, b: DropsAmount): DropsAmount => {
  const value = Math.min(mostDrops, a.value + b.value);
  const from = (a.from ?? a.value) + (b.from ?? b.value);
  return { unit: 'drops', value, ...(from < value && { from }) };
};

/** The container that is taken where the recipe names none: the smallest that holds all of it. */
const containerOf = (read: ReadRecipe, catalog: Catalog, bases: readonly Base[]): Container => {
  if (read.container?.size) return containerTaken(read.container);
  const ml = estimateOf(read, catalog).totalMl(usualDropsPerMl);
  if (ml === null) return containerTaken(read.container);
  const isSolid = bases.some(({ kind }) => kind === 'wax' || kind === 'butter');
  return containerFor(read.container?.kind ?? (isSolid ? 'jar' : 'dropper bottle'), ml);
};

/** What an ingredient is taken for where no one chooses: none where it is there only for another. */
export const usualFor = ({ isAlternative, candidates }: ReadIngredient): string | null =>
  isAlternative ? null : (candidates[0] ?? null);

/** An ingredient with the one of two readings of its amount that was chosen. */
const withChosenAmount = (
  ingredient: ReadIngredient,
  chosen: string | undefined,
): ReadIngredient => {
  const [found] = chosen === undefined ? [] : amountsOf(chosen);
  return found ? { ...ingredient, amount: found.amount, amountReadings: [] } : ingredient;
};

/** Where it goes, how it is used and how often, as far as the recipe says. */
const asSaid =
  ({ place, alsoOn, nightOnly, isRinsedOff, timesPerDay }: SaidUse): Edit =>
  (recipe) => {
    const placed = place === null ? recipe : choosePlace(place)(recipe);
    return changeBrief({
      timesPerDay,
      ...(alsoOn.length > 0 && { alsoOn }),
      ...(nightOnly && { nightOnly }),
      ...(isRinsedOff && place !== null && placeFacts(place).isRinsed && { use: 'rinse-off' }),
    })(placed);
  };

/** A recipe that was read as one to work with: as it is written, right or wrong. */
export const recipeOfRead = (
  read: ReadRecipe,
  source: string,
  catalog: Catalog,
  choices: Choices,
): TakenRecipe => {
  const oils = new Map<string, RecipeOil>();
  const bases = new Map<string, RecipeBase>();
  const leftOut: ReadIngredient[] = [];
  const inIt: Base[] = [];
  const rest = restIn(read);
  const unknown: string[] = [];
  for (const [n, written] of read.ingredients.entries()) {
    const one = withChosenAmount(written, choices.amounts?.[n]);
    const chosen = choices.materials[n];
    const id = chosen === undefined ? usualFor(one) : chosen;
    const base = id === null ? undefined : catalog.base(id);
    if (id === null) {
      leftOut.push(one);
      if (chosen === undefined && !one.isAlternative) unknown.push(one.text);
    } else if (base) {
      if (bases.has(id) || bases.size >= most.bases) {
        leftOut.push(one);
        unknown.push(one.text);
      } else {
        bases.set(id, baseOf(one, base, one === rest, choices));
        inIt.push(base);
      }
    } else {
      const oil = oilOf(one, id, choices);
      const before = oils.get(id);
      if ((!before && oils.size >= most.oils) || (before && !canAdd(before.amount, oil.amount))) {
        leftOut.push(one);
        unknown.push(one.text);
      } else oils.set(id, before ? { id, amount: sum(before.amount, oil.amount) } : oil);
    }
  }
  const container = containerOf(read, catalog, inIt);
  const count = Math.min(1000, Math.max(1, read.container?.count ?? 1));
  const notes = `As it was written:\n\n${source.trim()}`;
  return {
    recipe: addNotUnderstood([...unknown, ...notUnderstoodIn(read, catalog)])({
      ...asSaid(saidUse(read))(emptyRecipe()),
      name: read.title.slice(0, 120),
      notes: notes.length > mostNotes ? `${notes.slice(0, mostNotes - 2)} …` : notes,
      containers: [{ container: { id: container.id ?? 'roll-on-10' }, count }],
      // What a recipe lists goes into all that it makes.
      mixedInOne: count > 1,
      dropsPerMl: choices.dropsPerMl,
      guideline: choices.guideline,
      oils: [...oils.values()],
      bases: [...bases.values()],
    }),
    leftOut,
  };
};
