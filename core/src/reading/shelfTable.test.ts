import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { readShelf, type ShelfLineProblem } from './shelfTable';

const today = '2026-11-25';
const rows = (text: string) => text.split('\n').map((line) => line.split(';'));
const read = (text: string, chosen?: ReadonlyMap<number, string>) => {
  const found = readShelf(rows(text), shippedCatalog, today, chosen);
  if (!found.ok) throw new Error(found.code);
  return found;
};
const first = (text: string) => read(text).lines[0];
const problemOf = (head: string, line: string): ShelfLineProblem | null => {
  const entry = first(`${head}\n${line}`);
  return entry && !entry.ok ? entry.problem : null;
};

test('a whole shelf, with the headings that people use', () => {
  const { lines, unread } = read(
    [
      'Oil;Lot No.;Shop;Size (ml);Remaining;Opened;Expiry date;Cost;Shelf',
      'tea tree;TT-9;The Brass Still;10 ml;6,5;3 May 2026;2028-01-31;£7.50;top',
      'Shea butter;;;250 g;;;;',
      'Lavandula angustifolia;LV-1;;5;;;;40',
    ].join('\n'),
  );
  expect(unread).toEqual(['Shelf']);
  expect(lines.map((line) => line.ok)).toEqual([true, true, true]);
  const bottles = lines.flatMap((line) => (line.ok ? [line.bottle] : []));
  expect(bottles[0]).toMatchObject({
    materialId: 'tea-tree',
    lot: 'TT-9',
    supplier: 'The Brass Still',
    unit: 'ml',
    size: 10,
    atStart: 6.5,
    openedOn: '2026-05-03',
    printedDate: '2028-01-31',
    price: 7.5,
  });
  // Without a word of what is left it is full, and closed without a day.
  expect(bottles[1]).toMatchObject({ unit: 'g', size: 250, atStart: 250, openedOn: null });
  expect(bottles[2]?.materialId).toBe('lavender');
});

describe('a bad line is named with what is wrong, and takes no other with it', () => {
  test.each<[string, string, Partial<ShelfLineProblem>]>([
    ['oil;size', ';10', { code: 'no-material' }],
    ['oil;size', 'moon dust;10', { code: 'unknown-material', name: 'moon dust' }],
    ['oil;size', 'tea tree;', { code: 'no-size' }],
    ['oil;size', 'tea tree;0', { code: 'no-size' }],
    ['oil;size', 'tea tree;ten', { code: 'unit' }],
    ['oil;size', 'tea tree;2 oz', { code: 'which-measure', text: 'oz' }],
    ['oil;size;left', 'tea tree;10;12', { code: 'more-than-holds' }],
    ['oil;size;opened', 'tea tree;10;31 Feb 2026', { code: 'day' }],
    ['oil;size;opened', 'tea tree;10;03/04/2026', { code: 'day-two-ways' }],
    ['oil;size;opened', 'tea tree;10;2027-01-01', { code: 'to-come' }],
    ['oil;size;price', 'tea tree;10;dear', { code: 'number', column: 'price' }],
  ])('%s: %s', (head, line, problem) => {
    expect(problemOf(head, line)).toMatchObject(problem);
  });

  test('what must never go on skin is told as that', () => {
    expect(problemOf('oil;size', 'wormseed;10')).toMatchObject({ code: 'never-on-skin' });
  });

  test('a day that can only be read one way is read', () => {
    const opened = (text: string) => {
      const entry = first(`oil;size;opened\ntea tree;10;${text}`);
      return entry?.ok ? entry.bottle.openedOn : null;
    };
    expect(['13/05/2026', '05/13/2026', '04/04/2026', '3. May 2026'].map(opened)).toEqual([
      '2026-05-13',
      '2026-05-13',
      '2026-04-04',
      '2026-05-03',
    ]);
  });
});

test('a name of several oils is never guessed: the maker chooses by the line', () => {
  const text = 'oil;size\ntea tree;10\nchamomile;5';
  const line = read(text).lines[1];
  expect(line?.ok).toBe(false);
  if (line?.ok !== false || line.problem.code !== 'several') throw new Error('not asked');
  expect(line.problem.ids.length).toBeGreaterThan(1);
  const [id = ''] = line.problem.ids;
  expect(read(text, new Map([[3, id]])).lines[1]).toMatchObject({
    ok: true,
    bottle: { materialId: id },
  });
  // Something else than was wanted about is no answer.
  expect(read(text, new Map([[3, 'lavender']])).lines[1]?.ok).toBe(false);
});

test.each([
  ['', 'empty'],
  ['oil;size', 'empty'],
  ['what;how much\ntea tree;10', 'no-heading'],
])('a table without sense is refused: %s', (text, code) => {
  expect(readShelf(rows(text), shippedCatalog, today)).toEqual({ ok: false, code });
});

test('a table without end is not read', () => {
  const many = ['oil;size', ...Array<string>(2001).fill('tea tree;10')].join('\n');
  expect(readShelf(rows(many), shippedCatalog, today)).toEqual({ ok: false, code: 'too-long' });
});

describe('a table as spreadsheets and shops write it', () => {
  const head = 'material;size;bought;opened;best before;quantity';
  const sized = (size: string) => {
    const line = first(`${head}\njojoba;${size};;;;`);
    return line?.ok ? [line.bottle.size, line.bottle.unit] : line?.problem;
  };

  test.each([
    ['1 l', [1000, 'ml']],
    ['0.5 kg', [500, 'g']],
    // A US fluid ounce is 29.57 ml, an ounce 28.35 g.
    ['4 US fl oz', [118.29, 'ml']],
    ['16 oz by weight', [453.59, 'g']],
    ['1 lb', [453.59, 'g']],
  ])('%s', (size, expected) => {
    expect(sized(size)).toEqual(expected);
  });

  test('ounces alone, and fluid ounces of no country, are asked about', () => {
    expect(sized('4 oz')).toMatchObject({
      code: 'which-measure',
      readings: ['fl oz', 'oz by weight'],
    });
    expect(sized('4 fl oz')).toMatchObject({
      code: 'which-measure',
      readings: ['US fl oz', 'imperial fl oz'],
    });
  });

  test('the unit may stand in the heading, the heading below a title, and a line be several', () => {
    const { lines } = read('My shelf;;\nmaterial;size (kg);quantity\nshea butter;0.5;3');
    expect(lines).toMatchObject([
      { line: 3, ok: true, count: 3, bottle: { size: 500, unit: 'g' } },
    ]);
    expect(problemOf(head, 'jojoba;50;;;;2.5')).toMatchObject({ code: 'number', column: 'count' });
  });

  test('the same line twice, and days that cannot be, are told', () => {
    const { lines } = read(`${head}\njojoba;50;;;;\njojoba;50;;;;\njojoba;100;;;;`);
    expect(lines.map((line) => (line.ok ? 'ok' : line.problem))).toEqual([
      'ok',
      { code: 'twice', first: 2 },
      'ok',
    ]);
    // Said to be two bottles, both are read.
    const both = rows(`${head}\njojoba;50;;;;\njojoba;50;;;;`);
    const two = readShelf(both, shippedCatalog, today, new Map(), new Set([3]));
    expect(two.ok && two.lines.every(({ ok }) => ok)).toBe(true);
    expect(problemOf(head, 'jojoba;50;2026-05-01;2026-04-01;;')).toMatchObject({
      code: 'day-before',
      column: 'opened',
    });
    expect(problemOf(head, 'jojoba;50;2026-05-01;;2025-04-01;')).toMatchObject({
      code: 'day-before',
      column: 'printed',
    });
  });
});
