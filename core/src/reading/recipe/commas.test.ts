import { expect, test } from 'vitest';
import { shippedCatalog } from '../../catalog';
import { materialsIn } from './materials';
import { materialFinder } from '../../catalog';

const finder = materialFinder(shippedCatalog);
const found = (line: string): string[] =>
  materialsIn(line, finder, true).map(({ text, ids }) => `${text}: ${ids.join(' ')}`);

test.each([
  ['lemon, eucalyptus', 2],
  ['bergamot, mint, lavender', 3],
  ['fennel, sweet orange, lemon', 3],
  ['lemon and eucalyptus', 2],
  ['tea tree, lemon', 2],
])('no name reaches across a comma into another: %s', (line, count) => {
  expect(found(line)).toHaveLength(count);
});

test.each([
  ['Cedarwood, Atlas', 'cedarwood-atlas'],
  ['Cedarwood, Atlas, Fir, silver', 'cedarwood-atlas'],
  ['orange, sweet', 'orange-sweet'],
  ['Lavender, spike 5 drops', 'lavender-spike'],
  ['Beeswax, yellow', 'beeswax_yellow'],
])('a name that is written with a comma is one: %s', (line, id) => {
  expect(found(line)[0]).toContain(id);
});

test('the longest name wins', () => {
  expect(found('lemon eucalyptus')).toEqual([expect.stringContaining('eucalyptus-lemon')]);
  expect(found('Cedarwood, Atlas, Fir, silver')).toHaveLength(2);
});
