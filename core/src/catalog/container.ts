import type { ContainerKind } from './containerKinds';
import { findContainer } from './shipped';

/** A bottle, tin or jar, as far as amounts go. */
export interface Container {
  /** Id of a usual container; null for one's own. */
  readonly id: string | null;
  /** What the maker calls one of their own. */
  readonly name?: string;
  readonly kind: ContainerKind;
  /** What it is sold as, in ml: above 0, at most 20,000. */
  readonly nominalMl: number;
  /** How full it is filled, in percent of nominal: above 0, at most 100. */
  readonly workingFillPercent: number;
  /** What it holds to the very brim, in ml, where that is known. */
  readonly brimfulMl?: number;
}

/** What the container takes to its fill line, in ml. */
export const fillMl = (container: Pick<Container, 'nominalMl' | 'workingFillPercent'>): number =>
  (container.nominalMl * container.workingFillPercent) / 100;

/** A usual container of the library as a container; undefined where the id is unknown. */
export const usualContainer = (id: string): Container | undefined => {
  const found = findContainer(id);
  return (
    found && {
      id: found.id,
      kind: found.kind,
      nominalMl: found.nominalMl,
      workingFillPercent: found.workingFillPercent,
      brimfulMl: found.brimfulMl,
    }
  );
};
