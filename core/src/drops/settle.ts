import { fillMl, type Base, type Catalog, type Container, type Oil } from '../catalog';
import {
  dropOf,
  essentialShare,
  settleBases,
  toMixMl,
  type AskedOil,
  type BasesProblem,
  type FormulaOil,
  type OilMeasure,
  type SettledBases,
} from '../mixture';
import { aimOf, isIn, mostDrops, valueIn, type Recipe, briefOf } from '../recipe';
import type { Blend } from './blend';
import { fillingsOf, isMixedInOne } from './containers';
import { missingOf } from './missing';
import { onBench, type Analyses } from './onBench';
import type { SettleProblem } from './settleProblem';
import { meanOfParts, shareOfOils, shareOfParts } from './shares';
import { mostDropsOf } from './target';
import { wholeDrops } from './wholeDrops';
import { askedOils, measureOfBase } from './asked';

/** A recipe with its amounts settled, or why they cannot be. */
export type Settled =
  | { readonly ok: true; readonly blend: Blend }
  | { readonly ok: false; readonly problem: SettleProblem };

/** Most that is mixed at once, in ml: 200 litres, a barrel. */
const largestBatchMl = 200_000;

/**
 * How often amounts are settled again where the drops that are reached change the whole: each
 * time they differ by less, and by then by less than a drop.
 */
const mostRounds = 5;

/** How often the fixed amounts and what the parts share are brought into agreement. */
const mostShareRounds = 20;

const oilOfParts = ({ oilMl }: SettledBases, others: number): number =>
  oilMl.slice(others).reduce((total, ml) => total + ml, 0);

/** What whole drops of the oils by parts come to, in ml on likely drops. */
const partsMlOf = ({ formula }: Blend, drops: readonly (number | null)[]): number =>
  formula.oils.reduce(
    (total, entry, index) =>
      entry.measure.by === 'parts'
        ? total + dropOf(entry, formula.dropsPerMl).likely * (drops[index] ?? 0)
        : total,
    0,
  );

const problemOf = ({ code, value, limit }: BasesProblem): Settled => ({
  ok: false,
  problem: { code, value, limit, path: ['bases'] },
});

const settleWith = (catalog: Catalog, recipe: Recipe, made: Analyses | null): Settled => {
  const missing = missingOf(catalog, recipe, made !== null);
  if (missing) return { ok: false, problem: missing };
  const brief = briefOf(recipe);
  if (!brief) throw new Error('a recipe is settled once it says for whom and where');
  const { by } = recipe;
  const fillings = fillingsOf(recipe);
  const [line] = fillings;
  if (!line) throw new Error('a recipe has at least one container');
  const first = line.container;
  const inOne = isMixedInOne(catalog, recipe);
  const gainPercent = recipe.whipPercent ?? 0;
  const wanted = inOne ? toMixMl(fillings, recipe.lossPercent, gainPercent) : fillMl(first);

  const oils = recipe.oils.flatMap(({ id }): Oil[] => {
    const oil = catalog.oil(id);
    return oil ? [oil] : [];
  });
  const bases = recipe.bases.flatMap(({ id }): Base[] => {
    const base = catalog.base(id);
    return base ? [base] : [];
  });
  const there = recipe.oils.flatMap((entry, index) => {
    const oil = oils[index];
    return oil ? [onBench(catalog, entry, oil, made)] : [];
  });
  const inBottles = there.map(({ oil }) => oil);

  const asked = askedOils(recipe, there);
  const hasParts = recipe.oils.some(({ amount }) => isIn(amount, 'parts'));
  // Amounts that are fixed count toward the target; parts share what is left of it.
  const targetPercent = recipe.target ? aimOf(recipe.target) : undefined;
  const targetShare = hasParts ? (targetPercent ?? 0) / 100 : 0;
  const partsDensity = meanOfParts(inBottles, recipe.oils);
  const essentialOfParts = shareOfParts(inBottles, recipe.oils);
  // Bases by parts of the volume do nothing but fill up, whatever the oils take.
  const tops =
    by === 'volume' &&
    recipe.bases.every(
      ({ amount }, index) => isIn(amount, 'parts') && bases[index]?.trueDensityGPerMl === undefined,
    );
  const measured = recipe.bases.flatMap(({ amount }, index) => {
    const base = bases[index];
    return base ? [{ base, measure: measureOfBase(amount, base) }] : [];
  });
  const settleBeside = (partsOil: AskedOil['amount'] | null): SettledBases | BasesProblem =>
    settleBases(
      measured,
      [...asked, ...(partsOil ? [{ densityGPerMl: partsDensity, amount: partsOil }] : [])],
      by,
      wanted,
    );
  const settle = (partsShare: number): SettledBases | BasesProblem =>
    tops
      ? {
          ok: true,
          wholeMl: wanted,
          bases: bases.map((base, index) => ({
            base,
            ml: valueIn(recipe.bases[index]?.amount ?? null, 'parts') ?? 0,
          })),
          oilMl: [
            ...asked.map(({ amount }) => (amount.by === 'ml' ? amount.ml : amount.share * wanted)),
            ...(partsShare > 0 ? [partsShare * wanted] : []),
          ],
          grain: null,
        }
      : settleBeside(partsShare > 0 ? { by: 'share', share: partsShare } : null);
  const essentialOf = (index: number): number => {
    const oil = inBottles[index];
    return oil ? essentialShare(oil) : 1;
  };
  let partsShare = targetShare / essentialOfParts;
  let settled = settle(partsShare);
  // What is fixed is a share of a whole that the parts have a share in: each round is far nearer.
  for (let round = 0; round < mostShareRounds; round += 1) {
    if (!settled.ok) return problemOf(settled);
    if (targetShare === 0 || asked.length === 0) break;
    const densities = [...asked.map(({ densityGPerMl }) => densityGPerMl), partsDensity];
    const essential = asked.map(({ index }) => essentialOf(index));
    const next =
      Math.max(0, targetShare - shareOfOils(settled, densities, essential, by)) / essentialOfParts;
    if (Math.abs(next - partsShare) < 1e-9) break;
    partsShare = next;
    settled = settle(partsShare);
  }
  if (!settled.ok) return problemOf(settled);
  if (!made && settled.wholeMl > largestBatchMl) {
    const { wholeMl: value } = settled;
    return {
      ok: false,
      problem: { code: 'too-large', value, limit: largestBatchMl, path: ['bases'] },
    };
  }
  /** The essential oil that is asked for, in ml, of a whole of this size. */
  const targetPerMl = hasParts
    ? settled.oilMl.reduce(
        (total, ml, at) =>
          total + ml * (asked[at] ? essentialOf(asked[at].index) : essentialOfParts),
        0,
      ) / settled.wholeMl
    : (targetPercent ?? 0) / 100;
  const blendFrom = ({ wholeMl, oilMl, bases: mixed, grain }: SettledBases): Blend => {
    const measureOf = (index: number): OilMeasure => {
      const amount = recipe.oils[index]?.amount ?? null;
      if (amount?.unit === 'drops') return { by: 'drops', drops: amount.value };
      if (amount?.unit === 'ml') return { by: 'ml', ml: amount.value };
      if (amount?.unit === 'g') return { by: 'g', g: amount.value };
      if (amount?.unit === 'parts') return { by: 'parts', parts: amount.value };
      return { by: 'ml', ml: oilMl[asked.findIndex((one) => one.index === index)] ?? 0 };
    };
    const container: Container = inOne
      ? { id: null, kind: first.kind, nominalMl: wholeMl, workingFillPercent: 100 }
      : wholeMl === fillMl(first)
        ? first
        : { ...first, workingFillPercent: (100 * wholeMl) / first.nominalMl };
    return {
      catalog,
      name: recipe.name.trim(),
      purpose: recipe.purpose,
      brief,
      guideline: recipe.guideline,
      count: inOne ? 1 : line.count,
      fillings,
      inOne,
      lossPercent: inOne ? recipe.lossPercent : 0,
      gainPercent,
      grain,
      ...(recipe.useMl === null ? {} : { useMl: recipe.useMl }),
      formula: {
        container,
        ...(inOne ? { into: [...new Set(fillings.map((filling) => filling.container.kind))] } : {}),
        by,
        dropsPerMl: recipe.dropsPerMl,
        ...(targetPercent === undefined
          ? {}
          : { targetPercent: by === 'weight' ? 100 * targetPerMl : targetPercent }),
        oils: there.map((item, index): FormulaOil => ({ ...item, measure: measureOf(index) })),
        bases: mixed.map(({ base, ml }, index) => {
          const entry = recipe.bases[index];
          const bottle = made ? entry?.bottle : catalog.openBottle(base.id)?.bottle;
          return {
            base,
            parts: ml,
            ...(entry?.amount?.unit === 'loose' ? { loose: entry.amount } : {}),
            ...(bottle ? { bottle } : {}),
          };
        }),
      },
    };
  };
  let blend = blendFrom(settled);
  const drops = mostDropsOf(blend.formula) * blend.count;
  if (!made && drops > mostDrops) {
    return {
      ok: false,
      problem: { code: 'too-many-drops', value: drops, limit: mostDrops, path: ['oils'] },
    };
  }
  if (!hasParts || tops) return { ok: true, blend };
  // What the maker fixed stays: where the drops come to less than was wanted, or to a part of a
  // drop more, the whole is smaller or larger by that, and the bases that are fixed are not.
  let partsMl = oilOfParts(settled, asked.length);
  for (let round = 0; round < mostRounds; round += 1) {
    const reached = partsMlOf(blend, wholeDrops(blend.formula, blend.brief, blend.guideline).drops);
    if (Math.abs(reached - partsMl) < 1e-9) break;
    partsMl = reached;
    const next = settleBeside({ by: 'ml', ml: reached });
    if (!next.ok) break;
    blend = blendFrom(next);
  }
  return { ok: true, blend };
};

/**
 * Settles the amounts of a recipe that has a brief and at least one base: from the materials of
 * the house, and the bottles that are open today.
 */
export const settle = (catalog: Catalog, recipe: Recipe): Settled =>
  settleWith(catalog, recipe, null);

/**
 * The blend of a batch as it was made: from the bottles of that day, with the drops of that day.
 *
 * @param catalog with the materials that the batch carries
 * @param analyses what had been found of its bottles
 */
export const settleMade = (catalog: Catalog, recipe: Recipe, analyses: Analyses = {}): Blend => {
  const settled = settleWith(catalog, recipe, analyses);
  if (!settled.ok) throw new Error(`the batch of “${recipe.name}” cannot be worked out`);
  return settled.blend;
};
