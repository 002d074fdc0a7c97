import {
  fillMl,
  milderKinOf,
  placeFacts,
  usualCarriers,
  usualContainers,
  type Catalog,
} from '../catalog';
import { wholeDrops, type Calculated, type Evaluation } from '../drops';
import { isCareful, knownWearer, ruleFacts, wholeBlendLimit, type Finding } from '../limits';
import { unique } from '../quantity';
import { isIn, type Recipe } from '../recipe';
import { dilutedOnShelf } from './dilutedOnShelf';
import { lessStrong } from './lessStrong';
import { solubilised } from './solubilised';
import { predilutedWhole } from './predilution';
import { type SuggestedChange, together } from './change';

export const isReduced = ({ plan }: Evaluation): boolean =>
  plan.leftOut.length > 0 || plan.binding.length > 0;

/** Ids of what is poured that brings the subject of a finding: itself, or a ready-made blend. */
const pouredFor = (entry: Finding, recipe: Recipe): string[] => {
  const subjects = [entry.subject, ...entry.inside];
  const named =
    entry.reason.code === 'light-sum' || entry.reason.code === 'constituent'
      ? [...subjects, ...entry.reason.oils]
      : subjects;
  return [...recipe.oils, ...recipe.bases].map(({ id }) => id).filter((id) => named.includes(id));
};

/** What may not be there, by ids of the recipe. */
export const forbiddenOils = (recipe: Recipe, { findings }: Evaluation): string[] =>
  unique(
    findings
      .filter(({ verdict, rule }) => verdict === 'over' && ruleFacts(rule).isAboutPresence)
      .flatMap((entry) => pouredFor(entry, recipe)),
  );

/** Oils that some limit holds back. */
const bindingOils = (recipe: Recipe, { findings, plan }: Evaluation): string[] =>
  unique([
    ...plan.leftOut.map(({ oilId }) => oilId),
    ...findings
      .filter(({ verdict, rule }) => verdict === 'over' && !ruleFacts(rule).isAboutPresence)
      .flatMap((entry) => pouredFor(entry, recipe)),
  ]).filter((id) => recipe.oils.some((oil) => oil.id === id));

/** What may not be there swapped for a gentler relative where there is one, else taken out. */
export const withoutForbidden = (catalog: Catalog, recipe: Recipe, ids: readonly string[]) => {
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
    list.length === 0
      ? []
      : list.length < recipe.oils.length
        ? [{ kind: 'remove', ids: list }]
        : [{ kind: 'unscented' }];
  return [
    ...(swaps.length > 0 ? [[...bases, ...swaps, ...remove(rest)]] : []),
    [...bases, ...remove(oils)],
  ].filter((changes) => changes.length > 0);
};

/** As strong as is recommended, where that is more than advice; else as strong as may be. */
export const gentler = (recipe: Recipe, done: Calculated): SuggestedChange[] => {
  const { brief, guideline } = done.blend;
  const { byVolume, byWeight } = done.evaluation.mixture.strength;
  // A strength is asked for by volume, and what is recommended is meant as the blend is measured.
  const ratio =
    recipe.by === 'weight' && byWeight.likely > 0 ? byVolume.likely / byWeight.likely : 1;
  const recommended = wholeBlendLimit(brief, guideline).recommended * ratio;
  return [
    ...(isCareful(brief) && recommended > 0
      ? [lessStrong(recipe, done, undefined, recommended)]
      : []),
    lessStrong(recipe, done),
  ].filter((entry) => entry !== null);
};

/** Larger containers of the same kind, the smallest first. */
export const largerContainers = (
  recipe: Recipe,
  { blend: { formula } }: Calculated,
): SuggestedChange[] => {
  const [line] = recipe.containers;
  const now = line && 'id' in line.container ? line.container.id : null;
  const totalMl = (line?.count ?? 1) * formula.container.nominalMl;
  return usualContainers
    .filter(
      ({ kind, nominalMl }) =>
        kind === formula.container.kind && nominalMl > formula.container.nominalMl,
    )
    .filter(({ id }) => id !== now)
    .sort((a, b) => a.nominalMl - b.nominalMl)
    .map(({ id, nominalMl }) => ({
      kind: 'container',
      id,
      // Four bottles of 15 ml are one of 60, not four.
      count: Math.max(1, Math.round(totalMl / nominalMl)),
    }));
};

/**
 * A pre-dilution is aimed this much below what is recommended, as a share of it: its drops are whole,
 * and rounded up they may not pass it. Our own figure: half a drop of the sixteen or so that are used.
 */
const roundingReserve = 0.97;

/** A pre-dilution of all oils, in the proportions that the limits leave. */
export const prediluted = (
  catalog: Catalog,
  recipe: Recipe,
  done: Calculated,
): SuggestedChange[] => {
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
  const total = plan.allAimedMl.reduce<number>((sum, ml) => sum + (ml ?? 0), 0);
  const most = isCareful(brief)
    ? (roundingReserve * recommended * fillMl(formula.container)) / 100
    : Infinity;
  const share = total > most ? most / total : 1;
  const item = predilutedWhole(
    catalog,
    recipe,
    done,
    plan.allAimedMl.map((ml) => share * (ml ?? 0)),
  );
  return item ? [item] : [];
};

/** One drop is too coarse: an oil is left out, or one of each passes what was wanted. */
export const isTooCoarse = (
  recipe: Recipe,
  { evaluation: { plan, mixture } }: Calculated,
): boolean =>
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
export const isSaferOnFeet = (recipe: Recipe, { findings }: Evaluation): boolean => {
  const { wearer, place } = recipe.brief;
  if (place === null || place === 'hands-or-feet' || wearer === null) return false;
  // Another place mends nothing where the fault is in the kind, and what is for a bath is for a bath.
  const isOfKind = findings.some(({ rule, verdict }) => rule === 'kind' && verdict === 'over');
  if (isOfKind || place === 'bath' || place === 'wash-off') return false;
  const known = knownWearer({ wearer });
  return known === null || known.ageMonths >= 72;
};

/** True where some light limit is passed, or holds the drops back. */
const isAboutLight = ({ findings, plan }: Evaluation): boolean =>
  findings.some(({ rule, verdict }) => rule === 'light-sum' && verdict === 'over') ||
  [...plan.binding, ...plan.leftOut.flatMap(({ because }) => because)].some(
    ({ rule }) => rule === 'light-sum',
  );

export const candidates = (
  catalog: Catalog,
  recipe: Recipe,
  done: Calculated,
): SuggestedChange[] => {
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
    ...solubilised(catalog, recipe, done),
    ...gentler(recipe, done),
    ...(fewer ? [fewer] : []),
    ...(brief.sun === 'exposed' &&
    placeFacts(brief.place).isCovered &&
    isAboutLight(done.evaluation)
      ? [{ kind: 'cover' } as const]
      : []),
    ...largerContainers(recipe, done),
    ...(recipe.guideline === 'cautious'
      ? [{ kind: 'guideline', guideline: 'clinical' } as const]
      : []),
    ...swaps(recipe, binding),
    ...(isTooCoarse(recipe, done)
      ? [...dilutedOnShelf(catalog, recipe, done), ...prediluted(catalog, recipe, done)]
      : []),
    ...(recipe.oils.length > 1
      ? binding.map((id): SuggestedChange => ({ kind: 'remove', ids: [id] }))
      : []),
    ...(isSaferOnFeet(recipe, done.evaluation) ? [{ kind: 'feet' } as const] : []),
  ];
};
