import { z } from 'zod';
import allergyNamesJson from './data/allergy-names.json';
import constituentNamesJson from './data/constituent-names.json';
import questionsJson from './data/questions.json';

// The words that people and laboratories use, as data of the library; parsed in shipped.test.ts.

/** Plant families by the names that people use, and other words for allergies. */
export const allergyNamesFile = z.strictObject({
  source: z.string(),
  plantFamilies: z.array(z.strictObject({ id: z.string(), latin: z.string() })),
  names: z.array(z.strictObject({ name: z.string(), id: z.string() })),
});
export const allergyNames: z.infer<typeof allergyNamesFile> = allergyNamesJson;

/** What sheets and the trade call constituents, in several languages. */
export const constituentNamesFile = z.strictObject({
  source: z.string(),
  /** Totals of several constituents, by their name. */
  sums: z.record(z.string(), z.array(z.string()).min(2)),
  /** Other names of each. */
  names: z.record(z.string(), z.array(z.string()).min(1)),
});
export const constituentNames: z.infer<typeof constituentNamesFile> = constituentNamesJson;

const ages = { fromMonths: z.number().int().min(0), belowMonths: z.number().int().nullable() };

/** Which conditions are asked about together, and at which ages a question makes sense. */
export const questionsFile = z.strictObject({
  source: z.string(),
  together: z.array(z.array(z.string())),
  ages: z.array(z.strictObject({ condition: z.string(), ...ages })),
  mayBePregnant: z.strictObject(ages),
});
export const questionData: z.infer<typeof questionsFile> = questionsJson;
