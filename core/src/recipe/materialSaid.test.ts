import { expect, test } from 'vitest';
import { materialSaid } from './materialSaid';

test.each([
  ['lavender', 'lavender', null],
  ['lavender 10 drops', 'lavender', '10 drops'],
  ['10 drops of lavender', 'lavender', '10 drops'],
  ['5gtt tea tree', 'tea tree', '5gtt'],
  ['Cedarwood, Atlas – 3 drops', 'Cedarwood, Atlas', '3 drops'],
  ['vetiver 2', 'vetiver', '2 drops'],
  ['neroli: 0.5 ml', 'neroli', '0.5 ml'],
  ['rose 1,5 %', 'rose', '1,5 %'],
  ['rosemary ct cineole 2 parts', 'rosemary ct cineole', '2 parts'],
  ['10 to 15 drops of lavender', 'lavender', '10 to 15 drops'],
  ['a fifth of the bottle geranium', 'geranium', 'a fifth of the bottle'],
  ['geranium x3', 'geranium', '3 drops'],
  ['two drops of rose', 'rose', 'two drops'],
  ['lavender 10 + 5 drops', 'lavender', '10 + 5 drops'],
  ['  ', '', null],
])('%s', (text, name, amount) => {
  expect(materialSaid(text, true)).toEqual({ name, amount });
});

test.each([
  ['shea 2 tbsp', 'shea', '2 tbsp'],
  ['½ cup grated beeswax', 'beeswax', '½ cup grated'],
  ['shea butter 1/2 cup + 2 tbsp', 'shea butter', '1/2 cup + 2 tbsp'],
  ['30 g jojoba', 'jojoba', '30 g'],
  ['vitamin e 1', 'vitamin e 1', null],
])('of a base: %s', (text, name, amount) => {
  expect(materialSaid(text, false)).toEqual({ name, amount });
});
