import { describe, expect, test } from 'vitest';
import { amountsIn, wholeAmount, type LexedAmount } from './lexer';
import { plainFigures } from './plainText';

const tidy = (value: number): number => Math.round(10_000 * value) / 10_000;

/** `10-15 drops`, `0.5 us cup + 2 tbsp`: the terms of an amount, one after another. */
const said = ({ terms }: LexedAmount): string =>
  terms
    .map(({ unit, low, high, country }) =>
      [low === high ? tidy(low) : `${tidy(low)}-${tidy(high)}`, country, unit]
        .filter((word) => word !== null)
        .join(' '),
    )
    .join(' + ');

// What is written, and what it is. Worked out by hand.
const table: readonly (readonly [string, string])[] = [
  ['1-1/2 tsp', '1.5 tsp'],
  ['1 and 1/2 tsp', '1.5 tsp'],
  ['1 & 1/2 tsp', '1.5 tsp'],
  ['1 1/2 tsp', '1.5 tsp'],
  ['one and a half tsp', '1.5 tsp'],
  ['two and a quarter cups', '2.25 cup'],
  ['one and three quarters cups', '1.75 cup'],
  ['1½ tsp', '1.5 tsp'],
  ['1 ½ tsp', '1.5 tsp'],
  ['½ tsp', '0.5 tsp'],
  ['⅜ cup', '0.375 cup'],
  ['3⁄8 cup', '0.375 cup'],
  ['3/8 cup', '0.375 cup'],
  ['.5 ml', '0.5 ml'],
  ['0,5 ml', '0.5 ml'],
  ['2.50 ml', '2.5 ml'],
  ['1 000 ml', '1000 ml'],
  ['1,250.5 g', '1250.5 g'],
  ['1.250,5 g', '1250.5 g'],
  ['half a dozen drops', '6 drops'],
  ['a dozen drops', '12 drops'],
  ['two dozen drops', '24 drops'],
  ['a couple of drops', '2 drops'],
  ['a couple drops', '2 drops'],
  ['twenty-five drops', '25 drops'],
  ['twenty five drops', '25 drops'],
  ['a hundred drops', '100 drops'],
  ['seventeen drops', '17 drops'],
  ['a fifth of the bottle', '0.2 share'],
  ['a third of the bottle', '0.3333 share'],
  ['two thirds of a jar', '0.6667 share'],
  ['half the bottle', '0.5 share'],
  ['1/4 of your roller', '0.25 share'],
  ['½ cup + 2 tbsp', '0.5 cup + 2 tbsp'],
  ['1 tbsp + 1 tsp', '1 tbsp + 1 tsp'],
  ['1 cup and 2 tbsp', '1 cup + 2 tbsp'],
  ['1 lb 4 oz', '1 lb + 4 oz'],
  ['10+5 drops', '15 drops'],
  ['10 + 5 drops', '15 drops'],
  ['2 x 5 drops', '10 drops'],
  ['2 × 5 ml', '10 ml'],
  ['2 times 5 drops', '10 drops'],
  ['10 to 15 drops', '10-15 drops'],
  ['10-15 drops', '10-15 drops'],
  ['10–15 drops', '10-15 drops'],
  ['10 or 15 drops', '10-15 drops'],
  ['10 drops to 15 drops', '10-15 drops'],
  ['between 10 and 15 drops', '10-15 drops'],
  ['five to six drops', '5-6 drops'],
  ['2.5-3 %', '2.5-3 percent'],
  ['½-1 tsp', '0.5-1 tsp'],
  ['10 drops and a couple extra', '10-12 drops'],
  ['10 drops + 2 more', '10-12 drops'],
  ['about 20 drops', '20 drops'],
  ['up to 20 drops', '20 drops'],
  ['1 pint', '1 pint'],
  ['1 quart', '1 quart'],
  ['2 US quarts', '2 us quart'],
  ['500 grammes', '500 g'],
  ['0.5 kg', '500 g'],
  ['1.5 l', '1500 ml'],
  ['2 cl', '20 ml'],
  ['1 dessertspoon', '1 dessertspoon'],
  ['two dessert spoons', '2 dessertspoon'],
  ['2 tbsp', '2 tbsp'],
  ['two tbsp', '2 tbsp'],
  ['2 T', '2 tbsp'],
  ['2 t', '2 tsp'],
  ['1 c', '1 cup'],
  ['5 d.', '5 drops'],
  ['5d', '5 drops'],
  ['5 gtt', '5 drops'],
  ['5 DROPS', '5 drops'],
  ['10-ml', '10 ml'],
  ['2 heaped teaspoons', '2 tsp'],
  ['1 US cup', '1 us cup'],
  ['2.5 fl. oz.', '2.5 fl oz'],
  ['2 oz by weight', '2 oz by weight'],
  ['2 oz (weight)', '2 oz by weight'],
  ['1 part', '1 parts'],
  ['3 per cent', '3 percent'],
  ['１２ drops', '12 drops'],
  ['۱۲ drops', '12 drops'],
  ['٣ ml', '3 ml'],
  ['१२ ml', '12 ml'],
  ['𝟏𝟐 ml', '12 ml'],
  ['٢٫٥ ٪', '2.5 percent'],
  ['５ｍｌ', '5 ml'],
  // No amount, in whole or in part.
  ['1.2.3 ml', ''],
  ['1/0 cup', ''],
  ['10 buckets', ''],
  ['a lot of drops', ''],
  ['70 C', ''],
];

describe('an amount is the same in a field, and anywhere in a text', () => {
  test.each(table)('%s', (text, expected) => {
    const whole = wholeAmount(plainFigures(text));
    expect(whole ? said(whole) : '').toBe(expected);
    const line = plainFigures(`stir in ${text} of sweet almond`);
    const found = amountsIn(line);
    expect(found.map(said).join('; ')).toBe(expected);
    if (whole)
      expect(plainFigures(text).trim()).toContain(line.slice(found[0]?.from, found[0]?.to));
    // Behind the name as well.
    expect(
      amountsIn(plainFigures(`Rose: ${text}`))
        .map(said)
        .join('; '),
    ).toBe(expected);
  });

  test('several in one line keep their places', () => {
    const line = '2 drops rose, 3-5 drops neroli and 1 1/2 tsp jojoba (7 ml)';
    expect(amountsIn(line).map(({ from, to }) => line.slice(from, to))).toEqual([
      '2 drops',
      '3-5 drops',
      '1 1/2 tsp',
      '7 ml',
    ]);
    expect(amountsIn('lavender 10 drops + 5 drops lemon').map(said)).toEqual([
      '10 drops',
      '5 drops',
    ]);
    expect(amountsIn('rose 2 drops and 3 drops neroli').map(said)).toEqual(['2 drops', '3 drops']);
    expect(amountsIn('polysorbate 20 - 3 drops').map(said)).toEqual(['3 drops']);
    expect(amountsIn('peppermint x12 drops').map(said)).toEqual(['12 drops']);
    expect(wholeAmount('10 drops + 5 drops')?.terms).toHaveLength(2);
  });

  test('a number that can be read two ways keeps both', () => {
    expect(wholeAmount('1.000 ml')?.terms[0].readings).toEqual([1000, 1]);
    expect(amountsIn('add 1,000 g of shea')[0]?.terms[0].readings).toEqual([1000, 1]);
  });
});
