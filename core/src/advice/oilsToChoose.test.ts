import { expect, test } from 'vitest';
import { shippedCatalog as catalog, type Oil } from '../catalog';
import { forBody } from '../drops/worked.testing';
import { isNear, notesMissing, oilForBrief, filterOils, type OilQuery } from './oilsToChoose';

const oil = (id: string): Oil => {
  const found = catalog.oil(id);
  if (!found) throw new Error(id);
  return found;
};
const adult = {
  ageMonths: 480,
  pregnant: false,
  breastfeeding: false,
  conditions: [],
  allergies: [],
  skin: 'normal' as const,
};
const query: OilQuery = {
  note: null,
  family: null,
  onShelfOnly: false,
  nearOnly: false,
  find: '',
};
const none = () => false;

test('what is kept from a person is so in a trace; what is only strong is not', () => {
  const pregnant = forBody({ brief: { wearer: { ...adult, pregnant: true, trimester: 2 } } });
  expect(oilForBrief(catalog, pregnant, oil('hyssop'))).toMatchObject({ blocking: true });
  expect(oilForBrief(catalog, pregnant, oil('lavender'))).toMatchObject({
    verdict: 'within',
    against: null,
  });
  const healthy = forBody({ brief: { wearer: adult } });
  // Cinnamon bark has a dermal maximum of 0.07 %: little of it is no reason to hide it.
  expect(oilForBrief(catalog, healthy, oil('cinnamon-bark')).verdict).toBe('within');
});

test('without a person or a place nothing is said', () => {
  const blank = forBody({ brief: { wearer: null } });
  expect(oilForBrief(catalog, blank, oil('lavender')).verdict).toBeNull();
});

test('filters narrow each other', () => {
  const all = filterOils(catalog.oils, query, [], none);
  expect(all).toHaveLength(catalog.oils.length);
  const citrus = filterOils(catalog.oils, { ...query, note: 'top', family: 'citrus' }, [], none);
  expect(citrus.map(({ id }) => id)).toContain('lemon');
  expect(citrus.map(({ id }) => id)).not.toContain('lavender');
  expect(
    filterOils(catalog.oils, { ...query, onShelfOnly: true }, [], (id) => id === 'vetiver').map(
      ({ id }) => id,
    ),
  ).toEqual(['vetiver']);
  expect(filterOils(catalog.oils, { ...query, find: 'rosemary' }, [], none)).toHaveLength(3);
});

test('near in smell is the same family or the one beside it', () => {
  expect(isNear('woody', 'woody')).toBe(true);
  expect(isNear('woody', 'resinous')).toBe(true);
  expect(isNear('citrus', 'earthy')).toBe(false);
  expect(isNear(null, 'earthy')).toBe(false);
  const near = filterOils(catalog.oils, { ...query, nearOnly: true }, [oil('vetiver')], none);
  expect(near.map(({ id }) => id)).toContain('patchouli');
  expect(near.map(({ id }) => id)).not.toContain('lemon');
});

test('the notes that a blend lacks are named', () => {
  expect(notesMissing([oil('lemon'), oil('vetiver')])).toEqual(['middle']);
  expect(notesMissing([])).toEqual(['top', 'middle', 'base']);
});
