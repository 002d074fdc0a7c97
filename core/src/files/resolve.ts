import { dropOf, measured, mlOfGrams } from '../blend/drops';
import {
  settleBases,
  type AskedOil,
  type BaseMeasure,
  type BasesProblem,
  type By,
  type SettledBases,
} from '../blend/bases';
import { toMixMl, type Filling } from '../blend/fillings';
import type { Formula, FormulaOil, OilMeasure } from '../blend/formula';
import { fillMl, usualVessel, type Vessel } from '../brief/vessel';
import { essentialShare } from '../blend/mixture';
import type { Blend } from '../dose/blend';
import { mostDropsOf, wholeDrops } from '../dose/wholeDrops';
import { oilInBottle, onShelf, type Bottle } from '../keep/shelf';
import { isMelted } from '../library/isMelted';
import { findBase, houseLookup, type Lookup } from '../library/library';
import { looseDensity } from '../library/measures';
import type { Base } from '../library/schema';
import { mostDrops, type BlendFile } from './blendFile';
import { missingOf, type UnknownThing } from './missing';

type FileOil = BlendFile['oils'][number];
type FileBase = BlendFile['bases'][number];

/** How it is measured, mixed and parted. */
type Mixing = Pick<BlendFile, 'by' | 'more' | 'inOne' | 'lossPercent' | 'whipPercent' | 'useMl'>;

const known = <T>(found: T | undefined, what: string): T => {
  // The library was asked before; this tells the compiler so.
  if (found === undefined) throw new Error(`unknown ${what}`);
  return found;
};

const vesselOf = (vessel: BlendFile['vessel']): Vessel => {
  if ('id' in vessel) return known(usualVessel(vessel.id), 'vessel');
  const { brimfulMl, name, ...rest } = vessel;
  return {
    id: null,
    ...rest,
    ...(name === undefined ? {} : { name }),
    ...(brimfulMl === undefined ? {} : { brimfulMl }),
  };
};

/**
 * True where all is mixed in one jug or pan and then poured: where it is melted, whipped or
 * holds grains, goes into several kinds of vessel, or where the maker wants it so.
 */
export const isMixedInOne = ({
  bases,
  more,
  inOne,
  whipPercent,
}: Pick<Mixing, 'more' | 'inOne' | 'whipPercent'> & {
  readonly bases: readonly { readonly id: string }[];
}): boolean =>
  inOne === true ||
  whipPercent !== undefined ||
  (more?.length ?? 0) > 0 ||
  bases.some(({ id }) => {
    const base = findBase(id);
    return base !== undefined && (isMelted(base) || base.kind === 'dry');
  });

/** All vessels of a blend, the first first. */
export const fillingsOf = (
  file: Pick<BlendFile, 'vessel' | 'count'> & Pick<Mixing, 'more'>,
): Filling[] => [
  { vessel: vesselOf(file.vessel), count: file.count },
  ...(file.more ?? []).map(({ vessel, count }) => ({ vessel: vesselOf(vessel), count })),
];

/** Spoons of something loose, in g as they most likely weigh. */
const gOfLoose = ({ ml, form }: NonNullable<FileBase['loose']>, base: Base): number =>
  ml * (looseDensity(base.id, form)?.likely ?? base.densityGPerMl);

const measureOfBase = ({ parts, percent, ml, g, loose }: FileBase, base: Base): BaseMeasure => {
  if (loose !== undefined) return { by: 'g', g: gOfLoose(loose, base) };
  if (parts !== undefined) return { by: 'parts', parts };
  if (percent !== undefined) return { by: 'percent', percent };
  if (ml !== undefined) return { by: 'ml', ml };
  return { by: 'g', g: g ?? 0 };
};

/** Essential oil in a ml of what the parts come to: less than all where one is ready-made. */
const shareOfParts = (oils: readonly Pick<FormulaOil, 'oil'>[], entries: readonly FileOil[]) => {
  let essential = 0;
  let parts = 0;
  for (const [index, { parts: part = 0 }] of entries.entries()) {
    const oil = oils[index]?.oil;
    essential += part * (oil ? essentialShare(oil) : 1);
    parts += part;
  }
  return parts > 0 ? essential / parts : 1;
};

/** Mean density of the oils by parts, weighed by them; null where one is not known. */
const meanOfParts = (oils: readonly Pick<FormulaOil, 'oil'>[], entries: readonly FileOil[]) => {
  let total = 0;
  let parts = 0;
  for (const [index, { parts: part }] of entries.entries()) {
    if (part === undefined) continue;
    const density = oils[index]?.oil.densityGPerMl;
    if (density === null || density === undefined) return null;
    total += part * density;
    parts += part;
  }
  return parts > 0 ? total / parts : null;
};

/**
 * The share of the whole that the essential oil in the first oils makes up, 0 to 1, by what the
 * blend is measured by. One whose density is not known weighs as much as what it takes the place of.
 *
 * @param densities of all oils, in g/ml
 * @param essential how much of each of the first oils is essential oil, 0 to 1
 */
const shareOfOils = (
  { oilMl, bases }: SettledBases,
  densities: readonly (number | null)[],
  essential: readonly number[],
  by: By,
): number => {
  const basesMl = bases.reduce((total, { ml }) => total + ml, 0);
  const basesG = bases.reduce((total, { base, ml }) => total + ml * base.densityGPerMl, 0);
  const sizes = oilMl.map((ml, at) =>
    by === 'weight' ? ml * (densities[at] ?? basesG / basesMl) : ml,
  );
  const whole = sizes.reduce((total, size) => total + size, by === 'weight' ? basesG : basesMl);
  return essential.reduce((total, share, at) => total + share * (sizes[at] ?? 0), 0) / whole;
};

/** More than can be made or counted at once. */
interface TooMuch {
  readonly ok: false;
  readonly code: 'too-large' | 'too-many-drops';
  /** In ml, or in drops. */
  readonly value: number;
  readonly limit: number;
}

/**
 * Why a blend of a file cannot be worked out: the bases leave no room, or come to more
 * than all; something in it is not in this house; it is more than anybody makes.
 */
export type Resolved =
  | { readonly ok: true; readonly blend: Blend }
  | { readonly ok: false; readonly problem: BasesProblem | UnknownThing | TooMuch };

/** Most that is mixed at once, in ml: 200 litres, a barrel. */
const largestBatchMl = 200_000;

/** True where bases by parts of the volume do nothing but fill up, whatever the oils take. */
const isTopUp = ({ bases }: BlendFile, by: By): boolean =>
  by === 'volume' &&
  bases.every(({ id, parts }) => {
    const base = findBase(id);
    return parts !== undefined && base?.trueDensityGPerMl === undefined;
  });

const toppedUp = (
  file: BlendFile,
  find: Lookup,
  oils: readonly AskedOil[],
  wholeMl: number,
  partsShare: number,
): SettledBases => ({
  ok: true,
  wholeMl,
  bases: file.bases.map(({ id, parts = 0 }) => ({ base: known(find.base(id), 'base'), ml: parts })),
  oilMl: [
    ...oils.map(({ amount }) => (amount.by === 'ml' ? amount.ml : amount.share * wholeMl)),
    ...(partsShare > 0 ? [partsShare * wholeMl] : []),
  ],
  grain: null,
});

/** Analyses of the bottles from which a batch came, by id of the oil. */
type Analyses = Readonly<Record<string, NonNullable<Bottle['analysis']>>>;

/**
 * How often amounts are settled anew where the drops that are reached change the whole: each
 * time they differ by less, and by then by less than a drop.
 */
const mostRounds = 5;

const tryResolve = (
  file: BlendFile,
  find: Lookup,
  made: { readonly analyses: Analyses } | null,
): Resolved => {
  const missing = missingOf(file, find, made !== null);
  if (missing) return { ok: false, problem: missing };
  const by = file.by ?? 'volume';
  const fillings = fillingsOf(file);
  const inOne = isMixedInOne(file);
  const lossPercent = file.lossPercent ?? 0;
  const gainPercent = file.whipPercent ?? 0;
  const first = known(fillings[0], 'vessel').vessel;
  const wanted = inOne ? toMixMl(fillings, lossPercent, gainPercent) : fillMl(first);

  const onBench = file.oils.map((entry) => {
    const oil = known(find.oil(entry.id), 'oil');
    const shelf = onShelf(entry.id);
    const dropMl = entry.dropMl ?? (made ? undefined : shelf?.dropMl);
    const bottle = made ? entry.bottle : shelf?.bottle;
    const analysis = made
      ? (laterAnalysis(bottle, shelf) ?? made.analyses[entry.id] ?? null)
      : (shelf?.analysis ?? null);
    return {
      oil: oilInBottle(oil, analysis),
      ...(dropMl ? { dropMl } : {}),
      ...(bottle ? { bottle } : {}),
    };
  });

  /** What of each oil the bases leave room for; parts come in as their target. */
  const askedOils = file.oils.flatMap((entry, index): (AskedOil & { index: number })[] => {
    const there = onBench[index];
    if (!there) return [];
    const densityGPerMl = there.oil.densityGPerMl;
    const ml = (amount: number): AskedOil & { index: number } => ({
      index,
      densityGPerMl,
      amount: { by: 'ml', ml: amount },
    });
    if (entry.drops !== undefined) {
      const measure = { by: 'drops', drops: entry.drops } as const;
      return [ml(dropOf({ ...there }, file.dropSchool).likely * measure.drops)];
    }
    if (entry.ml !== undefined) return [ml(entry.ml)];
    if (entry.g !== undefined) return [ml(mlOfGrams(entry.g, densityGPerMl).likely)];
    if (entry.percent !== undefined) {
      return [{ index, densityGPerMl, amount: { by: 'share', share: entry.percent / 100 } }];
    }
    return [];
  });
  const hasParts = file.oils.some(({ parts }) => parts !== undefined);
  // Amounts that are fixed count toward the target; parts share what is left of it.
  const targetShare = hasParts ? (file.target?.percent ?? 0) / 100 : 0;
  const partsDensity = meanOfParts(onBench, file.oils);
  const essentialOfParts = shareOfParts(onBench, file.oils);
  const tops = isTopUp(file, by);
  const settleWith = (partsOil: AskedOil['amount'] | null): SettledBases | BasesProblem =>
    settleBases(
      file.bases.map((entry) => {
        const base = known(find.base(entry.id), 'base');
        return { base, measure: measureOfBase(entry, base) };
      }),
      [...askedOils, ...(partsOil ? [{ densityGPerMl: partsDensity, amount: partsOil }] : [])],
      by,
      wanted,
    );
  const settle = (partsShare: number): SettledBases | BasesProblem =>
    tops
      ? toppedUp(file, find, askedOils, wanted, partsShare)
      : settleWith(partsShare > 0 ? { by: 'share', share: partsShare } : null);
  let partsShare = targetShare / essentialOfParts;
  let settled = settle(partsShare);
  // What stands is a share of a whole that the parts have a share in: each round is far nearer.
  for (let round = 0; round < 20; round += 1) {
    if (!settled.ok) return { ok: false, problem: settled };
    if (targetShare === 0 || askedOils.length === 0) break;
    const densities = [...askedOils.map(({ densityGPerMl }) => densityGPerMl), partsDensity];
    const essential = askedOils.map(({ index }) => {
      const oil = onBench[index]?.oil;
      return oil ? essentialShare(oil) : 1;
    });
    const next =
      Math.max(0, targetShare - shareOfOils(settled, densities, essential, by)) / essentialOfParts;
    if (Math.abs(next - partsShare) < 1e-9) break;
    partsShare = next;
    settled = settle(partsShare);
  }
  if (!settled.ok) return { ok: false, problem: settled };
  if (!made && settled.wholeMl > largestBatchMl) {
    const { wholeMl: value } = settled;
    return { ok: false, problem: { ok: false, code: 'too-large', value, limit: largestBatchMl } };
  }
  const essentialOf = (index: number): number => {
    const oil = onBench[index]?.oil;
    return oil ? essentialShare(oil) : 1;
  };
  /** The essential oil that is asked for, in ml, of a whole of this size. */
  const askedPerMl = hasParts
    ? settled.oilMl.reduce(
        (total, ml, at) =>
          total + ml * (askedOils[at] ? essentialOf(askedOils[at].index) : essentialOfParts),
        0,
      ) / settled.wholeMl
    : (file.target?.percent ?? 0) / 100;
  const blendFrom = ({ wholeMl, oilMl, bases, grain }: SettledBases): Blend => {
    const measureOf = (entry: FileOil, index: number): OilMeasure => {
      if (entry.drops !== undefined) return { by: 'drops', drops: entry.drops };
      if (entry.ml !== undefined) return { by: 'ml', ml: entry.ml };
      if (entry.g !== undefined) return { by: 'g', g: entry.g };
      if (entry.parts !== undefined) return { by: 'parts', parts: entry.parts };
      const place = askedOils.findIndex((one) => one.index === index);
      return { by: 'ml', ml: oilMl[place] ?? 0 };
    };
    const vessel: Vessel = inOne
      ? { id: null, kind: first.kind, nominalMl: wholeMl, workingFillPercent: 100 }
      : wholeMl === fillMl(first)
        ? first
        : { ...first, workingFillPercent: (100 * wholeMl) / first.nominalMl };
    return {
      name: file.name,
      purpose: file.purpose ?? '',
      brief: file.brief,
      school: file.school,
      count: inOne ? 1 : file.count,
      fillings,
      inOne,
      lossPercent: inOne ? lossPercent : 0,
      gainPercent,
      grain,
      ...(file.useMl === undefined ? {} : { useMl: file.useMl }),
      formula: {
        vessel,
        ...(inOne ? { into: [...new Set(fillings.map((one) => one.vessel.kind))] } : {}),
        ...(by === 'weight' ? { by } : {}),
        dropSchool: file.dropSchool,
        ...(file.target
          ? {
              targetPercent: by === 'weight' ? 100 * askedPerMl : file.target.percent,
            }
          : {}),
        oils: file.oils.flatMap((entry, index): FormulaOil[] => {
          const there = onBench[index];
          return there ? [{ ...there, measure: measureOf(entry, index) }] : [];
        }),
        bases: bases.map(({ base, ml }, index) => {
          const entry = file.bases[index];
          const bottle = made ? entry?.bottle : onShelf(base.id)?.bottle;
          return {
            base,
            parts: ml,
            ...(entry?.loose ? { loose: entry.loose } : {}),
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
      problem: { ok: false, code: 'too-many-drops', value: drops, limit: mostDrops },
    };
  }
  if (!hasParts || tops) return { ok: true, blend };
  // What the maker fixed stays: where the drops come to less than was asked, or to a part of a
  // drop more, the whole is smaller or larger by that, and the bases that are fixed are not.
  let partsMl = oilOfParts(settled, askedOils.length);
  for (let round = 0; round < mostRounds; round += 1) {
    const reached = partsMlOf(blend, wholeDrops(blend.formula, blend.brief, blend.school).drops);
    if (Math.abs(reached - partsMl) < 1e-9) break;
    partsMl = reached;
    const next = settleWith({ by: 'ml', ml: reached });
    if (!next.ok) break;
    blend = blendFrom(next);
  }
  return { ok: true, blend };
};

/** What the parts were settled at, in ml: it stands after all other oils. */
const oilOfParts = ({ oilMl }: SettledBases, others: number): number =>
  oilMl.slice(others).reduce((total, ml) => total + ml, 0);

/** What whole drops of the oils by parts come to, in ml on likely drops. */
const partsMlOf = ({ formula }: Blend, drops: readonly (number | null)[]): number =>
  formula.oils.reduce(
    (total, entry, index) =>
      entry.measure.by === 'parts'
        ? total + dropOf(entry, formula.dropSchool).likely * (drops[index] ?? 0)
        : total,
    0,
  );

/** What a laboratory found since is true of the bottle that it was: the same lot, by its number. */
const laterAnalysis = (
  bottle: FileOil['bottle'],
  shelf: ReturnType<typeof onShelf>,
): Bottle['analysis'] =>
  bottle && bottle.lot.trim() !== '' && shelf?.bottle.lot === bottle.lot ? shelf.analysis : null;

/** Looks the ids of a parsed file up in the library, and its materials on the shelf. */
export const resolveBlend = (file: BlendFile): Resolved => tryResolve(file, houseLookup, null);

/** What a batch carries of its own: its materials and what was found of its bottles, as they were. */
export interface Carried {
  readonly find: Lookup;
  readonly analyses: Analyses;
}

/** A batch as it was made: from the bottles and materials of that day, with the drops of that day. */
export const resolveMade = (
  file: BlendFile,
  { find, analyses }: Carried = { find: houseLookup, analyses: {} },
): Blend => {
  const resolved = tryResolve(file, find, { analyses });
  if (!resolved.ok) throw new Error(`the batch of “${file.name}” cannot be worked out`);
  return resolved.blend;
};

/** What the oils take of the vessel on likely drops, parts aside, and what it takes at most. */
export const roomFor = (formula: Formula): { readonly oilMl: number; readonly fillMl: number } => ({
  oilMl: formula.oils.reduce(
    (total, entry) => total + measured(entry, formula.dropSchool, 0).ml.likely,
    0,
  ),
  fillMl: fillMl(formula.vessel),
});
