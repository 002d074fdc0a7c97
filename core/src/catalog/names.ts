import type { z } from 'zod';
import ambiguousNamesJson from './data/ambiguous-names.json';
import namesJson from './data/names.json';
import { baseFacts } from './baseFacts';
import { bareName, forbiddenMaterials, isForbiddenBare } from './forbidden';
import { botanicalOf } from './botanical';
import type { Catalog } from './catalog';
import { once } from './once';
import { plainName } from './plainName';
import type { ambiguousNamesFile, Base, namesFile, Oil } from './schema';

const otherNames = namesJson as unknown as z.infer<typeof namesFile>;

/** Names that mean several oils, and how to tell them apart. */
export const ambiguousNames = (ambiguousNamesJson as unknown as z.infer<typeof ambiguousNamesFile>)
  .names;

/** Other names of a material; none for a house's own. */
export const aliasesOf = (id: string): readonly string[] =>
  otherNames.oils[id] ?? otherNames.bases[id] ?? [];

/** Every name of a material: its own, of its plant, on a label, and what else it is called. */
export const namesOf = (material: Oil | Base): string[] => [
  material.id,
  material.name,
  ...[
    botanicalOf(material),
    'inci' in material ? material.inci : null,
    ...factNames(material.id),
  ].flatMap((name) => (name ? [name] : [])),
  ...aliasesOf(material.id),
];

/** Botanical name and name on a label of a base of the library. */
const factNames = (id: string): readonly (string | null)[] => {
  const facts = baseFacts(id);
  return facts ? [facts.botanical, facts.inci] : [];
};

const exactIndex = <T extends Oil | Base>(materials: readonly T[]): Map<string, Set<T>> => {
  const index = new Map<string, Set<T>>();
  for (const material of materials) {
    for (const name of namesOf(material)) {
      const key = plainName(name);
      const set = index.get(key) ?? new Set<T>();
      set.add(material);
      index.set(key, set);
    }
  }
  return index;
};

const oilIndex = once((oils: readonly Oil[]) => {
  const index = exactIndex(oils);
  for (const { name, ids } of ambiguousNames) {
    const set = index.get(plainName(name)) ?? new Set<Oil>();
    for (const oil of oils) if (ids.includes(oil.id)) set.add(oil);
    index.set(plainName(name), set);
  }
  return index;
});

const baseIndex = once((bases: readonly Base[]) => exactIndex(bases));

/**
 * All oils that go by exactly this name, in any spelling of case, accents and hyphens; words such as
 * “pure essential oil” count for nothing.
 */
export const oilsNamed = ({ oils }: Catalog, name: string): Oil[] => {
  const index = oilIndex(oils);
  // What is forbidden by its bare name is never another oil of that name.
  const bare = isForbiddenBare(name) ? undefined : index.get(bareName(name));
  return [...(index.get(plainName(name)) ?? bare ?? [])];
};

/** Every name of every oil and base, and of what never goes on skin. */
export const allNames = once(({ oils, bases }: Catalog): readonly string[] => [
  ...oils.flatMap(namesOf),
  ...bases.flatMap(namesOf),
  ...ambiguousNames.map(({ name }) => name),
  ...forbiddenMaterials.flatMap(({ name, aliases }) => [name, ...aliases]),
]);

/** All bases that go by exactly this name. */
export const basesNamed = ({ bases }: Catalog, name: string): Base[] => [
  ...(baseIndex(bases).get(plainName(name)) ?? []),
];

/** The oil that a name of several is by far most often for; undefined where none is. */
export const usualOf = (name: string): string | undefined => {
  const entry = ambiguousNames.find((other) => plainName(other.name) === plainName(name));
  return entry?.usual ? entry.ids[0] : undefined;
};

/** The line that tells this oil from others of the same name, where one is held. */
export const tellApart = (name: string, oilId: string): string | undefined =>
  ambiguousNames.find((entry) => plainName(entry.name) === plainName(name))?.tellApart[oilId];
