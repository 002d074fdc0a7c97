import type { Brief, Wearer } from '../brief';
import type { ContainerKind, Catalog } from '../catalog';
import type { Mixture } from '../mixture';
import type { By, Guideline } from '../recipe';

/** All guidelines whose figures may serve as limits. */
export const guidelineIds: readonly Guideline[] = ['clinical', 'cautious'];

/** What every rule is asked: may this mixture go there on this wearer? */
export interface Question {
  /** Where the names of allergies are looked up. */
  readonly catalog: Catalog;
  /** As rules see it: a ready-made blend of known oils counts as those oils. */
  readonly mixture: Mixture;
  /** As it is poured. */
  readonly poured: Mixture;
  readonly brief: Brief;
  /** Kinds of the containers: `roll-on`, `tin`. */
  readonly containers: readonly ContainerKind[];
  readonly guideline: Guideline;
  /** The measure in which the strength is shown: the guideline for the whole blend is checked in it. */
  readonly by: By;
  /** What the maker calls it, and what it is for. */
  readonly named: string;
  /** What one use takes, in ml, where it was measured. */
  readonly useMl: number | null;
  /** What the largest of its containers takes, in ml. */
  readonly eachMl: number;
  /** What nobody has understood of the recipe it was read from. */
  readonly notUnderstood: readonly string[];
}

/** What is asked of the rules: the mixture as it is poured. */
export type Asked = Omit<
  Question,
  'poured' | 'by' | 'named' | 'useMl' | 'eachMl' | 'notUnderstood'
> &
  Partial<Pick<Question, 'by' | 'named' | 'useMl' | 'eachMl' | 'notUnderstood'>>;

/** The wearer, or null for anyone. */
export const knownWearer = ({ wearer }: Pick<Brief, 'wearer'>): Wearer | null =>
  wearer === 'anyone' ? null : wearer;
