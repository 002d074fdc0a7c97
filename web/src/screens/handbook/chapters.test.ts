import { guidelines, shippedCatalog } from '@jubbet/core/catalog';
import { expect, test } from 'vitest';
import { searchChapters } from './chapter';
import { chapters } from './chapters';
import { metricUnits } from '@jubbet/core/words';

const all = chapters(shippedCatalog, [['Sandalwood', 'SW-2', '0.042 ml']], metricUnits);
const words = JSON.stringify(all);

test('every oil of the library stands in the handbook', () => {
  for (const { name } of shippedCatalog.oils) expect(words).toContain(name);
});

test('every place and every age has its row', () => {
  const rows = all
    .find(({ id }) => id === 'dilution')
    ?.blocks.flatMap((block) => (block.kind === 'table' ? block.rows : []));
  expect(rows?.length).toBeGreaterThanOrEqual(
    guidelines.age.length + guidelines.place.length + guidelines.stage.length,
  );
});

test('no cell is empty of meaning', () => {
  expect(words).not.toMatch(/undefined|NaN|null|\[object/);
});

test('a search keeps the rows that hold all words, and whole chapters by their title', () => {
  const found = searchChapters(all, 'bergamot expressed');
  expect(found.length).toBeGreaterThan(1);
  expect(found.length).toBeLessThan(all.length);
  expect(JSON.stringify(found)).not.toContain('Vetiver');
  expect(searchChapters(all, 'patch').map(({ id }) => id)).toContain('patch-test');
  expect(searchChapters(all, 'zeppelin')).toEqual([]);
});

test('the drop that was weighed is among the drop sizes', () => {
  expect(words).toContain('SW-2');
});
