import { expect, test } from 'vitest';
import { asListed } from './oilInBottle';
import type { Content } from './schema';

const of = (name: string, percent: number): Content => [name, percent, percent, percent];

/** What all rows of one name come to. */
const typical = (contents: readonly Content[], name: string): number =>
  asListed(contents).reduce((sum, [one, , percent]) => (one === name ? sum + percent : sum), 0);

test('a sum that stands by itself counts as the first of its members', () => {
  expect(asListed([of('citral', 80)])).toEqual([of('geranial', 80), of('neral', 0)]);
});

test('members that are named too count once, and what they leave of the sum still counts', () => {
  const whole = [of('citral', 80), of('geranial', 45), of('neral', 35)];
  expect([typical(whole, 'geranial'), typical(whole, 'neral')]).toEqual([45, 35]);
  // A sheet that names 5 % of geranial beside 80 % of citral has 75 % more of it.
  const part = [of('citral', 80), of('geranial', 5)];
  expect([typical(part, 'geranial'), typical(part, 'neral')]).toEqual([80, 0]);
  expect(typical([of('citral', 80), of('neral', 30)], 'geranial')).toBe(50);
});
