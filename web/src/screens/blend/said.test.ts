import { expect, test, vi } from 'vitest';
import { said } from './said';

const on = (text: string, weighable = true) => {
  const take = vi.fn();
  const answer = said(text, { country: 'us', fillMl: 28, weighable, take });
  return { answer, taken: take.mock.calls[0]?.[0] as unknown };
};

test.each([
  ['2 tsp', { ml: 9.8578 }],
  ['15 g', { g: 15 }],
  ['30 drops', { drops: 30 }],
  ['1 part', { parts: 1 }],
  ['3 %', { percent: 3 }],
  ['half of the bottle', { ml: 14 }],
])('%s is taken', (text, amount) => {
  expect(on(text)).toEqual({ answer: null, taken: amount });
});

test.each([
  ['1 oz', /Which ounce/],
  ['300 cups', /more than any vessel/],
  ['200 %', /At most 100 %/],
  ['some', /not an amount/],
])('%s is answered, and nothing is taken', (text, sentence) => {
  const { answer, taken } = on(text);
  expect(answer).toMatch(sentence);
  expect(taken).toBeUndefined();
});

test('grams of an oil of unknown density say nothing', () => {
  expect(on('2 g', false).answer).toMatch(/density of this oil is not known/);
});
