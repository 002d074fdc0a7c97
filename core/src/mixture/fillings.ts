import { fillMl, type Container, usualContainers, type UsualContainer } from '../catalog';

/** Containers of one kind and size, and how many. */
export interface Filling {
  readonly container: Container;
  readonly count: number;
}

/** What becomes of one line of containers. */
interface Filled extends Filling {
  /** What each takes to its line, in ml as it is in the container. */
  readonly fillMl: number;
  /** What that weighs, in g. */
  readonly fillG: number;
  /** How many are filled to the line. */
  readonly full: number;
  /** What goes into one more of them, in ml; 0 where none is begun. */
  readonly lastMl: number;
  /** What that weighs, in g. */
  readonly lastG: number;
}

/** Containers that hold the same: how many, and what is in each. */
export interface Content {
  readonly container: Container;
  readonly count: number;
  /** In ml as it is there. */
  readonly ml: number;
  readonly g: number;
  /** False for the last of a line, which takes what is left. */
  readonly isFull: boolean;
}

/** What came out in containers of one kind: so many to their line, and one more in part. */
export interface CameOut {
  readonly container: Container;
  readonly full: number;
  /** How full the one after them is, in percent of its line; 0 where none is begun. */
  readonly lastPercent: number;
}

/** A batch as it is parted among containers. */
export interface Parted {
  readonly lines: readonly Filled[];
  /** What there is to pour after what stays in the jug, in ml as it is in the containers. */
  readonly toPourMl: number;
  /** What no container takes, in ml. */
  readonly leftMl: number;
  readonly leftG: number;
  /** What is missing for all to be full, in ml. */
  readonly shortMl: number;
  /** The smallest usual container that takes what is left; null where none is left or none does. */
  readonly leftInto: UsualContainer | null;
}

/** Less than this cannot be poured, in ml. */
const leastPouredMl = 0.005;

/** What all containers take to their lines, in ml. */
export const heldMl = (fillings: readonly Filling[]): number =>
  fillings.reduce((total, { container, count }) => total + count * fillMl(container), 0);

/**
 * What must be mixed for all containers to be filled, in ml before it is whipped.
 *
 * @param lossPercent what stays in the jug, the pan and the pipette, over what is filled
 * @param gainPercent what whipping adds to the volume
 */
export const toMixMl = (
  fillings: readonly Filling[],
  lossPercent: number,
  gainPercent: number,
): number => (heldMl(fillings) * (1 + lossPercent / 100)) / (1 + gainPercent / 100);

/**
 * Parts what was mixed among the containers, in their order.
 *
 * @param mixedMl what was mixed, in ml before it is whipped
 * @param mixedG what that weighs on likely densities
 */
export const part = (
  fillings: readonly Filling[],
  mixedMl: number,
  mixedG: number,
  { lossPercent, gainPercent }: { readonly lossPercent: number; readonly gainPercent: number },
): Parted => {
  const toPourMl = (mixedMl * (1 + gainPercent / 100)) / (1 + lossPercent / 100);
  const gPerMl = mixedG / (mixedMl * (1 + gainPercent / 100));
  let left = toPourMl;
  let shortMl = 0;
  const lines = fillings.map(({ container, count }): Filled => {
    const each = fillMl(container);
    const full = Math.min(count, Math.floor((left + leastPouredMl) / each));
    left = Math.max(0, left - full * each);
    const lastMl = full < count && left > leastPouredMl ? Math.min(left, each) : 0;
    left -= lastMl;
    shortMl += (count - full) * each - lastMl;
    return {
      container,
      count,
      fillMl: each,
      fillG: each * gPerMl,
      full,
      lastMl,
      lastG: lastMl * gPerMl,
    };
  });
  const leftMl = left > leastPouredMl ? left : 0;
  const kinds = new Set(fillings.map(({ container }) => container.kind));
  const leftInto =
    leftMl === 0
      ? null
      : ([...usualContainers]
          .filter((usual) => kinds.has(usual.kind) && fillMl(usual) >= leftMl)
          .sort((a, b) => a.nominalMl - b.nominalMl)[0] ?? null);
  return {
    lines,
    toPourMl,
    leftMl,
    leftG: leftMl * gPerMl,
    shortMl: shortMl > leastPouredMl ? shortMl : 0,
    leftInto,
  };
};

/** What each container of a batch really holds: the full ones of a line, and the last. */
export const contentsOf = ({ lines }: Pick<Parted, 'lines'>): Content[] =>
  lines.flatMap(({ container, full, fillMl: ml, fillG, lastMl, lastG }) => [
    ...(full > 0 ? [{ container, count: full, ml, g: fillG, isFull: true }] : []),
    ...(lastMl > 0 ? [{ container, count: 1, ml: lastMl, g: lastG, isFull: false }] : []),
  ]);

/**
 * What each container holds when so many were filled as someone says: up to its line, and where
 * there was too little for that, its part of what there was.
 *
 * @param thereMl what there was to pour, in ml as it is in the containers
 * @param thereG what that weighs
 */
export const contentsThat = (
  cameOut: readonly CameOut[],
  thereMl: number,
  thereG: number,
): Content[] => {
  const atLineMl = cameOut.reduce(
    (total, { container, full, lastPercent }) =>
      total + (full + lastPercent / 100) * fillMl(container),
    0,
  );
  if (atLineMl === 0 || thereMl <= 0) return [];
  const filled = Math.min(1, thereMl / atLineMl);
  const gPerMl = thereG / thereMl;
  return cameOut.flatMap(({ container, full, lastPercent }): Content[] => {
    const ml = filled * fillMl(container);
    const lastMl = (ml * lastPercent) / 100;
    return [
      ...(full > 0 ? [{ container, count: full, ml, g: ml * gPerMl, isFull: filled === 1 }] : []),
      ...(lastMl > 0
        ? [{ container, count: 1, ml: lastMl, g: lastMl * gPerMl, isFull: false }]
        : []),
    ];
  });
};
