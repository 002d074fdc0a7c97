import { expect, test, vi } from 'vitest';
import { said } from './said';

const on = (text: string) => {
  const take = vi.fn();
  const answer = said(text, { country: 'us', fillMl: 28, take });
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
  expect(answer?.sentence).toMatch(sentence);
  expect(taken).toBeUndefined();
});

test('what can be read two ways is asked back, and neither is taken', () => {
  const { answer, taken } = on('1,000 ml');
  expect(answer?.readings).toEqual(['1000 ml', '1 ml']);
  expect(taken).toBeUndefined();
});

test('a word that every object has is no unit', () => {
  expect(on('2 constructor')).toMatchObject({
    answer: { sentence: expect.stringMatching(/no unit/) },
    taken: undefined,
  });
});
