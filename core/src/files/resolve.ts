import { dropOf, measured } from '../blend/drops';
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
import type { Blend } from '../dose/blend';
import { oilInBottle, onShelf } from '../keep/shelf';
import { isMelted } from '../library/isMelted';
import { findBase, findOil } from '../library/library';
import type { BlendFile } from './blendFile';

type FileOil = BlendFile['oils'][number];
type FileBase = BlendFile['bases'][number];

/** How it is measured, mixed and parted. */
type Mixing = Pick<BlendFile, 'by' | 'more' | 'inOne' | 'lossPercent' | 'whipPercent' | 'useMl'>;

const known = <T>(found: T | undefined, what: string): T => {
  // The schema has already asked the library; this tells the compiler so.
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

const measureOfBase = ({ parts, percent, ml, g }: FileBase): BaseMeasure => {
  if (parts !== undefined) return { by: 'parts', parts };
  if (percent !== undefined) return { by: 'percent', percent };
  if (ml !== undefined) return { by: 'ml', ml };
  return { by: 'g', g: g ?? 0 };
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
 * The share of the whole that the first oils make up, 0 to 1, by what the blend is measured by.
 * One whose density is not known weighs as much as what it takes the place of.
 *
 * @param densities of all oils, in g/ml
 */
const shareOfOils = (
  { oilMl, bases }: SettledBases,
  densities: readonly (number | null)[],
  first: number,
  by: By,
): number => {
  const basesMl = bases.reduce((total, { ml }) => total + ml, 0);
  const basesG = bases.reduce((total, { base, ml }) => total + ml * base.densityGPerMl, 0);
  const sizes = oilMl.map((ml, at) =>
    by === 'weight' ? ml * (densities[at] ?? basesG / basesMl) : ml,
  );
  const whole = sizes.reduce((total, size) => total + size, by === 'weight' ? basesG : basesMl);
  return sizes.slice(0, first).reduce((total, size) => total + size, 0) / whole;
};

/**
 * Why a blend of a file cannot be worked out: the bases leave no room, or come to more
 * than all.
 */
export type Resolved =
  | { readonly ok: true; readonly blend: Blend }
  | { readonly ok: false; readonly problem: BasesProblem };

/** True where bases by parts of the volume do nothing but fill up, whatever the oils take. */
const isTopUp = ({ bases }: BlendFile, by: By): boolean =>
  by === 'volume' &&
  bases.every(({ id, parts }) => {
    const base = findBase(id);
    return parts !== undefined && base?.trueDensityGPerMl === undefined;
  });

const toppedUp = (
  file: BlendFile,
  oils: readonly AskedOil[],
  wholeMl: number,
  partsShare: number,
): SettledBases => ({
  ok: true,
  wholeMl,
  bases: file.bases.map(({ id, parts = 0 }) => ({ base: known(findBase(id), 'base'), ml: parts })),
  oilMl: [
    ...oils.map(({ amount }) => (amount.by === 'ml' ? amount.ml : amount.share * wholeMl)),
    ...(partsShare > 0 ? [partsShare * wholeMl] : []),
  ],
  grain: null,
});

const tryResolve = (file: BlendFile, made: boolean): Resolved => {
  const by = file.by ?? 'volume';
  const fillings = fillingsOf(file);
  const inOne = isMixedInOne(file);
  const lossPercent = file.lossPercent ?? 0;
  const gainPercent = file.whipPercent ?? 0;
  const first = known(fillings[0], 'vessel').vessel;
  const wanted = inOne ? toMixMl(fillings, lossPercent, gainPercent) : fillMl(first);

  const onBench = file.oils.map((entry) => {
    const oil = known(findOil(entry.id), 'oil');
    const shelf = onShelf(entry.id);
    const dropMl = entry.dropMl ?? (made ? undefined : shelf?.dropMl);
    const bottle = made ? entry.bottle : shelf?.bottle;
    // What a laboratory finds later is true of the bottle that it was before.
    const analysis = bottle && shelf?.bottle.lot === bottle.lot ? shelf.analysis : null;
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
    if (entry.g !== undefined) return [ml(entry.g / (densityGPerMl ?? 1))];
    if (entry.percent !== undefined) {
      return [{ index, densityGPerMl, amount: { by: 'share', share: entry.percent / 100 } }];
    }
    return [];
  });
  const hasParts = file.oils.some(({ parts }) => parts !== undefined);
  // Amounts that are fixed count toward the target; parts share what is left of it.
  const targetShare = hasParts ? (file.target?.percent ?? 0) / 100 : 0;
  const partsDensity = meanOfParts(onBench, file.oils);
  const settle = (partsShare: number): SettledBases | BasesProblem =>
    isTopUp(file, by)
      ? toppedUp(file, askedOils, wanted, partsShare)
      : settleBases(
          file.bases.map((entry) => ({
            base: known(findBase(entry.id), 'base'),
            measure: measureOfBase(entry),
          })),
          [
            ...askedOils,
            ...(partsShare > 0
              ? [
                  {
                    densityGPerMl: partsDensity,
                    amount: { by: 'share', share: partsShare } as const,
                  },
                ]
              : []),
          ],
          by,
          wanted,
        );
  let partsShare = targetShare;
  let settled = settle(partsShare);
  // What stands is a share of a whole that the parts have a share in: each round is far nearer.
  for (let round = 0; round < 20; round += 1) {
    if (!settled.ok) return { ok: false, problem: settled };
    if (targetShare === 0 || askedOils.length === 0) break;
    const densities = [...askedOils.map(({ densityGPerMl }) => densityGPerMl), partsDensity];
    const next = Math.max(0, targetShare - shareOfOils(settled, densities, askedOils.length, by));
    if (Math.abs(next - partsShare) < 1e-9) break;
    partsShare = next;
    settled = settle(partsShare);
  }
  if (!settled.ok) return { ok: false, problem: settled };
  const { wholeMl, oilMl, bases, grain } = settled;
  const targetMl = hasParts
    ? oilMl.reduce((total, ml) => total + ml, 0)
    : ((file.target?.percent ?? 0) / 100) * wholeMl;
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
    ok: true,
    blend: {
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
              targetPercent: by === 'weight' ? (100 * targetMl) / wholeMl : file.target.percent,
            }
          : {}),
        oils: file.oils.flatMap((entry, index): FormulaOil[] => {
          const there = onBench[index];
          return there ? [{ ...there, measure: measureOf(entry, index) }] : [];
        }),
        bases: bases.map(({ base, ml }, index) => {
          const entry = file.bases[index];
          const bottle = made ? entry?.bottle : onShelf(base.id)?.bottle;
          return { base, parts: ml, ...(bottle ? { bottle } : {}) };
        }),
      },
    },
  };
};

/** Looks the ids of a parsed file up in the library, and its materials on the shelf. */
export const resolveBlend = (file: BlendFile): Resolved => tryResolve(file, false);

/** A batch as it was made: from the bottles of that day, with the drops of that day. */
export const resolveMade = (file: BlendFile): Blend => {
  const resolved = tryResolve(file, true);
  // It was worked out before it was made; its amounts are frozen since.
  if (!resolved.ok) throw new Error('the batch of this file cannot be worked out');
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
