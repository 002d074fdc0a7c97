import type { BasesProblem } from '../mixture';

/** A material or a container of a recipe that is not in this house. */
export interface UnknownThing {
  readonly code: 'not-here' | 'removed';
  readonly what: 'oil' | 'base' | 'container';
  readonly id: string;
}

/** More than can be made or counted at once. */
interface TooMuch {
  readonly code: 'too-large' | 'too-many-drops';
  /** In ml, or in drops. */
  readonly value: number;
  readonly limit: number;
}

/** Oils that do not fit under the fill line, or amounts that come to more than the container takes. */
interface TooFull {
  readonly code: 'oils-do-not-fit' | 'too-full';
  /** In ml. */
  readonly value: number;
  readonly limit: number;
}

/**
 * Why a recipe cannot be worked out: the bases leave no room, or come to more than all; something
 * in it is not in this house; it is more than anybody makes. `path` is where in the recipe.
 */
export type SettleProblem = (
  Pick<BasesProblem, 'code' | 'value' | 'limit'> | UnknownThing | TooMuch | TooFull
) & {
  readonly path: readonly (string | number)[];
};

/** True for what does not fit, and false for what is not understood. */
export const isAboutRoom = ({ code }: SettleProblem): boolean =>
  code !== 'not-here' && code !== 'removed' && code !== 'over-all';
