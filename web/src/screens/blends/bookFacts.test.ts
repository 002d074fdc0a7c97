import { shippedCatalog } from '@jubbet/core/catalog';
import { expect, test } from 'vitest';
import { exampleBlends } from '../../store/exampleBlends';
import { choicesOf, factsOf, matching, ordered } from './bookFacts';
import type { BlendOfToday } from '../../store/blends';
import type { BookFilter } from './bookFilter';

const all = exampleBlends('2026-11-26').blends.map((record) => factsOf(shippedCatalog, record));
const whole: BookFilter = {
  look: 'shelf',
  order: 'changed',
  find: '',
  favourites: '',
  person: '',
  kind: '',
  verdict: '',
  tag: '',
};
const namesOf = (filter: Partial<BookFilter>) =>
  matching(all, { ...whole, ...filter }).map(({ record }) => record.recipe.name);

test('without a filter every blend is there', () => {
  expect(namesOf({})).toHaveLength(all.length);
});

test('words are looked for in name, person, oils and tags, and all must be there', () => {
  expect(namesOf({ find: 'prompt' })).toEqual(['Prompt desk']);
  expect(namesOf({ find: 'INES vetiver' })).toContain('Prompt desk');
  expect(namesOf({ find: 'ines no-such-oil' })).toEqual([]);
});

test('filters narrow each other', () => {
  const gifts = namesOf({ tag: 'gifts' });
  expect(gifts).toContain('Keepsake');
  expect(namesOf({ tag: 'gifts', person: 'ines' })).toEqual(
    gifts.filter((name) => namesOf({ person: 'ines' }).includes(name)),
  );
  expect(namesOf({ kind: 'locket' })).toEqual(['Keepsake']);
  expect(namesOf({ favourites: 'yes' }).length).toBeLessThan(all.length);
});

test('what was made last comes first, what was never made last', () => {
  const made = new Map([
    ['keepsake', '2026-11-01T10:00:00.000Z'],
    ['row-g', '2026-11-20T10:00:00.000Z'],
  ]);
  const ids = ordered(all, 'made', made).map(({ record }) => record.id);
  expect(ids.slice(0, 2)).toEqual(['row-g', 'keepsake']);
  expect(ids).toHaveLength(all.length);
});

test('only what some blend has can be chosen', () => {
  const { people, kinds, tags } = choicesOf(all);
  for (const [person] of people) expect(namesOf({ person })).not.toEqual([]);
  for (const [kind] of kinds) expect(namesOf({ kind })).not.toEqual([]);
  for (const [tag] of tags) expect(namesOf({ tag })).not.toEqual([]);
});

test('a broken blend stays in the book, whatever is looked for beside it', () => {
  const broken = { ...all[0]!.record, recipe: { oils: 'poison' } } as unknown as BlendOfToday;
  const facts = [factsOf(shippedCatalog, broken), ...all];
  expect(matching(facts, whole)).toHaveLength(all.length + 1);
  expect(ordered(matching(facts, whole), 'name', new Map())).toHaveLength(all.length + 1);
  expect(choicesOf(facts).tags).toEqual(choicesOf(all).tags);
});
