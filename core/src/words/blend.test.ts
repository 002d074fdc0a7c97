import { shippedCatalog, usualContainer, type Container } from '../catalog';
import { strengthBy } from '../mixture';
import { recipeFrom } from '../recipe/recipe.testing';
import { evaluate } from '../drops';
import { known } from '../catalog/known.testing';
import { blendOf } from '../drops/blend.testing';
import { basesWords, fillingsWords, strengthWords } from './blend';
import { describe, expect, test } from 'vitest';

const container = (id: string): Container => known(usualContainer(id));

describe('what it goes into, in words', () => {
  test.each([
    [[['roll-on-10', 1]], '10 ml roll-on'],
    [[['roll-on-10', 2]], '2 roll-ons of 10 ml'],
    [
      [
        ['tin-15', 9],
        ['tube-5', 4],
      ],
      '9 tins of 15 ml and 4 sticks of 5 ml',
    ],
    [
      [
        ['tin-15', 1],
        ['jar-60', 1],
        ['locket', 6],
      ],
      '1 tin of 15 ml, 1 jar of 60 ml and 6 lockets of 1 ml',
    ],
  ] as [[string, number][], string][])('%o', (lines, words) => {
    const fillings = lines.map(([id, count]) => ({ container: container(id), count }));
    expect(fillingsWords(fillings)).toBe(words);
  });

  test('one of the maker’s own bears its name', () => {
    const own: Container = {
      id: null,
      kind: 'locket',
      name: 'Heirloom',
      nominalMl: 0.6,
      workingFillPercent: 80,
    };
    expect(fillingsWords([{ container: own, count: 1 }])).toBe('0.6 ml locket “Heirloom”');
    expect(fillingsWords([])).toBe('');
  });
});

describe('what carries it, in words', () => {
  test.each([
    [[], ''],
    [[{ id: 'jojoba', parts: 3 }], 'jojoba'],
    [[{ id: 'jojoba', percent: 100 }], 'jojoba'],
    [[{ id: 'jojoba', ml: 30 }], '30 ml jojoba'],
    [
      [
        { id: 'jojoba', parts: 7 },
        { id: 'camellia_seed', parts: 3 },
      ],
      '7 jojoba : 3 camellia',
    ],
    // One that takes the rest needs no number; two share it.
    [
      [
        { id: 'jojoba', parts: 1 },
        { id: 'beeswax_yellow', percent: 25 },
      ],
      '25 % yellow beeswax and jojoba',
    ],
    [
      [
        { id: 'beeswax_yellow', percent: 25 },
        { id: 'jojoba', parts: 2 },
        { id: 'olive', parts: 1 },
      ],
      '25 % yellow beeswax, 2 jojoba and 1 olive',
    ],
    [
      [
        { id: 'shea_butter', g: 30 },
        { id: 'jojoba', ml: 15 },
      ],
      '30 g shea butter and 15 ml jojoba',
    ],
    [[{ id: 'moon_butter', parts: 1 }], 'Moon butter'],
  ])('%o', (bases, words) => {
    expect(basesWords(shippedCatalog, recipeFrom({ bases: bases }).bases)).toBe(words);
  });
});

describe('how strong, in words', () => {
  const mixtureOf = (oil: string) => evaluate(blendOf({ oils: { [oil]: 4 } })).mixture;

  test('percents are of what the blend is measured by', () => {
    // 4 drops of 0.05 ml in 9.5 ml.
    const mixture = mixtureOf('lavender');
    expect(strengthWords(mixture, 'volume')).toBe('2.1 %');
    expect(strengthWords(mixture, 'weight')).toMatch(/^2\.1 % by weight$/);
    expect(strengthBy(mixture, 'weight').likely).toBeGreaterThan(
      strengthBy(mixture, 'volume').likely,
    );
  });
});
