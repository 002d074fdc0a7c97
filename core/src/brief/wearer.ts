import { z } from 'zod';
import { nameSchema } from '../quantity';

/** What the skin is like, in the words of the guidelines. */
export type Skin = 'normal' | 'sensitive' | 'damaged';

/** A third of a pregnancy; not given counts as the first, the most careful. */
export type Trimester = 1 | 2 | 3;

/** One person who will wear a blend, with what the rules need to know. */
export interface Wearer {
  /** As it is in the sentence and on the label; no rule reads it. */
  readonly name?: string | undefined;
  /** Full months since birth, 0 to 1500. */
  readonly ageMonths: number;
  readonly pregnant: boolean;
  readonly trimester?: Trimester | undefined;
  readonly breastfeeding: boolean;
  /** From the library's vocabulary; other words are kept, and no rule reads them. */
  readonly conditions: readonly string[];
  /** Families of the library, ids of materials, or other words, which no rule reads. */
  readonly allergies: readonly string[];
  /** Ids of materials that were in a blend to which their skin reacted: one of them, no one knows which. */
  readonly suspected?: readonly string[] | undefined;
  readonly skin: Skin;
}

/**
 * Someone not known: a gift or a stall. An adult of whom nothing is known, so
 * that every "avoid" and "caution" is reported on the label.
 */
export type WearerOrAnyone = Wearer | 'anyone';

const words = z.array(z.string().trim().min(1).max(200)).max(50).readonly();

/** What is stated of someone's skin and health, wherever it is kept. */
export const wearerShape = {
  name: nameSchema(80).optional(),
  ageMonths: z.number().int().min(0).max(1500),
  pregnant: z.boolean(),
  trimester: z.union([z.literal(1), z.literal(2), z.literal(3)]).optional(),
  breastfeeding: z.boolean(),
  conditions: words,
  allergies: words,
  suspected: words.optional(),
  skin: z.enum(['normal', 'sensitive', 'damaged']),
};

/** A third is of a pregnancy alone. */
const trimesterOnlyIfPregnant = ({
  pregnant,
  trimester,
}: Pick<Wearer, 'pregnant' | 'trimester'>): boolean => pregnant || trimester === undefined;

export const wearerSchema = z.strictObject(wearerShape).refine(trimesterOnlyIfPregnant, {
  error: 'trimester-alone',
  path: ['trimester'],
});
