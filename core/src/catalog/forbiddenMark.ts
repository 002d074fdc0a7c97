import type { ForbiddenMaterial } from './cautionSchema';
import type { Oil } from './schema';

/** What an own material is that bears the name or the plant of something forbidden. */
export const forbiddenMark = (found: ForbiddenMaterial | undefined): Pick<Oil, 'forbidden'> =>
  found
    ? { forbidden: { why: found.why, source: found.source, confidence: found.confidence } }
    : {};
