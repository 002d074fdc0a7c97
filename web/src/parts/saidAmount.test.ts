import { describe, expect, test } from 'vitest';
import { saidAmount, type SaidOf } from './saidAmount';

const water: SaidOf = { unit: 'ml', densityGPerMl: 1, liquid: true };
const oil: SaidOf = { unit: 'ml', densityGPerMl: 0.9, liquid: true };
const butter: SaidOf = { unit: 'g', densityGPerMl: 0.92, liquid: false };
const unknown: SaidOf = { unit: 'ml', densityGPerMl: null, liquid: true };

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
    expect(saidAmount(text, of, 'us')).toEqual({ ok: true, value });
  });

  test.each([
    ['2 oz', water, /fl oz/],
    ['1 cup', butter, /weigh it/],
    ['30 g', unknown, /density is not known: say it in ml/],
    ['1 cup', { ...unknown, unit: 'g' } as const, /density is not known: say it in g/],
    ['30 drops', oil, /in ml/],
    ['2 parts', butter, /in g/],
    ['half', oil, /./],
    ['plenty', oil, /./],
  ])('%s is answered with a sentence', (text, of, sentence) => {
    const said = saidAmount(text, of, 'us');
    expect(said.ok ? 'read' : said.sentence).toMatch(sentence);
    expect(said.ok ? '' : said.sentence).toMatch(/[.?]$/);
  });

  test('spoons are those of the country', () => {
    expect(saidAmount('1 tbsp', water, 'australian')).toEqual({ ok: true, value: 20 });
    expect(saidAmount('1 tbsp', water, 'metric')).toEqual({ ok: true, value: 15 });
  });
});
