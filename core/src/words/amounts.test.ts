import { expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { readBaseAmount, readOilAmount } from '../recipe';
import { saidProblemWords, takenWords } from './amounts';

const ofOil = (text: string): string => {
  const read = readOilAmount(text, { country: 'us', fillMl: 28 });
  return read.ok ? 'read' : saidProblemWords(shippedCatalog, read.problem);
};

const ofBase = (text: string, id: string): string => {
  const read = readBaseAmount(text, shippedCatalog.base(id)!, {
    country: 'us',
    wholeMl: 30,
    dropsPerMl: 20,
  });
  if (read.ok) return read.taken ? takenWords(read.taken) : 'read';
  return saidProblemWords(shippedCatalog, read.problem);
};

test.each([
  ['1 oz', /Which ounce/],
  ['300 cups', /more than any vessel/],
  ['200 %', /At most 100 %/],
  ['some', /“some” is not an amount/],
  ['2 constructor', /no unit/],
  ['0 parts', /More than 0/],
])('%s is answered with what to say', (text, sentence) => {
  expect(ofOil(text)).toMatch(sentence);
});

test('of a base the way out is named: melted, weighed, or in g', () => {
  expect(ofBase('1 cup', 'cocoa_butter')).toMatch(
    /^Not known what that much cocoa butter weighs.*“melted”\.$/,
  );
  expect(ofBase('5 drops', 'beeswax_yellow')).toMatch(/in g/);
  expect(ofBase('0 g', 'jojoba')).toMatch(/More than nothing/);
  expect(ofBase('300 %', 'jojoba')).toMatch(/0 to 100/);
});

test('a solid by volume comes with its range, and the advice to weigh', () => {
  expect(ofBase('1 tbsp', 'beeswax_yellow')).toMatch(
    /^Taken as 8 g; it may be 7 to 10 g, .* Weigh it\.$/,
  );
});
