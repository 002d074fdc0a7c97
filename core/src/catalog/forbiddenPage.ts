import type { z } from 'zod';
import type { forbiddenPageFile } from './cautionSchema';
import forbiddenPageJson from './data/forbidden-page.json';

/** What the page of a forbidden material says beside why: only that page asks for it. */
export const forbiddenPage = (id: string): z.infer<typeof forbiddenPageFile>[string] | undefined =>
  (forbiddenPageJson as unknown as z.infer<typeof forbiddenPageFile>)[id];
