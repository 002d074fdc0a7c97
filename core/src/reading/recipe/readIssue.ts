import type { Limit } from './draft';

/** What does not add up in a recipe, as facts. */
export type ReadIssue =
  /** The sum that it names is not the sum of what it lists. */
  | { readonly code: 'drops-differ'; readonly stated: number; readonly listed: number }
  | { readonly code: 'no-amount'; readonly ingredient: string }
  | { readonly code: 'no-carrier' }
  | { readonly code: 'does-not-fit'; readonly ml: number; readonly containerMl: number }
  /** Some by weight, some by volume. */
  | {
      readonly code: 'mass-and-volume';
      readonly byWeight: readonly string[];
      readonly byVolume: readonly string[];
    }
  | {
      readonly code: 'strength-differs';
      readonly stated: number;
      readonly upTo: number | null;
      readonly actual: number;
      /** Drops to the ml at which it would be true; null where no drop is so small or so large. */
      readonly trueAt: number | null;
    }
  | { readonly code: 'percent-sum'; readonly sum: number }
  /** An oil that a step names, and the list does not. */
  | {
      readonly code: 'oil-not-listed';
      readonly text: string;
      readonly ids: readonly string[];
      /** Number of the step, from 0. */
      readonly step: number;
    }
  /** Something that a step needs, and the list does not have. */
  | { readonly code: 'step-needs'; readonly what: string; readonly ids: readonly string[] }
  | { readonly code: 'never-on-skin'; readonly ingredient: string; readonly materialId: string }
  /** As strong as some communities use oils: past what is worn day by day, or dabbed on as perfume. */
  | {
      readonly code: 'strong-habit';
      readonly percent: number;
      readonly most: number;
      readonly isPerfume: boolean;
    }
  | {
      readonly code: 'which-material';
      readonly ingredient: string;
      readonly ids: readonly string[];
    }
  /** An ounce of a liquid: of weight, or of volume? */
  | { readonly code: 'which-ounce'; readonly ingredient: string }
  | { readonly code: 'unknown-ingredient'; readonly ingredient: string }
  /** So many were read, and what follows was not. */
  | { readonly code: 'limit-met'; readonly of: Limit; readonly most: number }
  /** Its number can be read two ways: `1,000 ml`. */
  | {
      readonly code: 'which-amount';
      readonly ingredient: string;
      readonly readings: readonly string[];
    }
  /** Said of children, a baby or a pregnancy: the wearer is to be chosen before it is checked. */
  | { readonly code: 'says-for'; readonly whom: string }
  /** A base in a range of what is not counted: the end that makes it stronger is taken. */
  | { readonly code: 'range-taken'; readonly ingredient: string }
  | { readonly code: 'misspelt'; readonly ingredient: string; readonly ids: readonly string[] }
  /** A number without a unit was taken as drops. */
  | { readonly code: 'unit-guessed'; readonly ingredient: string };
