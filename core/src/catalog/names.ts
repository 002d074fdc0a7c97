import MiniSearch from 'minisearch';
import type { z } from 'zod';
import ambiguousNamesJson from './data/ambiguous-names.json';
import namesJson from './data/names.json';
import { baseFacts } from './baseFacts';
import { botanicalOf } from './botanical';
import type { Catalog } from './catalog';
import type { ambiguousNamesFile, Base, namesFile, Oil } from './schema';

const otherNames = namesJson as unknown as z.infer<typeof namesFile>;

/** Names that mean several oils, and how to tell them apart. */
export const ambiguousNames = (ambiguousNamesJson as unknown as z.infer<typeof ambiguousNamesFile>)
  .names;

/** Other names of a material; none for a house's own. */
export const aliasesOf = (id: string): readonly string[] =>
  otherNames.oils[id] ?? otherNames.bases[id] ?? [];

/** Letters without case, accents or punctuation, so that "Ylang-Ylang" and "ylang ylang" are one. */
export const plainName = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

const namesOf = (material: Oil | Base): string[] => [
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

/** Worked out when first asked of a list of materials, and kept as long as that is. */
const once = <K extends object, T>(make: (of: K) => T): ((of: K) => T) => {
  const made = new WeakMap<K, T>();
  return (of) => {
    const before = made.get(of);
    if (before !== undefined) return before;
    const value = make(of);
    made.set(of, value);
    return value;
  };
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

/** All oils that go by exactly this name, in any spelling of case, accents and hyphens. */
export const oilsNamed = ({ oils }: Catalog, name: string): Oil[] => [
  ...(oilIndex(oils).get(plainName(name)) ?? []),
];

/** All bases that go by exactly this name. */
export const basesNamed = ({ bases }: Catalog, name: string): Base[] => [
  ...(baseIndex(bases).get(plainName(name)) ?? []),
];

/** The line that tells this oil from others of the same name, where one is held. */
export const tellApart = (name: string, oilId: string): string | undefined =>
  ambiguousNames.find((entry) => plainName(entry.name) === plainName(name))?.tellApart[oilId];

const searcher = (materials: readonly (Oil | Base)[]) => {
  const search = new MiniSearch<{ id: string; name: string; others: string }>({
    fields: ['name', 'others'],
    processTerm: (term) => plainName(term) || null,
    searchOptions: {
      boost: { name: 3 },
      prefix: true,
      fuzzy: (term) => (term.length > 4 ? 0.25 : false),
      combineWith: 'AND',
    },
  });
  search.addAll(
    materials.map((material) => ({
      id: material.id,
      name: material.name,
      others: namesOf(material).join(' '),
    })),
  );
  return search;
};

/** Oils that come first among those that share a name: what most makers mean by it. */
const firstMeant: ReadonlySet<string | undefined> = new Set(
  ambiguousNames.map(({ ids }) => ids[0]),
);

const oilSearch = once((oils: readonly Oil[]) => searcher(oils));
const baseSearch = once((bases: readonly Base[]) => searcher(bases));

/** What goes by the name exactly, then what begins with the letters, then what is spelled alike. */
const found = <T extends Oil | Base>(
  query: string,
  materials: readonly T[],
  exact: readonly T[],
  search: ReturnType<typeof searcher>,
): T[] => {
  const plain = plainName(query);
  if (!plain) return [];
  const beginning = materials
    .filter((material) => plainName(material.name).startsWith(plain))
    .sort((a, b) => Number(firstMeant.has(b.id)) - Number(firstMeant.has(a.id)));
  const alike = search
    .search(plain)
    .map((hit) => materials.find((material) => material.id === hit.id))
    .filter((material): material is T => material !== undefined);
  return [...new Set([...exact, ...beginning, ...alike])];
};

/**
 * Oils by any name, botanical name, beginning of a name or near spelling, the
 * likeliest first. An alias that means several oils answers with all of them.
 */
export const searchOils = (catalog: Catalog, query: string): Oil[] =>
  found(query, catalog.oils, oilsNamed(catalog, query), oilSearch(catalog.oils));

/** Bases of every kind by any name, in the same manner. */
export const searchBases = (catalog: Catalog, query: string): Base[] =>
  found(query, catalog.bases, basesNamed(catalog, query), baseSearch(catalog.bases));
