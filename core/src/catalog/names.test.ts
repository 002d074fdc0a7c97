import { describe, expect, test } from 'vitest';
import { botanicalOf } from './botanical';
import { shippedCatalog } from './catalog';
import { forbiddenMaterials } from './forbidden';
import { aliasesOf, basesNamed, oilsNamed, tellApart } from './names';
import { searchBases, searchOils } from './search';
import { plainName } from './plainName';

const { oils } = shippedCatalog;
const ids = (found: readonly { id: string }[]) => found.map(({ id }) => id);
describe('finding an oil', () => {
  test('by name, alias, botanical name and id, whatever the spelling', () => {
    expect(ids(oilsNamed(shippedCatalog, 'Ylang-Ylang'))).toEqual(['ylang-ylang']);
    expect(ids(oilsNamed(shippedCatalog, 'tulsi'))).toEqual(['holy-basil']);
    expect(ids(oilsNamed(shippedCatalog, 'LAVANDULA ANGUSTIFOLIA'))).toContain('lavender');
    expect(ids(oilsNamed(shippedCatalog, 'Réunion basil'))).toEqual(['basil-estragole']);
  });

  test('an alias that means several oils answers with all of them', () => {
    expect(ids(oilsNamed(shippedCatalog, 'rosemary')).sort()).toEqual([
      'rosemary-camphor',
      'rosemary-cineole',
      'rosemary-verbenone',
    ]);
    expect(ids(oilsNamed(shippedCatalog, 'lavender')).sort()).toEqual([
      'lavandin',
      'lavender',
      'lavender-spike',
    ]);
    expect(ids(oilsNamed(shippedCatalog, 'fir needle')).sort()).toEqual([
      'fir-balsam',
      'fir-siberian',
      'fir-silver',
    ]);
  });

  test('tells apart what goes by one name', () => {
    expect(tellApart('bergamot', 'bergamot')).toMatch(/sun/);
    expect(tellApart('bergamot', 'lavender')).toBeUndefined();
  });

  test('three letters are enough', () => {
    expect(searchOils(shippedCatalog, 'pet')[0]?.id).toBe('petitgrain');
    expect(searchOils(shippedCatalog, 'lav')[0]?.id).toBe('lavender');
    expect(searchOils(shippedCatalog, 'vet')[0]?.id).toBe('vetiver');
    expect(searchOils(shippedCatalog, 'yla')[0]?.id).toBe('ylang-ylang');
  });

  test('every oil is found by every name it goes by', () => {
    for (const oil of oils) {
      for (const name of [oil.name, botanicalOf(oil), ...aliasesOf(oil.id)]) {
        expect(ids(oilsNamed(shippedCatalog, name)), name).toContain(oil.id);
      }
    }
  });

  test('a slip of the finger still finds it', () => {
    expect(ids(searchOils(shippedCatalog, 'lavendar'))).toContain('lavender');
    expect(ids(searchOils(shippedCatalog, 'clary'))).toContain('clary-sage');
    expect(ids(searchOils(shippedCatalog, 'frankinsense'))).toContain('frankincense');
    expect(ids(searchOils(shippedCatalog, 'patchuli'))).toContain('patchouli');
  });

  test('nonsense and emptiness find nothing', () => {
    expect(searchOils(shippedCatalog, '')).toEqual([]);
    expect(searchOils(shippedCatalog, '   ')).toEqual([]);
    expect(searchOils(shippedCatalog, 'qqqqzzzz')).toEqual([]);
  });
});

test('carriers are found by alias and INCI name too', () => {
  expect(ids(basesNamed(shippedCatalog, 'FCO'))).toEqual(['fractionated_coconut']);
  expect(searchBases(shippedCatalog, 'joj')[0]?.id).toBe('jojoba');
  expect(ids(searchBases(shippedCatalog, 'Prunus Amygdalus Dulcis (Sweet Almond) Oil'))[0]).toBe(
    'sweet_almond',
  );
});

test('a name that is forbidden or not held never leads to another material', () => {
  const found = (query: string) => searchOils(shippedCatalog, query).map(({ id }) => id);
  expect(found('massoia')).toEqual([]);
  expect(found('parsley')).not.toContain('coriander-leaf');
  expect(found('styrax')[0]).toBe('styrax');
  expect(found('sassafras')).toEqual([]);
  // Asked about: the harmless one is shown beside the reason why the other is not.
  expect(found('tansy')).toEqual(['tansy-blue']);
  expect(found('moroccan chamomile')[0]).toBe('chamomile-moroccan');
});

test('no name of a forbidden material is that of a material of the library, but for bare tansy', () => {
  const taken = forbiddenMaterials
    .flatMap(({ id, name, aliases }) => [id, name, ...aliases])
    .filter(
      (text) =>
        oilsNamed(shippedCatalog, text).length + basesNamed(shippedCatalog, text).length > 0,
    );
  // Asked about: blue tansy, which is harmless, or common tansy, which is not.
  expect(new Set(taken.map(plainName))).toEqual(new Set(['tansy']));
});
