import { expect, test } from 'vitest';
import { readAnalysis } from './analysis';

const rows = (text: string) => text.split('\n').map((line) => line.split(';'));

const contents = (text: string) => {
  const read = readAnalysis(rows(text));
  if (!read.ok) throw new Error(read.sentence);
  return Object.fromEntries(read.contents.map(([name, , typical]) => [name, typical]));
};

test('a table with a heading, CAS numbers and per cent signs', () => {
  expect(
    contents('Constituent;CAS;%\nLinalool;78-70-6;34.2 %\nLinalyl acetate;115-95-7;31.05%'),
  ).toEqual({ linalool: 34.2, 'linalyl acetate': 31.05 });
});

test('decimal commas and Greek letters', () => {
  expect(contents('α-Pinene;12,5\nβ-Pinene;3,1')).toEqual({
    'alpha-pinene': 12.5,
    'beta-pinene': 3.1,
  });
});

test('other names of what the library lists', () => {
  expect(contents('Eucalyptol;70\nMethyl chavicol;0.4')).toEqual({
    '1,8-cineole': 70,
    estragole: 0.4,
  });
});

test('a name that is not listed is kept and told', () => {
  expect(readAnalysis(rows('linalool;30\nzingabarol;2'))).toMatchObject({
    ok: true,
    unlisted: ['zingabarol'],
    totalPercent: 32,
  });
});

test.each([
  ['', /No line with a constituent/],
  ['hello', /No line with a constituent/],
  ['linalool;130', /Line 1: linalool cannot be 130 %/],
  ['linalool;80\ngeraniol;40', /come to 120\.0, more than the whole bottle/],
])('what cannot be read is answered with a sentence: %s', (text, sentence) => {
  const read = readAnalysis(rows(text));
  expect(read.ok ? '' : read.sentence).toMatch(sentence);
});
