import { containerFacts, findContainer, type Container } from '@jubbet/core/catalog';

/** Outer size of a container in mm, as it is. */
export interface SizeMm {
  readonly width: number;
  readonly height: number;
}

/**
 * What it measures outside: from the library, or as one like it. One of its own measure is drawn
 * as large as its volume makes it.
 */
export const sizeOf = (container: Container): SizeMm => {
  const usual = container.id === null ? undefined : findContainer(container.id);
  const volume = container.brimfulMl ?? container.nominalMl;
  // A bottle is like a 10 ml roll-on, grown; what is open is a third wider than it is deep.
  const [width, height] = containerFacts(container.kind).runs
    ? [20 * Math.cbrt(container.nominalMl / 10), 86 * Math.cbrt(container.nominalMl / 10)]
    : [12 * Math.cbrt(volume), 7.5 * Math.cbrt(volume)];
  return { width: usual?.outerDiameterMm ?? width, height: usual?.heightMm ?? height };
};

/** What it holds to its brim, in ml. */
export const brimfulOf = (container: Container): number =>
  container.brimfulMl ??
  (container.id === null ? undefined : findContainer(container.id)?.brimfulMl) ??
  container.nominalMl * 1.15;
