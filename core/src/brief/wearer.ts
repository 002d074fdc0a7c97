/** What the skin is like, in the words of the guidelines. */
export type Skin = 'normal' | 'sensitive' | 'damaged';

/** A third of a pregnancy; not given counts as the first, the most careful. */
export type Trimester = 1 | 2 | 3;

/** One person who will wear a blend, with what the rules need to know. */
export interface Wearer {
  /** As it stands in the sentence and on the label; no rule reads it. */
  readonly name?: string | undefined;
  /** Full months since birth, 0 to 1500. */
  readonly ageMonths: number;
  readonly pregnant: boolean;
  readonly trimester?: Trimester | undefined;
  readonly nursing: boolean;
  /** From the library's vocabulary; other words are kept, and no rule reads them. */
  readonly conditions: readonly string[];
  /** Families of the library, ids of materials, or other words, which no rule reads. */
  readonly allergies: readonly string[];
  readonly skin: Skin;
}

/**
 * Somebody not known: a gift or a stall. An adult of whom nothing is known, so
 * that every "avoid" and "caution" is to be minded and told on the label.
 */
export type WearerOrAnyone = Wearer | 'anyone';
