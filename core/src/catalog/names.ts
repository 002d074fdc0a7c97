import MiniSearch from 'minisearch';
import type { z } from 'zod';
import ambiguousNamesJson from './data/ambiguous-names.json';
import namesJson from './data/names.json';
import { baseFacts } from './baseFacts';
import { bareName, forbiddenMaterials, forbiddenNamed, isForbiddenBare } from './forbidden';
import { botanicalOf } from './botanical';
import type { Catalog } from './catalog';
import { once } from './once';
import { plainName } from './plainName';
import type { ambiguousNamesFile, Base, namesFile, Oil } from './schema';
import { shortForms } from './shortForms';

const otherNames = namesJson as unknown as z.infer<typeof namesFile>;

/** Names that mean several oils, and how to tell them apart. */
export const ambiguousNames = (ambiguousNamesJson as unknown as z.infer<typeof ambiguousNamesFile>)
  .names;

/** Other names of a material; none for a house's own. */
export const aliasesOf = (id: string): readonly string[] =>
  otherNames.oils[id] ?? otherNames.bases[id] ?? [];

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

/** Words of a name are for themselves; another name is as a whole. */
const between = '|';

const searcher = (materials: readonly (Oil | Base)[]) => {
  const search = new MiniSearch<{ id: string; name: string; others: string }>({
    fields: ['name', 'others'],
    tokenize: (text, field) =>
      field === 'others' ? text.split(between) : plainName(text).split(' '),
    processTerm: (term) => plainName(term) || null,
  });
  search.addAll(
    materials.map((material) => ({
      id: material.id,
      name: material.name,
      others: namesOf(material).join(between),
    })),
  );
  return search;
};

/** Spelled alike: a letter or two off, in a word that is long enough to tell. */
const misspelt = (term: string): number | false => (term.length > 4 ? 0.25 : false);

/** Hits of a query: words of the name, or another name from its beginning. */
const hitsOf = (search: ReturnType<typeof searcher>, plain: string): string[] => {
  const begins = plain.charAt(0);
  return (
    search
      .search({
        combineWith: 'OR',
        queries: [
          {
            queries: [plain],
            fields: ['name'],
            tokenize: (text) => text.split(' '),
            combineWith: 'AND',
            prefix: true,
            fuzzy: misspelt,
            boost: { name: 3 },
          },
          {
            queries: [plain],
            fields: ['others'],
            tokenize: (text) => [text],
            prefix: true,
            fuzzy: misspelt,
          },
        ],
      })
      // What begins with another letter is another name, however alike: massoia is not cassia.
      .filter(({ terms }) => plain.includes(' ') || terms.some((term) => term.startsWith(begins)))
      .map(({ id }) => String(id))
  );
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
  const typed = plainName(query);
  const plain = Object.hasOwn(shortForms, typed) ? plainName(shortForms[typed] ?? '') : typed;
  if (!plain) return [];
  const beginning = materials
    .filter((material) => plainName(material.name).startsWith(plain))
    .sort((a, b) => Number(firstMeant.has(b.id)) - Number(firstMeant.has(a.id)));
  // A forbidden name never leads to another material, however alike.
  if (forbiddenNamed(query)) return [...exact];
  const alike = hitsOf(search, plain)
    .map((id) => materials.find((material) => material.id === id))
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
