import { describe, expect, test } from 'vitest';
import { readAmountInUnit, type AmountOf } from './amountInUnit';

const water: AmountOf = { unit: 'ml', densityGPerMl: 1, liquid: true };
const oil: AmountOf = { unit: 'ml', densityGPerMl: 0.9, liquid: true };
const butter: AmountOf = { unit: 'g', densityGPerMl: 0.92, liquid: false };
const unknown: AmountOf = { unit: 'ml', densityGPerMl: null, liquid: true };

describe('an amount in words, in the unit of what is measured', () => {
  test.each([
    // A fluid ounce of the United States is 29.5735 ml, an ounce 28.3495 g, a pound 453.592 g.
    ['2 fl oz', water, 59.15],
    ['9.8 g', water, 9.8],
    ['2 tbsp', water, 29.57],
    ['90 g', oil, 100],
    ['0.1 l', oil, 100],
    ['1 lb', butter, 453.59],
    ['8 oz', butter, 226.8],
    ['1 kg', butter, 1000],
    ['2 fl oz', unknown, 59.15],
  ])('%s', (text, of, value) => {
    expect(readAmountInUnit(text, of, 'us')).toEqual({ ok: true, value });
  });

  test.each([
    ['2 oz', water, 'which-ounce'],
    ['1 cup', butter, 'a-heap'],
    ['30 g', unknown, 'density-unknown'],
    ['1 cup', { ...unknown, unit: 'g' } as const, 'density-unknown'],
    ['30 drops', oil, 'other-unit'],
    ['2 parts', butter, 'other-unit'],
    ['half', oil, 'no-unit'],
    ['plenty', oil, 'no-number'],
  ])('%s is a problem', (text, of, code) => {
    expect(readAmountInUnit(text, of, 'us')).toMatchObject({ ok: false, problem: { code } });
  });

  test('spoons are those of the country', () => {
    expect(readAmountInUnit('1 tbsp', water, 'australian')).toEqual({ ok: true, value: 20 });
    expect(readAmountInUnit('1 tbsp', water, 'metric')).toEqual({ ok: true, value: 15 });
  });
});
