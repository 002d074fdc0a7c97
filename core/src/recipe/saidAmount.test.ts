import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import type { SpoonCountry } from '../quantity';
import { readBaseAmount, readOilAmount } from './saidAmount';

describe('an amount of an oil in words', () => {
  const read = (text: string) => readOilAmount(text, { country: 'us', fillMl: 28 });

  test.each<[string, string, number]>([
    // A teaspoon of the United States is 4.92892 ml.
    ['2 tsp', 'ml', 9.8578],
    ['15 g', 'g', 15],
    ['30 drops', 'drops', 30],
    ['1 part', 'parts', 1],
    ['3 %', 'percent', 3],
    ['half of the bottle', 'ml', 14],
  ])('%s', (text, unit, value) => {
    expect(read(text)).toEqual({ ok: true, amount: { unit, value, asTyped: text } });
  });

  test.each([
    ['1 oz', 'which-ounce'],
    ['300 cups', 'too-much'],
    ['20000 drops', 'too-much'],
    ['1.5 drops', 'whole-drops'],
    ['200 %', 'past-all'],
    ['0 parts', 'no-parts'],
    ['some', 'no-number'],
    // A word that every object has is no unit.
    ['2 constructor', 'no-unit'],
  ])('%s is a problem: %s', (text, code) => {
    expect(read(text)).toMatchObject({ ok: false, problem: { code } });
  });

  test('a range of drops is one; of anything else one amount is asked for', () => {
    const how = { country: 'metric', fillMl: 10 } as const;
    expect(readOilAmount('10 to 15 drops', how)).toMatchObject({
      ok: true,
      amount: { unit: 'drops', value: 15, from: 10, asTyped: '10 to 15 drops' },
    });
    expect(readOilAmount('½-1 tsp', how)).toMatchObject({
      ok: false,
      problem: { code: 'a-range', readings: ['0.5 teaspoon', '1 teaspoon'] },
    });
    expect(readOilAmount('10 to 15.5 drops', how)).toMatchObject({
      ok: false,
      problem: { code: 'whole-drops' },
    });
  });

  test('what can be read two ways is asked back', () => {
    expect(read('1,000 ml')).toMatchObject({
      ok: false,
      problem: { code: 'two-ways', text: '1,000 ml', readings: ['1000 ml', '1 ml'] },
    });
  });
});

describe('an amount of a base in words', () => {
  const read = (text: string, id: string, country: SpoonCountry = 'us') => {
    const base = shippedCatalog.base(id);
    if (!base) throw new Error(`no base ${id}`);
    return readBaseAmount(text, base, { country, wholeMl: 30, dropsPerMl: 20 });
  };

  test.each<[string, string, string, number]>([
    ['2 tbsp', 'jojoba', 'ml', 29.57],
    ['1/2 cup', 'olive', 'ml', 118.29],
    ['0.5 fl oz', 'argan', 'ml', 14.79],
    ['15 g', 'beeswax_yellow', 'g', 15],
    ['1 oz', 'shea_butter', 'g', 28.35],
    ['20 drops', 'vitamin_e', 'ml', 1],
    ['3 parts', 'jojoba', 'parts', 3],
    ['20 %', 'cocoa_butter', 'percent', 20],
    ['a third of the bottle', 'jojoba', 'ml', 10],
    // 14.7868 ml at 0.9 g to the ml.
    ['1 tbsp melted', 'cocoa_butter', 'g', 13.31],
  ])('%s of %s', (text, id, unit, value) => {
    const amount = read(text, id);
    if (!amount.ok) throw new Error(amount.problem.code);
    expect(amount.amount).toMatchObject({ unit, asTyped: text });
    expect(amount.amount.value).toBeCloseTo(value, 2);
  });

  test.each<[string, string, object]>([
    [
      '2 tbsp pellets',
      'beeswax_yellow',
      { value: 2, measure: 'tablespoon', form: 'pellets', ml: 29.57 },
    ],
    ['1 tbsp', 'beeswax_yellow', { value: 1, measure: 'tablespoon', form: 'pellets', ml: 14.79 }],
    [
      '1 tbsp grated',
      'beeswax_yellow',
      { value: 1, measure: 'tablespoon', form: 'grated', ml: 14.79 },
    ],
    ['1/2 cup soft', 'shea_butter', { value: 0.5, measure: 'cup', form: 'soft', ml: 118.29 }],
    ['30 ml', 'beeswax_yellow', { value: 30, measure: 'ml', form: 'pellets', ml: 30 }],
  ])('%s of %s stay as they were typed', (text, id, loose) => {
    expect(read(text, id)).toMatchObject({
      ok: true,
      amount: { unit: 'loose', ...loose, asTyped: text },
    });
  });

  test('a spoon is another spoon in another country', () => {
    expect(read('1 tbsp', 'jojoba', 'metric')).toMatchObject({ amount: { unit: 'ml', value: 15 } });
    expect(read('1 tbsp', 'jojoba', 'australian')).toMatchObject({ amount: { value: 20 } });
  });

  test('a solid by volume comes with what it may weigh', () => {
    const amount = read('1 tbsp', 'beeswax_yellow');
    expect(amount.ok && amount.taken?.g).toBeCloseTo(8, 0);
    expect(amount.ok && amount.taken?.range.low).toBeLessThan(
      amount.ok ? (amount.taken?.g ?? 0) : 0,
    );
  });

  test.each([
    // An ounce of what pours is asked about; of what is solid it is weight.
    ['1 oz', 'jojoba', 'which-ounce'],
    // A cup of what no one has weighed is not guessed.
    ['1 cup', 'cocoa_butter', 'weight-unknown'],
    ['5 drops', 'beeswax_yellow', 'drops-of-solid'],
    ['a bit', 'jojoba', 'no-unit'],
    ['0 g', 'jojoba', 'nothing'],
    ['300 %', 'jojoba', 'no-percent'],
    ['900 kg', 'jojoba', 'too-much'],
  ])('%s of %s is a problem: %s', (text, id, code) => {
    expect(read(text, id)).toMatchObject({ ok: false, problem: { code } });
  });
});
