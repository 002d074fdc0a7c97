import { expect, test } from 'vitest';
import { oilSaid } from './oilSaid';

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
  ['  ', '', null],
])('%s', (text, name, amount) => {
  expect(oilSaid(text)).toEqual({ name, amount });
});
