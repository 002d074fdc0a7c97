import type { z } from 'zod';
import factsJson from './data/base-facts.json';
import type { baseFactsFile } from './schema';

/** What describes a base, and no rule reads. */
export type BaseFacts = z.infer<typeof baseFactsFile>['bases'][string];

const facts = (factsJson as unknown as z.infer<typeof baseFactsFile>).bases;

/** Undefined for a base of the house's own. */
export const baseFacts = (id: string): BaseFacts | undefined => facts[id];
