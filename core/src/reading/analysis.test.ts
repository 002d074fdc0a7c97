import { describe, expect, test } from 'vitest';
import { readAnalysis } from './analysis';

const rows = (text: string) => text.split('\n').map((line) => line.split(';'));

const contents = (text: string) => {
  const read = readAnalysis(rows(text));
  if (!read.ok) throw new Error(read.code);
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

test('a name that is not known is kept', () => {
  expect(contents('linalool;30\nzingabarol;2')).toEqual({ linalool: 30, zingabarol: 2 });
});

test.each([
  ['', { code: 'no-lines' }],
  ['hello', { code: 'no-lines' }],
  ['linalool;130', { code: 'past-100', line: 1, name: 'linalool', percent: 130 }],
  ['linalool;80\ngeraniol;40', { code: 'past-whole', totalPercent: 120 }],
])('what cannot be read is answered with why: %s', (text, problem) => {
  expect(readAnalysis(rows(text))).toEqual({ ok: false, ...problem });
});

describe('what could be read another way is not guessed at', () => {
  const byComma = (text: string) => readAnalysis(text.split('\n').map((line) => line.split(',')));

  test('decimal commas in a table parted by commas are put together again', () => {
    const read = byComma('limonene,0,2\nlinalool,34,25\nlinalyl acetate,31,0');
    expect(read.ok && read.contents.map(([name, , typical]) => [name, typical])).toEqual([
      ['limonene', 0.2],
      ['linalool', 34.25],
      ['linalyl acetate', 31],
    ]);
  });

  test('retention times are not percents, where a heading says so', () => {
    expect(contents('Constituent;RT;Area %\nlinalool;12.4;34.2\nlimonene;8.1;0.9')).toEqual({
      linalool: 34.2,
      limonene: 0.9,
    });
  });

  test('without a heading several columns of numbers are refused', () => {
    const read = readAnalysis(rows('linalool;12.4;34.2\nlimonene;8.1;0.9'));
    expect(read).toEqual({ ok: false, code: 'which-column' });
  });

  test('a line without a percent is left out, and told', () => {
    const read = readAnalysis(rows('linalool;34.2\nlimonene;plenty\ngeraniol;1.1'));
    expect(read).toMatchObject({ ok: true, refused: [{ line: 2, text: 'limonene plenty' }] });
  });

  test('a line of totals is no constituent', () => {
    expect(contents('linalool;34.2\nTotal;34.2')).toEqual({ linalool: 34.2 });
  });
});

describe('a sheet as laboratories send it', () => {
  test('peak numbers and retention times before the names are neither names nor percents', () => {
    expect(contents('Peak;RT;Compound;Area %\n1;8.1;limonene;0.9\n2;12.4;linalool;34.2')).toEqual({
      limonene: 0.9,
      linalool: 34.2,
    });
    expect(contents('1;8.1;limonene;0.9\n2;12.4;linalool;34.2')).toEqual({
      limonene: 0.9,
      linalool: 34.2,
    });
  });

  test('the percents stand beside the areas, below two lines of title', () => {
    const sheet = [
      'Certificate of analysis',
      'Lavender;lot 4711',
      'Component;Area;Area %',
      'linalool;342000;34.2',
      'linalyl acetate;310500;31.05',
    ].join('\n');
    expect(contents(sheet)).toEqual({ linalool: 34.2, 'linalyl acetate': 31.05 });
  });

  test('limits of a specification are no results', () => {
    expect(contents('Constituent;Min %;Max %;Result %\nlinalool;20;45;34.2')).toEqual({
      linalool: 34.2,
    });
  });

  test('what was not found is not in it; a trace is up to a tenth of a percent', () => {
    const sheet = 'Name;%\nlinalool;34.2\ncamphor;nd\ngeraniol;n.d.\nlimonene;tr\nborneol;nd';
    const read = readAnalysis(rows(sheet));
    expect(read).toMatchObject({ ok: true, refused: [], totalPercent: 34.2 });
    expect(read.ok && read.contents).toEqual([
      ['linalool', 34.2, 34.2, 34.2],
      ['limonene', 0, 0, 0.1],
    ]);
  });

  test.each([
    ['Name;Fraction\nlinalool;0.342\nlinalyl acetate;0.31'],
    ['linalool;0.342\nlinalyl acetate;0.31\nothers;0.34'],
  ])('shares of one are no percents: %j', (text) => {
    expect(readAnalysis(rows(text))).toEqual({ ok: false, code: 'fractions' });
  });

  test('parts per million are no percents', () => {
    expect(readAnalysis(rows('Name;ppm\nlinalool;342\ngeraniol;12'))).toMatchObject({ ok: false });
    const read = readAnalysis(rows('Name;%\nlinalool;34.2\nbergapten (ppm);12\ngeraniol;1'));
    expect(read).toMatchObject({ ok: true, refused: [{ line: 3, text: 'bergapten (ppm) 12' }] });
  });
});
