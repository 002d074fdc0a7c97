import { expect, test } from 'vitest';
import { looksOf, scentFamilies } from './looks';
import { shippedOils } from './shipped';

test('every oil of the library has a colour and a family of smell of its own', () => {
  for (const oil of shippedOils) {
    const { colour, family } = looksOf(oil);
    expect(colour, oil.id).toMatch(/^#[0-9a-f]{6}$/);
    expect(scentFamilies, oil.id).toContain(family);
  }
});

test('no two oils of one family are drawn alike', () => {
  const drawn = shippedOils.map((oil) => {
    const { colour, family } = looksOf(oil);
    return `${family} ${colour}`;
  });
  expect(new Set(drawn).size).toBe(drawn.length);
});

test('an oil that the library does not know has a colour, and no family', () => {
  expect(looksOf({ id: 'my-own' })).toEqual({ colour: '#8d8676', family: null });
});
