import { fillMl, milderKinOf, usualContainers, type Catalog } from '../catalog';
import { wholeDrops, workOut, type Evaluation, type WorkedOut } from '../drops';
import { essentialMl } from '../mixture';
import {
  changeBrief,
  isIn,
  removeOil,
  setFirstContainer,
  setTarget,
  swapOil,
  valueIn,
  withAmount,
  type Guideline,
  type Recipe,
  type RecipeOil,
} from '../recipe';

/** One change that would bring a blend within its limits. */
export type SuggestedChange =
  | { readonly kind: 'target'; readonly percent: number }
  | { readonly kind: 'cover' }
  | { readonly kind: 'container'; readonly id: string }
  | { readonly kind: 'drops'; readonly drops: Readonly<Record<string, number>> }
  | { readonly kind: 'swap'; readonly from: string; readonly to: string }
  | { readonly kind: 'remove'; readonly id: string }
  | { readonly kind: 'feet' }
  | { readonly kind: 'guideline'; readonly guideline: Guideline };

/** A change with what it would come to. */
export interface Suggestion {
  readonly change: SuggestedChange;
  readonly outcome: Evaluation;
}

type Done = Extract<WorkedOut, { state: 'done' }>;

/** The recipe with one change made. */
export const withChange = (recipe: Recipe, change: SuggestedChange): Recipe => {
  switch (change.kind) {
    case 'target':
      return setTarget(change.percent)(recipe);
    case 'cover':
      return changeBrief({ sun: 'covered' })(recipe);
    case 'container':
      return setFirstContainer({ id: change.id })(recipe);
    case 'drops':
      return {
        ...recipe,
        oils: recipe.oils.map((oil) => {
          const drops = change.drops[oil.id];
          return drops === undefined ? oil : withAmount(oil, { unit: 'drops', value: drops });
        }),
      };
    case 'swap':
      return swapOil(change.from, change.to)(recipe);
    case 'remove':
      return removeOil(change.id)(recipe);
    case 'feet':
      return changeBrief({ place: 'hands-or-feet' })(recipe);
    case 'guideline':
      return { ...recipe, guideline: change.guideline };
  }
};

/** The highest strength, to a tenth of a percent, that the limits leave. */
const asStrongAsCanBe = ({ evaluation }: Done): SuggestedChange[] => {
  const { plan, mixture } = evaluation;
  if (plan.binding.length === 0) return [];
  const percent = Math.floor((1000 * plan.reachedMl) / mixture.fillMl) / 10;
  return percent > 0 ? [{ kind: 'target', percent }] : [];
};

/** The drops nearest to those that are counted, within the limits: the solver's own question. */
const fewerDrops = (recipe: Recipe, { blend, evaluation }: Done): SuggestedChange[] => {
  const { formula } = blend;
  const counts = evaluation.mixture.oils;
  const ml = counts.reduce((total, one) => total + (one.drops === null ? 0 : one.ml.likely), 0);
  if (ml === 0) return [];
  const plan = wholeDrops(
    {
      ...formula,
      targetPercent: (100 * essentialMl(counts)) / fillMl(formula.container),
      oils: formula.oils.map((entry, i) => {
        const one = counts[i];
        return one && one.drops !== null && one.drops > 0
          ? { ...entry, measure: { by: 'parts', parts: one.ml.likely } }
          : entry;
      }),
    },
    blend.brief,
    blend.guideline,
  );
  const changes = plan.drops.flatMap((drops, i): [string, number][] => {
    const oil = recipe.oils[i];
    return oil && drops !== null && drops !== valueIn(oil.amount, 'drops') ? [[oil.id, drops]] : [];
  });
  // Down to none is taking out, which is offered under its own name.
  if (changes.some(([, drops]) => drops === 0)) return [];
  return changes.length > 0 ? [{ kind: 'drops', drops: Object.fromEntries(changes) }] : [];
};

/** Where parts stand beside counted drops: of each oil that is held back, as many as may be. */
const fewerOfOne = (
  catalog: Catalog,
  recipe: Recipe,
  oils: readonly RecipeOil[],
): SuggestedChange[] =>
  oils.flatMap(({ id, amount }): SuggestedChange[] => {
    let most = 0;
    let tooMany = valueIn(amount, 'drops') ?? 0;
    while (tooMany - most > 1) {
      const middle = Math.floor((most + tooMany) / 2);
      const then = workOut(catalog, withChange(recipe, { kind: 'drops', drops: { [id]: middle } }));
      if (then.state === 'done' && then.evaluation.verdict !== 'over') most = middle;
      else tooMany = middle;
    }
    return most > 0 ? [{ kind: 'drops', drops: { [id]: most } }] : [];
  });

/** Larger containers of the same kind, the smallest first. */
const largerContainers = ({ blend: { formula } }: Done): SuggestedChange[] =>
  usualContainers
    .filter(
      ({ kind, nominalMl }) =>
        kind === formula.container.kind && nominalMl > formula.container.nominalMl,
    )
    .sort((a, b) => a.nominalMl - b.nominalMl)
    .map(({ id }) => ({ kind: 'container', id }));

/** Ids of oils that some finding holds back. */
const heldBack = ({ evaluation }: Done): Set<string> => {
  const ids = new Set<string>(evaluation.plan.leftOut.map(({ oilId }) => oilId));
  for (const entry of evaluation.findings) {
    if (entry.verdict !== 'over') continue;
    ids.add(entry.subject);
    if (entry.reason.code === 'light-sum') for (const id of entry.reason.oils) ids.add(id);
  }
  return ids;
};

const candidates = (catalog: Catalog, recipe: Recipe, done: Done): SuggestedChange[] => {
  const held = heldBack(done);
  const oils = recipe.oils.filter(({ id }) => held.has(id));
  return [
    ...asStrongAsCanBe(done),
    ...(recipe.brief.sun === 'exposed' ? [{ kind: 'cover' } as const] : []),
    ...largerContainers(done),
    ...(recipe.guideline === 'cautious'
      ? [{ kind: 'guideline', guideline: 'clinical' } as const]
      : []),
    ...(recipe.oils.some(({ amount }) => isIn(amount, 'parts'))
      ? fewerOfOne(catalog, recipe, oils)
      : fewerDrops(recipe, done)),
    ...oils.flatMap(({ id }): SuggestedChange[] => {
      const to = milderKinOf(id);
      return to !== undefined &&
        catalog.oil(to) !== undefined &&
        !recipe.oils.some((oil) => oil.id === to)
        ? [{ kind: 'swap', from: id, to }]
        : [];
    }),
    ...oils.map(({ id }): SuggestedChange => ({ kind: 'remove', id })),
    ...(recipe.brief.place === 'hands-or-feet' ? [] : [{ kind: 'feet' } as const]),
  ];
};

const isOver = ({ verdict }: Evaluation): boolean => verdict === 'over';
const isHeld = ({ plan }: Evaluation): boolean =>
  plan.leftOut.length > 0 || plan.binding.length > 0;

/**
 * Single changes that bring a blend that is over, or held below its target,
 * within its limits, those that change the smell least first. One container, the
 * smallest that helps, is offered. None where nothing needs changing.
 *
 * @param most how many at the most
 */
export const suggestChanges = (
  catalog: Catalog,
  recipe: Recipe,
  most = 4,
): readonly Suggestion[] => {
  const now = workOut(catalog, recipe);
  if (now.state !== 'done') return [];
  const over = isOver(now.evaluation);
  if (!over && !isHeld(now.evaluation)) return [];
  const suggestions: Suggestion[] = [];
  for (const change of candidates(catalog, recipe, now)) {
    if (suggestions.length === most) break;
    if (change.kind === 'container' && suggestions.some((one) => one.change.kind === 'container'))
      continue;
    const then = workOut(catalog, withChange(recipe, change));
    if (then.state !== 'done' || isOver(then.evaluation)) continue;
    if (!over && (isHeld(then.evaluation) || change.kind === 'remove')) continue;
    if (!over && change.kind === 'feet') continue;
    suggestions.push({ change, outcome: then.evaluation });
  }
  return suggestions;
};
