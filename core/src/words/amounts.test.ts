import { expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { readNumber } from '../quantity';
import { readAmountInUnit, readBaseAmount, readOilAmount } from '../recipe';
import { numberProblemWords, saidProblemWords, takenWords } from './amounts';

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
  ['1 oz', /Fluid ounces or ounces by weight/],
  ['300 cups', /more than any container/],
  ['200 %', /At most 100 %/],
  ['some', /“some” is not an amount/],
  ['2 constructor', /needs a unit/],
  ['0 parts', /more than 0/],
])('%s is answered with what to say', (text, sentence) => {
  expect(ofOil(text)).toMatch(sentence);
});

test('of a base the way out is named: melted, weighed, or in g', () => {
  expect(ofBase('1 cup', 'cocoa_butter')).toMatch(
    /^The weight of that much cocoa butter is not known unless it is melted: .*“melted”\.$/,
  );
  expect(ofBase('5 drops', 'beeswax_yellow')).toMatch(/Use g/);
  expect(ofBase('0 g', 'jojoba')).toMatch(/more than 0/);
  expect(ofBase('300 %', 'jojoba')).toMatch(/0 to 100/);
});

test('a solid by volume comes with its range, and the advice to weigh', () => {
  expect(ofBase('1 tbsp', 'beeswax_yellow')).toMatch(
    /^Taken as 8 g; it may be 7 to 10 g, .* Weigh it\.$/,
  );
});

const drops = { least: 0, most: 10_000, whole: true };
const parts = { least: 0, above: true, most: 100 };

test.each([
  ['', drops, 'Type a whole number.'],
  ['two', drops, '“two” is not a whole number.'],
  ['1.5', drops, 'Whole numbers only.'],
  ['-1', drops, 'It must be 0 or more.'],
  ['10001', drops, 'At most 10000.'],
  ['0', parts, 'It must be more than 0.'],
  ['1e3', parts, '“1e3” is not a number.'],
  ['2.5 to 3', parts, '“2.5 to 3” is not a number.'],
  ['1,000', drops, '“1,000” can be read two ways. Which is meant?'],
  ['Infinity', parts, '“Infinity” is not a number.'],
  ['.', parts, '“.” is not a number.'],
])('“%s” in a field is answered', (text, rule, sentence) => {
  const read = readNumber(text, rule);
  expect(read.ok ? 'read' : numberProblemWords(read.problem)).toBe(sentence);
});

test.each([
  ['2 oz', 1, true, /^Fluid ounces or ounces by weight\?$/],
  ['1 cup', 0.92, false, /weigh it/],
  ['30 g', null, true, /density is not known: use ml/],
  ['30 drops', 0.9, true, /Use ml/],
])('%s of what is on the shelf is answered', (text, densityGPerMl, liquid, sentence) => {
  const unit = liquid ? 'ml' : 'g';
  const read = readAmountInUnit(text, { unit, densityGPerMl, liquid }, 'us');
  expect(read.ok ? 'read' : saidProblemWords(shippedCatalog, read.problem)).toMatch(sentence);
});
