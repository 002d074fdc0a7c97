import { describe, expect, test } from 'vitest';
import { findBase, type SpoonCountry } from '@jubbet/core';
import { saidBase } from './saidBase';

const say = (text: string, id: string, country: SpoonCountry = 'us') => {
  const base = findBase(id);
  if (!base) throw new Error(`no base ${id}`);
  const said = saidBase(text, base, { country, wholeMl: 30, dropSchool: 'pharmacy' });
  return said.ok ? said.amount : said.sentence;
};

describe('an amount of a base in words', () => {
  test.each([
    ['2 tbsp', 'jojoba', { ml: 29.57 }],
    ['1/2 cup', 'olive', { ml: 118.29 }],
    ['0.5 fl oz', 'argan', { ml: 14.79 }],
    ['15 g', 'beeswax_yellow', { g: 15 }],
    ['1 oz', 'shea_butter', { g: 28.35 }],
    ['20 drops', 'vitamin_e', { ml: 1 }],
    ['3 parts', 'jojoba', { parts: 3 }],
    ['20 %', 'cocoa_butter', { percent: 20 }],
    ['a third of the bottle', 'jojoba', { ml: 10 }],
    ['1 tbsp melted', 'cocoa_butter', { g: 13.31 }],
  ])('%s of %s', (text, id, amount) => {
    const said = say(text, id);
    expect(Object.keys(said)).toEqual(Object.keys(amount));
    for (const [key, value] of Object.entries(amount)) {
      // A tenth of a percent: the loose weights are kept to three digits.
      expect(Math.abs((said as Record<string, number>)[key]! / value - 1)).toBeLessThan(0.001);
    }
  });

  test.each([
    [
      '2 tbsp pellets',
      'beeswax_yellow',
      { value: 2, unit: 'tablespoon', form: 'pellets', ml: 29.57 },
    ],
    ['1 tbsp', 'beeswax_yellow', { value: 1, unit: 'tablespoon', form: 'pellets', ml: 14.79 }],
    [
      '1 tbsp grated',
      'beeswax_yellow',
      { value: 1, unit: 'tablespoon', form: 'grated', ml: 14.79 },
    ],
    ['1/2 cup soft', 'shea_butter', { value: 0.5, unit: 'cup', form: 'soft', ml: 118.29 }],
    ['30 ml', 'beeswax_yellow', { value: 30, unit: 'ml', form: 'pellets', ml: 30 }],
  ])('%s of %s stay as they were typed', (text, id, loose) => {
    expect(say(text, id)).toEqual({ loose });
  });

  test('a spoon is another spoon in another country', () => {
    expect(say('1 tbsp', 'jojoba', 'metric')).toEqual({ ml: 15 });
    expect(say('1 tbsp', 'jojoba', 'australian')).toEqual({ ml: 20 });
  });

  test('an ounce of what pours is asked about, of what is solid it is weight', () => {
    expect(say('1 oz', 'jojoba')).toMatch(/fl oz/);
  });

  test('a cup of what nobody has weighed is not guessed', () => {
    expect(say('1 cup', 'cocoa_butter')).toMatch(/Not known.*weigh it/);
    expect(say('5 drops', 'beeswax_yellow')).toMatch(/in g/);
  });

  test('solid by volume comes with its range, and the advice to weigh', () => {
    const base = findBase('beeswax_yellow');
    const said =
      base && saidBase('1 tbsp', base, { country: 'us', wholeMl: 30, dropSchool: 'pharmacy' });
    expect(said?.ok && said.advice).toMatch(/^Taken as 8 g; it may be 7 to 10 g, .* Weigh it\.$/);
  });

  test('nonsense changes nothing and says why', () => {
    expect(say('a bit', 'jojoba')).toMatch(/not an amount|unit/);
    expect(say('0 g', 'jojoba')).toMatch(/More than nothing/);
    expect(say('300 %', 'jojoba')).toMatch(/0 to 100/);
    expect(say('900 kg', 'jojoba')).toMatch(/more than any vessel/);
  });
});
