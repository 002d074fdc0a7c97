import type { z } from 'zod';
import textureJson from './data/texture.json';
import type { textureFile } from './craftSchema';

/** Wax and texture: bands, what is in for beeswax, and what a container wants. */
// Parsed against its schema in library.test.ts.
export const textureFigures = textureJson as unknown as z.infer<typeof textureFile>;
