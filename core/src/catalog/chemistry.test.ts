import { shippedCatalog } from './catalog';
import { oilOf } from './known.testing';
import { chemistryOf, findConstituent, goesWith } from './chemistry';
import { expect, test } from 'vitest';

test('an oil has its whole chemistry, of which the caps count a part', () => {
  const lavender = oilOf('lavender');
  const whole = chemistryOf(lavender)?.constituents.map(([name]) => name) ?? [];
  expect(whole).toContain('linalool');
  for (const [name] of lavender.counted?.constituents ?? []) expect(whole).toContain(name);
});

test('an own oil has the chemistry that its maker gave', () => {
  const own = { ...oilOf('lavender'), id: 'own-x', counted: null };
  expect(chemistryOf(own)).toBeNull();
});

test('a constituent is found by its name', () => {
  expect(findConstituent('linalool')).toMatchObject({ cas: '78-70-6', formula: 'C10H18O' });
  expect(findConstituent('nothing of the kind')).toBeUndefined();
});

test('company is of other notes or of the same family, and never kept off skin', () => {
  for (const id of ['lavender', 'lemon', 'vetiver', 'clove-bud']) {
    const oil = oilOf(id);
    const { family, notes } = goesWith(shippedCatalog, oil);
    for (const other of notes) expect(other.note).not.toBe(oil.note);
    for (const other of [...family, ...notes]) {
      expect(other.keepOffSkin).toBe(false);
      expect(other.id).not.toBe(id);
    }
  }
  expect(goesWith(shippedCatalog, oilOf('lavender')).family.map(({ id }) => id)).toContain(
    'lavender-spike',
  );
});
