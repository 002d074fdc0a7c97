import MiniSearch from 'minisearch';
import type { Catalog } from './catalog';
import { forbiddenNamed } from './forbidden';
import { ambiguousNames, basesNamed, namesOf, oilsNamed } from './names';
import { once } from './once';
import { plainName } from './plainName';
import type { Base, Oil } from './schema';
import { shortForms } from './shortForms';

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
