import { expect, test } from 'vitest';
import { readNumber } from './readNumber';

const drops = { least: 0, most: 10_000, whole: true };
const parts = { least: 0, above: true, most: 100 };

test.each([
  ['3', drops, 3],
  [' 3 ', drops, 3],
  ['0', drops, 0],
  ['1,5', parts, 1.5],
  ['1.', parts, 1],
  ['.5', parts, 0.5],
  ['+2', parts, 2],
])('“%s” is a number', (text, rule, value) => {
  expect(readNumber(text, rule)).toEqual({ ok: true, value });
});

test.each([
  ['', drops, 'empty'],
  ['two', drops, 'no-number'],
  ['1.5', drops, 'not-whole'],
  ['-1', drops, 'too-small'],
  ['10001', drops, 'too-large'],
  ['0', parts, 'not-above'],
  ['1e3', parts, 'no-number'],
  ['2.5 to 3', parts, 'no-number'],
  ['1,000', drops, 'two-ways'],
  ['Infinity', parts, 'no-number'],
  ['.', parts, 'no-number'],
])('“%s” is a problem', (text, rule, code) => {
  expect(readNumber(text, rule)).toMatchObject({ ok: false, problem: { code } });
});

// Words are read by others; a number that may not be is for no one else to read.
test.each([
  ['10001', drops, true],
  ['-1', drops, true],
  ['1.5', drops, true],
  ['0', parts, true],
  ['2 tbsp', parts, false],
  ['', parts, false],
])('“%s” is a number, even where it may not stand: %o %s', (text, rule, isNumber) => {
  expect(readNumber(text, rule)).toMatchObject({ ok: false, isNumber });
});

test('what can be read two ways gives both readings', () => {
  expect(readNumber('1,000', drops)).toMatchObject({ readings: ['1000', '1'] });
});

test('where only one reading can stand, that is what was meant', () => {
  expect(readNumber('99.999', { least: 0, most: 100 })).toEqual({ ok: true, value: 99.999 });
  expect(readNumber('1,000', { least: 10, most: 10_000, whole: true })).toEqual({
    ok: true,
    value: 1000,
  });
});

test.each([
  ['3 %', '%', 3],
  ['3%', '%', 3],
  ['2.5 ML', 'ml', 2.5],
  ['1,000.5 g', 'g', 1000.5],
])('“%s” in a field of %s is %s', (text, unit, value) => {
  expect(readNumber(text, { least: 0, most: 20_000 }, unit)).toEqual({ ok: true, value });
});

test('another unit is not the one of the field', () => {
  expect(readNumber('3 %', parts, 'ml')).toMatchObject({ ok: false, isNumber: false });
});
