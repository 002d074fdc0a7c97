import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import measuresJson from '../catalog/data/measures.json';
import { countryNamedIn, readAmount } from './amount';
import type { Measures, SpoonCountry } from './spoons';

const measures = measuresJson as unknown as Measures;

const read = (text: string, country: SpoonCountry | null = 'metric', liquid = true) =>
  readAmount(text, country, measures, { fillMl: 80, liquid });

const amount = (text: string, country: SpoonCountry | null = 'metric', liquid = true) => {
  const found = read(text, country, liquid);
  return found.ok ? found.amount : found.code;
};

describe('an amount is read as people say it', () => {
  // Published equivalences: a US cup is half a US pint of 473.176473 ml, and 16 tablespoons.
  test.each<[string, SpoonCountry, object]>([
    ['2 tbsp', 'metric', { kind: 'ml', ml: 30 }],
    ['2 tbsp', 'australian', { kind: 'ml', ml: 40 }],
    ['1/2 cup', 'us', { kind: 'ml', ml: 118.29411825 }],
    ['½ cup', 'metric', { kind: 'ml', ml: 125 }],
    ['1 1/2 cups', 'metric', { kind: 'ml', ml: 375 }],
    ['1½ tsp', 'metric', { kind: 'ml', ml: 7.5 }],
    ['0.5 fl oz', 'us', { kind: 'ml', ml: 14.78676478125 }],
    ['2.5 fl. oz.', 'imperial', { kind: 'ml', ml: 71.03265625 }],
    ['1 fluid ounce', 'metric', { kind: 'ml', ml: 28.4130625 }],
    ['1 dessertspoon', 'australian', { kind: 'ml', ml: 10 }],
    ['75 ml', 'metric', { kind: 'ml', ml: 75 }],
    ['1,250.5 g', 'metric', { kind: 'g', g: 1250.5 }],
    ['1.250,5 g', 'metric', { kind: 'g', g: 1250.5 }],
    ['10 000 g', 'metric', { kind: 'g', g: 10_000 }],
    ['7,5ml', 'metric', { kind: 'ml', ml: 7.5 }],
    ['1 l', 'metric', { kind: 'ml', ml: 1000 }],
    ['15 g', 'metric', { kind: 'g', g: 15 }],
    ['15g', 'metric', { kind: 'g', g: 15 }],
    ['2 lbs', 'us', { kind: 'g', g: 907.18474 }],
    ['30 drops', 'metric', { kind: 'drops', drops: 30 }],
    ['a drop', 'metric', { kind: 'drops', drops: 1 }],
    ['1 part', 'metric', { kind: 'parts', parts: 1 }],
    ['3 %', 'metric', { kind: 'percent', percent: 3 }],
    ['a quarter of the bottle', 'metric', { kind: 'ml', ml: 20 }],
    ['a quarter of the vessel', 'metric', { kind: 'ml', ml: 20 }],
    ['a quarter of the container', 'metric', { kind: 'ml', ml: 20 }],
    ['half a teaspoon', 'metric', { kind: 'ml', ml: 2.5 }],
    ['a tablespoon', 'us', { kind: 'ml', ml: 14.78676478125 }],
  ])('%s, %s', (text, country, expected) => {
    expect(amount(text, country)).toEqual(expected);
  });

  test('what can be read two ways is asked back, with both', () => {
    expect(read('1,000 g')).toMatchObject({ ok: false, readings: ['1000 g', '1 g'] });
    expect(read('10.000 ml')).toMatchObject({ ok: false, readings: ['10000 ml', '10 ml'] });
  });

  test('a spoon of no country asks whose, and each answer is read without doubt', () => {
    const asked = read('2 tbsp', null);
    expect(asked).toMatchObject({
      code: 'whose-spoons',
      readings: ['2 metric tablespoons', '2 US tablespoons', '2 Australian tablespoons'],
    });
    expect(amount('2 metric tablespoons', null)).toEqual({ kind: 'ml', ml: 30 });
    expect(amount('2 US tablespoons', null)).toEqual({ kind: 'ml', ml: 29.5735295625 });
    expect(amount('2 Australian tbsp.', null)).toEqual({ kind: 'ml', ml: 40 });
    expect(read('1 fl oz', null)).toMatchObject({ readings: ['1 US fl oz', '1 imperial fl oz'] });
    expect(read('½ cup', null)).toMatchObject({ readings: ['½ metric cup', '½ US cup'] });
    // What only one country has needs no question; a country that the text names wins.
    expect(amount('1 dessertspoon', null)).toEqual({ kind: 'ml', ml: 10 });
    expect(amount('1 UK pint', 'us')).toEqual({ kind: 'ml', ml: 568.26125 });
    expect(amount('2 US grams', null)).toMatchObject({ kind: 'g' });
  });

  test.each([
    ['2 US tbsp', 'us'],
    ['half a metric cup', 'metric'],
    ['1 U.S. fl. oz.', 'us'],
    ['2 tbsp', null],
  ])('the country in “%s” is %s', (text, country) => {
    expect(countryNamedIn(text)).toBe(country);
  });

  test('a bare ounce of a liquid asks which; of a solid it weighs', () => {
    expect(read('1 oz', 'us')).toMatchObject({
      code: 'which-ounce',
      readings: ['1 fl oz', '1 oz by weight'],
    });
    expect(amount('1 oz by weight', 'us')).toEqual({ kind: 'g', g: 28.349523125 });
    expect(amount('1 oz', 'us', false)).toEqual({ kind: 'g', g: 28.349523125 });
  });

  test.each([
    ['', 'no-number'],
    ['plenty', 'no-number'],
    ['2 buckets', 'no-unit'],
    ['2 constructor', 'no-unit'],
    ['2 toString', 'no-unit'],
    ['hasOwnProperty ml', 'no-number'],
    ['1,000 g', 'two-ways'],
    ['10.000 ml', 'two-ways'],
    ['1/0 cup', 'no-number'],
    ['1.5 drops', 'whole-drops'],
    ['1 cup', 'not-here'],
    ['three of the bottle', 'no-number'],
    ['2 of the bottle', 'no-number'],
  ])('“%s” is not read: %s', (text, code) => {
    const found = read(text, 'imperial');
    expect(found).toMatchObject({ ok: false, code });
  });

  test('ten thousand scribbles are read or refused, never worse', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 30 }), (text) => {
        const found = read(text, 'us');
        if (!found.ok) return;
        for (const value of Object.values(found.amount)) {
          if (typeof value === 'number') expect(Number.isFinite(value)).toBe(true);
        }
      }),
      { numRuns: 10_000 },
    );
  });

  test('spoons add up: three teaspoons are a tablespoon, sixteen tablespoons a US cup', () => {
    const ml = (text: string, country: SpoonCountry) => {
      const found = amount(text, country);
      return typeof found === 'object' && found.kind === 'ml' ? found.ml : NaN;
    };
    expect(ml('3 tsp', 'us')).toBeCloseTo(ml('1 tbsp', 'us'), 9);
    expect(ml('16 tbsp', 'us')).toBeCloseTo(ml('1 cup', 'us'), 6);
    expect(ml('3 tsp', 'metric')).toBe(ml('1 tbsp', 'metric'));
    expect(ml('8 fl oz', 'us')).toBeCloseTo(ml('1 cup', 'us'), 6);
  });
});
