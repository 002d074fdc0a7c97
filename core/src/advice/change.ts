import {
  changeBrief,
  setContainers,
  setFirstContainer,
  setMixing,
  setTarget,
  swapOil,
  withAmount,
  withPreDilution,
  type BaseAmount,
  type Guideline,
  type OilAmount,
  type PreDilution,
  type Recipe,
} from '../recipe';

/** One change to a recipe, or several at once. */
export type SuggestedChange =
  | { readonly kind: 'target'; readonly percent: number }
  /** Less of some oils, each as it is measured. */
  | { readonly kind: 'amounts'; readonly amounts: Readonly<Record<string, OilAmount>> }
  | { readonly kind: 'cover' }
  /** In so many containers of another size, in place of the first that it has. */
  | { readonly kind: 'container'; readonly id: string; readonly count: number }
  /** So many of the containers that it has. */
  | { readonly kind: 'count'; readonly count: number }
  /** One more container beside those that it has, for what they do not take. */
  | { readonly kind: 'spare'; readonly id: string }
  | { readonly kind: 'swap'; readonly from: string; readonly to: string }
  | { readonly kind: 'swap-base'; readonly from: string; readonly to: string }
  | { readonly kind: 'remove'; readonly ids: readonly string[] }
  /** No essential oil at all: the base alone. */
  | { readonly kind: 'unscented' }
  /** All oils mixed into carrier first, and so many drops of that. */
  | {
      readonly kind: 'predilute';
      readonly mixed: PreDilution;
      /** Drops of that, in each container. */
      readonly drops: number;
      /** Into so many containers. */
      readonly containers: number;
    }
  /** So much of what takes oil up in water, in percent of the whole, added. */
  | { readonly kind: 'solubilise'; readonly id: string; readonly percent: number }
  | { readonly kind: 'feet' }
  | { readonly kind: 'guideline'; readonly guideline: Guideline }
  /** Amounts of what is mixed at once, made less so that it fits. */
  | { readonly kind: 'fit'; readonly recipe: Recipe }
  | { readonly kind: 'several'; readonly changes: readonly SuggestedChange[] };

/** The recipe with one change made. */
export const withChange = (recipe: Recipe, change: SuggestedChange): Recipe => {
  switch (change.kind) {
    case 'target':
      return setTarget(change.percent)(recipe);
    case 'amounts':
      return {
        ...recipe,
        oils: recipe.oils.map((oil) => {
          const amount = change.amounts[oil.id];
          return amount === undefined ? oil : withAmount(oil, amount);
        }),
      };
    case 'cover':
      return changeBrief({ sun: 'covered' })(recipe);
    case 'container': {
      const larger = setFirstContainer({ id: change.id })(recipe);
      return {
        ...larger,
        containers: larger.containers.map((line, n) =>
          n === 0 ? { ...line, count: change.count } : line,
        ),
      };
    }
    case 'count': {
      const [first, ...others] = recipe.containers;
      return first === undefined
        ? recipe
        : setMixing({ mixedInOne: true })(
            setContainers([{ ...first, count: change.count }, ...others])(recipe),
          );
    }
    case 'spare':
      return setContainers([...recipe.containers, { container: { id: change.id }, count: 1 }])(
        recipe,
      );
    case 'swap':
      return swapOil(change.from, change.to)(recipe);
    case 'swap-base':
      return {
        ...recipe,
        bases: recipe.bases.map((base) =>
          base.id === change.from ? { id: change.to, amount: base.amount } : base,
        ),
      };
    case 'remove':
      return {
        ...recipe,
        oils: recipe.oils.filter(({ id }) => !change.ids.includes(id)),
        bases: recipe.bases.filter(({ id }) => !change.ids.includes(id)),
      };
    case 'unscented':
      return { ...recipe, target: null, oils: [] };
    case 'predilute':
      return withPreDilution(change.mixed, change.drops)(recipe);
    case 'solubilise': {
      const amount: BaseAmount = { unit: 'percent', value: change.percent };
      const isThere = recipe.bases.some(({ id }) => id === change.id);
      return {
        ...recipe,
        bases: isThere
          ? recipe.bases.map((base) => (base.id === change.id ? { id: base.id, amount } : base))
          : [...recipe.bases, { id: change.id, amount }],
      };
    }
    case 'feet':
      return changeBrief({ place: 'hands-or-feet' })(recipe);
    case 'guideline':
      return { ...recipe, guideline: change.guideline };
    case 'fit':
      return change.recipe;
    case 'several':
      return change.changes.reduce(withChange, recipe);
  }
};

/** What two changes are about, where the later takes the place of the one before. */
const aboutSame = (a: SuggestedChange, b: SuggestedChange): boolean =>
  a.kind === b.kind &&
  ((a.kind === 'swap' && b.kind === 'swap' && a.from === b.from) ||
    ['target', 'container', 'count', 'cover', 'feet', 'guideline', 'unscented'].includes(a.kind));

/** Several changes as one, none of them twice; one stays what it is. */
export const together = (...changes: readonly SuggestedChange[]): SuggestedChange => {
  const all = changes.flatMap((change) => (change.kind === 'several' ? change.changes : [change]));
  const flat = all.reduce<readonly SuggestedChange[]>((list, change) => {
    const before = list.find(({ kind }) => kind === 'amounts');
    if (change.kind === 'amounts' && before?.kind === 'amounts') {
      const both = { ...change, amounts: { ...before.amounts, ...change.amounts } };
      return list.map((entry) => (entry === before ? both : entry));
    }
    return [...list.filter((entry) => !aboutSame(entry, change)), change];
  }, []);
  const [first] = flat;
  return flat.length === 1 && first ? first : { kind: 'several', changes: flat };
};
