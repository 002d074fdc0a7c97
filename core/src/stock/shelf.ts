import { type Catalog, type OpenBottle, isMelted, keepsFrom } from '../catalog';
import { isPossibleDrop, measuredDrop, type Range, type Day } from '../quantity';
import { isDay, type Bottle } from './bottle';
import type { ShelvedBottle } from './ledger';

/** What is left of a material on the shelf, of bottles in ml and of those in g. */
export interface Stock {
  readonly ml: number;
  readonly g: number;
}

/** What is left of each material in all bottles that are not finished, open or not. */
export const stockOf = (bottles: readonly ShelvedBottle[]): ReadonlyMap<string, Stock> => {
  const stock = new Map<string, Stock>();
  for (const { materialId, unit, left, finishedOn } of bottles) {
    if (finishedOn !== null) continue;
    const before = stock.get(materialId) ?? { ml: 0, g: 0 };
    stock.set(materialId, { ...before, [unit]: before[unit] + left });
  }
  return stock;
};

/** What there is of a material in all, both in ml and in g. */
export const stockAsOne = ({ ml, g }: Stock, densityGPerMl: number): Stock => ({
  ml: ml + g / densityGPerMl,
  g: g + ml * densityGPerMl,
});

/** What 100 ml of a bottle cost, in the maker's own money; null where its price is not known. */
export const pricePer100Ml = (
  { price, size, unit }: Pick<Bottle, 'price' | 'size' | 'unit'>,
  densityGPerMl: number,
): number | null =>
  price === null ? null : (100 * price) / (unit === 'ml' ? size : size / densityGPerMl);

/** In what a material is usually measured: what pours in ml, what is scooped or cut off in g. */
export const usualUnit = (catalog: Catalog, materialId: string): Bottle['unit'] => {
  const base = catalog.base(materialId);
  return base && (isMelted(base) || base.kind === 'dry') ? 'g' : 'ml';
};

/**
 * The same bottle measured in the other unit, to a hundredth of it.
 *
 * @param densityGPerMl null where it is not known: then the numbers stay
 */
export const measuredIn = (
  bottle: Bottle,
  unit: Bottle['unit'],
  densityGPerMl: number | null,
): Bottle => {
  if (unit === bottle.unit || densityGPerMl === null) return { ...bottle, unit };
  const to = (amount: number): number =>
    Math.round(100 * (unit === 'g' ? amount * densityGPerMl : amount / densityGPerMl)) / 100;
  return { ...bottle, unit, size: to(bottle.size), atStart: to(bottle.atStart) };
};

/** How long a bottle keeps, and why; null where it is not open and bears no date. */
interface Keeping {
  readonly until: Day;
  /** When it was opened; null where no one has said, or said a day that there is not. */
  readonly from: Day | null;
  readonly because: 'printed' | 'opened' | 'bought';
}

/** A day that there is; null for one that there is not, of an older store. */
const known = (day: Day | null): Day | null => (day !== null && isDay(day) ? day : null);

/**
 * The earlier of the printed date and what the material keeps once opened. A closed bottle without a
 * printed date keeps no longer than if it had been opened on the day it was bought.
 */
export const keeping = (catalog: Catalog, bottle: Bottle): Keeping | null => {
  const material = catalog.oil(bottle.materialId) ?? catalog.base(bottle.materialId);
  const openedOn = known(bottle.openedOn);
  const opened = openedOn && material ? keepsFrom(openedOn, material) : null;
  const printed = known(bottle.printedDate);
  if (printed !== null && (opened === null || printed <= opened)) {
    return { until: printed, from: openedOn, because: 'printed' };
  }
  if (opened !== null) return { until: opened, from: openedOn, because: 'opened' };
  const boughtOn = known(bottle.boughtOn);
  return boughtOn && material
    ? { until: keepsFrom(boughtOn, material), from: null, because: 'bought' }
    : null;
};

/** One drop of this bottle as it was weighed, in ml, whatever came of it; null without a density. */
export const weighedDropOf = (
  catalog: Catalog,
  { materialId, weighings }: Bottle,
): Range | null => {
  const density = catalog.oil(materialId)?.densityGPerMl;
  return density ? measuredDrop(weighings, density) : null;
};

/** One drop of this bottle, in ml, where it was weighed and can be a drop at all. */
export const dropOfBottle = (catalog: Catalog, bottle: Bottle): Range | null => {
  const drop = weighedDropOf(catalog, bottle);
  return drop && isPossibleDrop(drop) ? drop : null;
};

/** A bottle that may be taken from, with how long it keeps. */
interface Candidate<B> {
  readonly bottle: B;
  readonly keeps: Keeping & { readonly because: 'printed' | 'opened' };
}

/**
 * Open bottles of one material in the order in which they are to be used up: the one that the maker
 * wants first, then by the date that passes first. Empty ones and those past their date come last.
 */
const inTurn = <B extends ShelvedBottle>(
  catalog: Catalog,
  bottles: readonly B[],
  today: Day,
): readonly Candidate<B>[] => {
  const rank = ({ bottle, keeps }: Candidate<B>): number =>
    bottle.first ? 0 : bottle.left <= 0 ? 3 : keeps.until < today ? 2 : 1;
  return bottles
    .flatMap((bottle): Candidate<B>[] => {
      if (bottle.openedOn === null || bottle.finishedOn !== null) return [];
      const keeps = keeping(catalog, bottle);
      // Open, and a day that there is not: no one knows since when.
      return keeps && keeps.because !== 'bought'
        ? [{ bottle, keeps: { ...keeps, because: keeps.because } }]
        : [];
    })
    .sort(
      (a, b) =>
        rank(a) - rank(b) ||
        a.keeps.until.localeCompare(b.keeps.until) ||
        (a.bottle.openedOn ?? '').localeCompare(b.bottle.openedOn ?? ''),
    );
};

/**
 * Of each material the bottle in use: of the open ones that are not finished the one that the maker
 * wants first, else the one that goes out of date first.
 *
 * @param today on which it is asked whether a bottle is past its time
 */
export const bottlesInUse = (
  catalog: Catalog,
  bottles: readonly (ShelvedBottle & { readonly id?: string })[],
  today: Day,
): ReadonlyMap<string, OpenBottle> => {
  const byMaterial = new Map<string, (ShelvedBottle & { readonly id?: string })[]>();
  for (const bottle of bottles) {
    byMaterial.set(bottle.materialId, [...(byMaterial.get(bottle.materialId) ?? []), bottle]);
  }
  return new Map(
    [...byMaterial].flatMap(([materialId, alike]): [string, OpenBottle][] => {
      const [next] = inTurn(catalog, alike, today);
      if (!next) return [];
      const { bottle, keeps } = next;
      return [
        [
          materialId,
          {
            bottle: {
              lot: bottle.lot,
              keepsUntil: keeps.until,
              because: keeps.because,
              ...(bottle.inci ? { inci: bottle.inci } : {}),
              past: keeps.until < today,
            },
            id: bottle.id ?? null,
            dropMl: dropOfBottle(catalog, bottle),
            analysis: bottle.analysis,
          },
        ],
      ];
    }),
  );
};

/** Of these oils the analyses of the bottles that are in use now, for a batch to carry. */
export const analysesInUse = (
  catalog: Catalog,
  oilIds: readonly string[],
): Record<string, NonNullable<Bottle['analysis']>> =>
  Object.fromEntries(
    oilIds.flatMap((id) => {
      const analysis = catalog.openBottle(id)?.analysis;
      return analysis
        ? [[id, { source: analysis.source, contents: [...analysis.contents] }] as const]
        : [];
    }),
  );
