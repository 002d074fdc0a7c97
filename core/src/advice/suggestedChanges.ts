import {
  catalogCarrying,
  fillMl,
  milderKinOf,
  usualContainers,
  type Catalog,
  usualCarriers,
} from '../catalog';
import { wholeDrops, workOut, type Evaluation, type WorkedOut } from '../drops';
import { canBeCovered, isCareful, knownWearer, wholeBlendLimit, type Finding } from '../limits';
import { isIn, type Recipe } from '../recipe';
import { withChange, type SuggestedChange } from './change';
import { lessStrong } from './lessStrong';
import { dilutedOnShelf } from './dilutedOnShelf';
import { predilutedWhole } from './predilution';
import { unique } from '../quantity';

/** A change with what it would come to. */
export interface Suggestion {
  readonly change: SuggestedChange;
  readonly outcome: Evaluation;
}

type Done = Extract<WorkedOut, { state: 'done' }>;

const doneWith = (catalog: Catalog, recipe: Recipe): Done | null => {
  const worked = workOut(catalog, recipe);
  return worked.state === 'done' ? worked : null;
};

const isOver = ({ verdict }: Evaluation): boolean => verdict === 'over';
const isReduced = ({ plan }: Evaluation): boolean =>
  plan.leftOut.length > 0 || plan.binding.length > 0;

/** Several changes as one; one stays what it is. */
export const together = (...changes: readonly SuggestedChange[]): SuggestedChange => {
  const flat = changes.flatMap((change) => (change.kind === 'several' ? change.changes : [change]));
  const [first] = flat;
  return flat.length === 1 && first ? first : { kind: 'several', changes: flat };
};

/** Ids of what is poured that brings the subject of a finding: itself, or a ready-made blend. */
const pouredFor = (entry: Finding, recipe: Recipe): string[] => {
  const subjects = [entry.subject, ...entry.inside];
  const named =
    entry.reason.code === 'light-sum' || entry.reason.code === 'constituent'
      ? [...subjects, ...entry.reason.oils]
      : subjects;
  return [...recipe.oils, ...recipe.bases].map(({ id }) => id).filter((id) => named.includes(id));
};

/** Findings that more or less of an oil does not change: it may not be there at all. */
const aboutBeingThere: ReadonlySet<Finding['rule']> = new Set([
  'age',
  'life-stage',
  'condition',
  'allergy',
  'never-on-skin',
  'place',
] as const);

/** What may not be there, by ids of the recipe. */
const forbiddenOils = (recipe: Recipe, { findings }: Evaluation): string[] =>
  unique(
    findings
      .filter(({ verdict, rule }) => verdict === 'over' && aboutBeingThere.has(rule))
      .flatMap((entry) => pouredFor(entry, recipe)),
  );

/** Oils that some limit holds back. */
const bindingOils = (recipe: Recipe, { findings, plan }: Evaluation): string[] =>
  unique([
    ...plan.leftOut.map(({ oilId }) => oilId),
    ...findings
      .filter(({ verdict, rule }) => verdict === 'over' && !aboutBeingThere.has(rule))
      .flatMap((entry) => pouredFor(entry, recipe)),
  ]).filter((id) => recipe.oils.some((oil) => oil.id === id));

/** A carrier that no one is known to be allergic to, in place of one that may not be there. */

/** What may not be there swapped for a gentler relative where there is one, else taken out. */
const withoutForbidden = (catalog: Catalog, recipe: Recipe, ids: readonly string[]) => {
  const bases = ids.flatMap((id): SuggestedChange[] => {
    if (!recipe.bases.some((base) => base.id === id)) return [];
    const to = usualCarriers.find(
      (mildCarrier) =>
        !ids.includes(mildCarrier) && !recipe.bases.some((base) => base.id === mildCarrier),
    );
    const liquid = catalog.base(id)?.kind === 'oil';
    return liquid && to !== undefined
      ? [{ kind: 'swap-base' as const, from: id, to }]
      : [{ kind: 'remove' as const, ids: [id] }];
  });
  const oils = ids.filter((id) => recipe.oils.some((oil) => oil.id === id));
  const swaps = oils.flatMap((id): SuggestedChange[] => {
    const to = milderKinOf(id);
    return to !== undefined && !recipe.oils.some((oil) => oil.id === to)
      ? [{ kind: 'swap', from: id, to }]
      : [];
  });
  const swapped = swaps.map((swap) => (swap.kind === 'swap' ? swap.from : ''));
  const rest = oils.filter((id) => !swapped.includes(id));
  const remove = (list: readonly string[]): SuggestedChange[] =>
    list.length > 0 ? [{ kind: 'remove', ids: list }] : [];
  return [
    ...(swaps.length > 0 ? [[...bases, ...swaps, ...remove(rest)]] : []),
    [...bases, ...remove(oils)],
  ].filter((changes) => changes.length > 0);
};

/** As strong as is recommended, where that is more than advice; else as strong as may be. */
const gentler = (recipe: Recipe, done: Done): SuggestedChange[] => {
  const { brief, guideline } = done.blend;
  const { byVolume, byWeight } = done.evaluation.mixture.strength;
  const ratio = byWeight.likely > byVolume.likely ? byVolume.likely / byWeight.likely : 1;
  const recommended = wholeBlendLimit(brief, guideline).recommended * ratio;
  return [
    ...(isCareful(brief) && recommended > 0
      ? [lessStrong(recipe, done, undefined, recommended)]
      : []),
    lessStrong(recipe, done),
  ].filter((entry) => entry !== null);
};

/** Larger containers of the same kind, the smallest first. */
export const largerContainers = ({ blend: { formula } }: Done): SuggestedChange[] =>
  usualContainers
    .filter(
      ({ kind, nominalMl }) =>
        kind === formula.container.kind && nominalMl > formula.container.nominalMl,
    )
    .sort((a, b) => a.nominalMl - b.nominalMl)
    .map(({ id }) => ({ kind: 'container', id }));

/**
 * A pre-dilution is aimed this much below what is recommended, as a share of it: its drops are whole,
 * and rounded up they may not pass it. Our own figure: half a drop of the sixteen or so that are used.
 */
const roundingReserve = 0.97;

/** A pre-dilution of all oils, in the proportions that the limits leave. */
const prediluted = (catalog: Catalog, recipe: Recipe, done: Done): SuggestedChange[] => {
  const { formula, brief, guideline } = done.blend;
  const poured = done.evaluation.mixture.oils;
  const byParts = recipe.oils.some(({ amount }) => isIn(amount, 'parts'))
    ? formula
    : {
        ...formula,
        targetPercent:
          (100 * poured.reduce((total, { ml }) => total + ml.likely, 0)) /
          fillMl(formula.container),
        oils: formula.oils.map((entry, i) => ({
          ...entry,
          measure: { by: 'parts' as const, parts: poured[i]?.ml.likely ?? 0 },
        })),
      };
  const plan = wholeDrops(byParts, brief, guideline);
  const { recommended } = wholeBlendLimit(brief, guideline);
  const total = plan.aimedMl.reduce<number>((sum, ml) => sum + (ml ?? 0), 0);
  const most = isCareful(brief)
    ? (roundingReserve * recommended * fillMl(formula.container)) / 100
    : Infinity;
  const share = total > most ? most / total : 1;
  const item = predilutedWhole(
    catalog,
    recipe,
    done,
    plan.aimedMl.map((ml) => share * (ml ?? 0)),
  );
  return item ? [item] : [];
};

/** One drop is too coarse: an oil is left out, or one of each passes what was wanted. */
const isTooCoarse = (recipe: Recipe, { evaluation: { plan, mixture } }: Done): boolean =>
  plan.leftOut.length > 0 ||
  (mixture.oils.length > 0 &&
    mixture.oils.every(({ drops }) => drops !== null && drops <= 1) &&
    recipe.oils.length > 0);

/** Milder kinds of what is held back, all at once, and one by one. */
const swaps = (recipe: Recipe, binding: readonly string[]): SuggestedChange[] => {
  const each = binding.flatMap((from): SuggestedChange[] => {
    const to = milderKinOf(from);
    return to !== undefined && !recipe.oils.some((oil) => oil.id === to)
      ? [{ kind: 'swap', from, to }]
      : [];
  });
  return each.length > 1 ? [...each, together(...each)] : each;
};

/** Hands are nearer to a small child's face than most places. */
const isSaferOnFeet = (recipe: Recipe): boolean => {
  const { wearer, place } = recipe.brief;
  if (place === 'hands-or-feet' || wearer === null) return false;
  const known = knownWearer({ wearer });
  return known === null || known.ageMonths >= 72;
};

const candidates = (catalog: Catalog, recipe: Recipe, done: Done): SuggestedChange[] => {
  const { brief } = done.blend;
  const binding = bindingOils(recipe, done.evaluation);
  const only = binding.length < recipe.oils.length && binding.length > 0;
  const fewer = only ? lessStrong(recipe, done, (id) => binding.includes(id)) : null;
  return [
    ...(done.evaluation.findings.some(
      ({ reason, verdict }) => reason.code === 'whole-blend-none' && verdict === 'over',
    )
      ? [{ kind: 'unscented' } as const]
      : []),
    ...gentler(recipe, done),
    ...(brief.sun === 'exposed' && canBeCovered(brief.place) ? [{ kind: 'cover' } as const] : []),
    ...largerContainers(done),
    ...(recipe.guideline === 'cautious'
      ? [{ kind: 'guideline', guideline: 'clinical' } as const]
      : []),
    ...swaps(recipe, binding),
    ...(fewer ? [fewer] : []),
    ...(isTooCoarse(recipe, done)
      ? [...dilutedOnShelf(catalog, recipe, done), ...prediluted(catalog, recipe, done)]
      : []),
    ...binding.map((id): SuggestedChange => ({ kind: 'remove', ids: [id] })),
    ...(isSaferOnFeet(recipe) ? [{ kind: 'feet' } as const] : []),
  ];
};

/** A change with its catalog: a pre-dilution is a material of its own. */
const outcomeOf = (catalog: Catalog, recipe: Recipe, change: SuggestedChange): Done | null => {
  const parts = change.kind === 'several' ? change.changes : [change];
  const own = parts.flatMap((part) => (part.kind === 'predilute' ? [part.material] : []));
  const house = own.length > 0 ? catalogCarrying(catalog, own) : catalog;
  return doneWith(house, withChange(recipe, change));
};

/** A change that brings it within, with what else it takes; null where nothing does. */
const untilWithin = (
  catalog: Catalog,
  recipe: Recipe,
  change: SuggestedChange,
): Suggestion | null => {
  const then = outcomeOf(catalog, recipe, change);
  if (!then) return null;
  if (!isOver(then.evaluation)) return { change, outcome: then.evaluation };
  if (
    change.kind === 'predilute' ||
    forbiddenOils(withChange(recipe, change), then.evaluation).length > 0
  )
    return null;
  for (const more of gentler(withChange(recipe, change), then)) {
    const both = together(change, more);
    const after = doneWith(catalog, withChange(recipe, both));
    if (after && !isOver(after.evaluation)) return { change: both, outcome: after.evaluation };
  }
  return null;
};

/** What was reached of what was wanted, for a blend that is held below its target. */
const isNearer = (now: Evaluation, then: Evaluation): boolean =>
  !isReduced(then) &&
  then.plan.reachedMl > 0 &&
  then.mixture.oils.length >= now.mixture.oils.length;

/** Changes that alter nothing of what is in it, or of the smell; the others are not worth it here. */
const worthWhileIfReduced: ReadonlySet<SuggestedChange['kind']> = new Set([
  'target',
  'amounts',
  'cover',
  'container',
  'guideline',
  'swap',
  'predilute',
] as const);

/**
 * The smallest changes that bring a blend that is over, or held below its target, within its
 * limits; those that change the smell least first, several at once where it takes several. One
 * container, the smallest that helps, is offered. None where nothing needs changing, and none that
 * gains nothing.
 *
 * @param most how many at the most
 */
export const suggestChanges = (
  catalog: Catalog,
  recipe: Recipe,
  most = 4,
): readonly Suggestion[] => {
  const now = doneWith(catalog, recipe);
  if (!now) return [];
  const over = isOver(now.evaluation);
  const binding = isReduced(now.evaluation);
  const isCoarse = now.evaluation.verdict === 'caution' && isTooCoarse(recipe, now);
  if (!over && !binding && !isCoarse) return [];
  const gone = over ? forbiddenOils(recipe, now.evaluation) : [];
  const list =
    gone.length > 0
      ? [
          ...withoutForbidden(catalog, recipe, gone).map((changes) => together(...changes)),
          ...(isSaferOnFeet(recipe) ? [{ kind: 'feet' } as const] : []),
        ]
      : candidates(catalog, recipe, now);
  const suggestions: Suggestion[] = [];
  for (const change of list) {
    if (suggestions.length === most) break;
    if (
      change.kind === 'container' &&
      suggestions.some((suggestion) => suggestion.change.kind === 'container')
    ) {
      continue;
    }
    if (!over && !worthWhileIfReduced.has(change.kind)) continue;
    const found = untilWithin(catalog, recipe, change);
    if (!found) continue;
    if (
      !over &&
      binding &&
      change.kind !== 'predilute' &&
      !isNearer(now.evaluation, found.outcome)
    ) {
      continue;
    }
    if (!over && !binding && found.outcome.verdict !== 'within') continue;
    const same = JSON.stringify(found.change);
    if (suggestions.some((suggestion) => JSON.stringify(suggestion.change) === same)) continue;
    suggestions.push(found);
  }
  return suggestions;
};
