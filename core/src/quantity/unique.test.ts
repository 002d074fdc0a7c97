import { expect, test } from 'vitest';
import { unique } from './unique';

test('each item is there once, in the order of its first', () => {
  expect(unique(['b', 'a', 'b'])).toEqual(['b', 'a']);
});

test('of two with one key the later stays, in the place of the first', () => {
  const items = [
    { id: 'a', n: 1 },
    { id: 'b', n: 2 },
    { id: 'a', n: 3 },
  ];
  expect(unique(items, ({ id }) => id)).toEqual([
    { id: 'a', n: 3 },
    { id: 'b', n: 2 },
  ]);
});
