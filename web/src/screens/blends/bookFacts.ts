import { containerWordsOf, fillingsWords, nameFromId, wearerWords } from '@jubbet/core/words';
import { oilIdsIn } from '@jubbet/core/recipe';
import { byName, searchFor } from '@jubbet/core/quantity';
import { fillingsOf } from '@jubbet/core/drops';
import type { Catalog, ContainerKind } from '@jubbet/core/catalog';
import type { BlendOfToday } from '../../store/blends';
import type { BookFilter } from './bookFilter';

/** A blend as the filters see it. */
export interface BookFacts {
  readonly record: BlendOfToday;
  readonly name: string;
  /** All that can be searched. */
  readonly text: string;
  readonly kinds: readonly ContainerKind[];
  /** The id of a person of the house, `anyone`, or empty for someone who is only described. */
  readonly person: string;
}

const readFacts = (catalog: Catalog, record: BlendOfToday): BookFacts => {
  const { recipe, tags } = record;
  const { wearer, personId } = recipe.brief;
  const fillings = fillingsOf(recipe);
  return {
    record,
    name: recipe.name,
    text: [
      recipe.name,
      recipe.purpose,
      recipe.notes,
      ...tags,
      fillingsWords(fillings),
      wearer ? wearerWords(wearer) : '',
      ...oilIdsIn(recipe).map((id) => catalog.oil(id)?.name ?? nameFromId(id)),
    ].join(' '),
    kinds: [...new Set(fillings.map(({ container }) => container.kind))],
    person: personId ?? (wearer === 'anyone' ? 'anyone' : ''),
  };
};

/** What the filters see of a blend; of one that is broken nothing but that it is there. */
export const factsOf = (catalog: Catalog, record: BlendOfToday): BookFacts => {
  try {
    return readFacts(catalog, record);
  } catch {
    // Its own card says what is wrong with it.
    return { record, name: '', text: '', kinds: [], person: '' };
  }
};

/** The blends that a filter lets through, all but what must be judged for it. */
export const matching = (all: readonly BookFacts[], filter: BookFilter): readonly BookFacts[] => {
  const isFound = searchFor(filter.find);
  return all.filter(
    ({ record, text, kinds, person }) =>
      isFound(text) &&
      (filter.favourites === '' || record.favourite) &&
      (filter.person === '' || person === filter.person) &&
      (filter.kind === '' || kinds.some((kind) => kind === filter.kind)) &&
      (filter.tag === '' || record.tags.includes(filter.tag)),
  );
};

/**
 * In the order that was asked for.
 *
 * @param lastMade when each was last made, by id; not there for those that never were
 */
export const ordered = (
  all: readonly BookFacts[],
  order: BookFilter['order'],
  lastMade: ReadonlyMap<string, string>,
): readonly BookFacts[] => {
  if (order === 'name') return [...all].sort((a, b) => byName(a.name, b.name));
  const whenOf = ({ record }: BookFacts): string =>
    order === 'changed' ? record.updatedAt : (lastMade.get(record.id) ?? '');
  return [...all].sort((a, b) => whenOf(b).localeCompare(whenOf(a)));
};

/** What can be chosen from: only what some blend has. */
export const choicesOf = (all: readonly BookFacts[]) => {
  const people = new Map<string, string>();
  for (const { person, record } of all) {
    if (person === '') continue;
    const { wearer } = record.recipe.brief;
    if (wearer) {
      people.set(person, wearer === 'anyone' ? 'anyone' : (wearer.name ?? wearerWords(wearer)));
    }
  }
  const sorted = (pairs: Iterable<readonly [string, string]>) =>
    [...pairs].sort(([, a], [, b]) => byName(a, b));
  return {
    people: sorted(people),
    kinds: sorted(
      [...new Set(all.flatMap(({ kinds }) => kinds))].map(
        (kind) => [kind, containerWordsOf(kind).plural] as const,
      ),
    ),
    tags: sorted(
      [...new Set(all.flatMap(({ record }) => record.tags))].map((tag) => [tag, tag] as const),
    ),
  };
};
