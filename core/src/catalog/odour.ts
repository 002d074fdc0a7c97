import type { z } from 'zod';
import type { odourFile } from './odourSchema';
import odourJson from './data/odour.json';
import { once } from './once';

export type Odour = z.infer<typeof odourFile>['constituents'][number];

const byName = once(
  ({ constituents }: z.infer<typeof odourFile>): ReadonlyMap<string, Odour> =>
    new Map(constituents.map((entry) => [entry.name, entry])),
);

/** The figures of all constituents, by name. Large: it is read where smells are worked out. */
export const odours = (): ReadonlyMap<string, Odour> =>
  byName(odourJson as unknown as z.infer<typeof odourFile>);
