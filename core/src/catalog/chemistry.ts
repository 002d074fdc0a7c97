import { botanicalOf } from './botanical';
import type { Catalog } from './catalog';
import type { compositionFile, Constituent, Content, Oil } from './schema';
import type { z } from 'zod';
import compositionJson from './data/composition.json';
import constituentsJson from './data/constituents.json';

// Large, and read by the pages of materials alone: it is loaded with them.
const composition = compositionJson as unknown as z.infer<typeof compositionFile>;
const constituents = new Map<string, Constituent>(
  constituentsJson.constituents.map((constituent) => [constituent.name, constituent]),
);

/** What an oil holds, most first; null where its chemistry is not known. */
export const chemistryOf = (oil: Oil): Oil['counted'] => composition.oils[oil.id] ?? oil.counted;

/** A constituent by its name. */
export const findConstituent = (name: string): Constituent | undefined => constituents.get(name);

const typicalOf = (contents: readonly Content[]): ReadonlyMap<string, number> =>
  new Map(contents.map(([name, , typical]) => [name, typical]));

/** How much of two oils is the same, in percent: the lesser content of each constituent, added up. */
const sharedPercent = (a: Oil, b: Oil): number => {
  const here = typicalOf(chemistryOf(a)?.constituents ?? []);
  return (chemistryOf(b)?.constituents ?? []).reduce(
    (total, [name, , typical]) => total + Math.min(typical, here.get(name) ?? 0),
    0,
  );
};

const genusOf = (oil: Oil): string => botanicalOf(oil).split(/[ ,(]/)[0] ?? '';

/** Other oils of the same plant family name, and those of the other notes that share most with it. */
export const goesWith = (
  { oils }: Catalog,
  oil: Oil,
): { readonly family: readonly Oil[]; readonly notes: readonly Oil[] } => {
  const usable = oils.filter(
    (other) => other.id !== oil.id && !other.keepOffSkin && other.notForHomeBlending === null,
  );
  const notes = (['top', 'middle', 'base'] as const)
    .filter((note) => note !== oil.note)
    .flatMap((note) =>
      usable
        .filter((other) => other.note === note)
        .map((other) => ({ other, shared: sharedPercent(oil, other) }))
        .sort((a, b) => b.shared - a.shared)
        .slice(0, 4)
        .filter(({ shared }) => shared > 5)
        .map(({ other }) => other),
    );
  return {
    family: usable.filter((other) => genusOf(oil) !== '' && genusOf(other) === genusOf(oil)),
    notes,
  };
};
