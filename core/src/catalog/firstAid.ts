import { z } from 'zod';
import firstAidJson from './data/first-aid.json';

const sentence = z.string().min(1);

/** What may go wrong at a bench, and the usual first aid. */
export const firstAidFile = z.strictObject({
  provenance: sentence,
  confidence: z.enum(['high', 'medium', 'low']),
  cases: z.array(
    z.strictObject({
      id: z.enum(['eye', 'swallowed', 'skin', 'burn', 'fire']),
      title: sentence,
      /** Whom to call first. */
      call: z.enum(['poison', 'emergency']),
      doAtOnce: z.array(sentence).min(1),
      /** When someone else must look at it. */
      seeSomebody: sentence,
    }),
  ),
});

export const firstAid = firstAidJson as unknown as z.infer<typeof firstAidFile>;
