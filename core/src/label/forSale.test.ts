import { describe, expect, test } from 'vitest';
import { inciIn } from '../catalog';
import { evaluate } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { saleFactsOf } from './forSale';

type Oils = Readonly<Record<string, number>>;

/** Drops of 0.05 ml in 9.5 ml of jojoba and oils. */
const factsOf = (oils: Oils, use: 'leave-on' | 'rinse-off' = 'leave-on') => {
  const blend = blendOf({ oils });
  return saleFactsOf(evaluate(blend).mixture, { ...blend.brief, use });
};

/** By hand: g of each oil over g of the whole, with their densities; 0.867 for jojoba. */
const densities: Oils = {
  lavender: 0.883,
  'tea-tree': 0.895,
  lemon: 0.853,
  peppermint: 0.906,
  patchouli: 0.965,
  'cinnamon-bark': 1.02,
};
const sharesByHand = (oils: Oils): Oils => {
  const g = Object.entries(oils).map(
    ([id, drops]) => [id, drops * 0.05 * (densities[id] ?? 0)] as const,
  );
  const ml = Object.values(oils).reduce((total, drops) => total + drops * 0.05, 0);
  const whole = g.reduce((total, [, one]) => total + one, 0) + (9.5 - ml) * 0.867;
  return Object.fromEntries(g.map(([id, one]) => [id, (100 * one) / whole]));
};

describe('five blends, compared with a table by hand', () => {
  // Of each oil: allergen, typical and most, in percent of the oil.
  test.each<[Oils, string[], [string, number][]]>([
    [
      { lavender: 3 },
      ['Simmondsia Chinensis Seed Oil', 'Lavandula Angustifolia Oil'],
      // 3 drops are 1.606 %: linalool 32.5 % of it, limonene 0.3, geraniol 0.175, coumarin 0.025.
      [
        ['Linalool', 32.5],
        ['Limonene', 0.3],
        ['Geraniol', 0.175],
        ['Coumarin', 0.025],
      ],
    ],
    [
      { 'tea-tree': 4 },
      ['Simmondsia Chinensis Seed Oil', 'Melaleuca Alternifolia Leaf Oil'],
      [['Limonene', 1]],
    ],
    [
      { peppermint: 1 },
      ['Simmondsia Chinensis Seed Oil', 'Mentha Piperita Oil'],
      [
        ['Limonene', 2],
        ['Linalool', 0.3],
      ],
    ],
    [{ patchouli: 2 }, ['Simmondsia Chinensis Seed Oil', 'Pogostemon Cablin Oil'], []],
    [
      { lemon: 2 },
      ['Simmondsia Chinensis Seed Oil', 'Citrus Limon Peel Oil'],
      // Citral is geranial and neral together: 1.35 and 0.8.
      [
        ['Limonene', 67],
        ['Citral', 2.15],
        ['Linalool', 0.135],
      ],
    ],
  ])('%o', (oils, ingredients, allergens) => {
    const facts = factsOf(oils);
    const share = Object.values(sharesByHand(oils))[0] ?? 0;
    expect(facts.ingredients.map(({ inci }) => inciIn('eu', inci ?? '', ''))).toEqual(ingredients);
    expect(facts.ingredients[1]?.percent).toBeCloseTo(share, 2);
    expect(facts.allergens.map(({ inci }) => inci)).toEqual(allergens.map(([inci]) => inci));
    facts.allergens.forEach(({ percent }, n) =>
      expect(percent.likely).toBeCloseTo((share * (allergens[n]?.[1] ?? 0)) / 100, 3),
    );
    expect(facts.unknown).toEqual([]);
  });
});

test('what is rinsed off names an allergen from ten times as much on', () => {
  // 1 drop of peppermint is 0.548 %: linalool at the most 0.6 % of it, 0.0033 %.
  expect(factsOf({ peppermint: 1 }, 'rinse-off').allergens.map(({ inci }) => inci)).toEqual([
    'Limonene',
  ]);
});

test('two oils add up to one allergen', () => {
  const shares = sharesByHand({ lavender: 1, peppermint: 1 });
  const linalool = factsOf({ lavender: 1, peppermint: 1 }).allergens.find(
    ({ inci }) => inci === 'Linalool',
  );
  expect(linalool?.percent.likely).toBeCloseTo(
    ((shares['lavender'] ?? 0) * 32.5 + (shares['peppermint'] ?? 0) * 0.3) / 100,
    3,
  );
  expect(linalool?.from).toEqual(['lavender', 'peppermint']);
});

test('a name that was made of genus and species is told as that', () => {
  const [, petitgrain] = factsOf({ petitgrain: 1 }).ingredients;
  expect(petitgrain).toMatchObject({ inci: 'Citrus Aurantium Oil', isDerived: true });
  expect(factsOf({ lavender: 1 }).ingredients[1]?.isDerived).toBe(false);
});

test('names have the style of the place where it is sold', () => {
  expect(inciIn('us', 'Lavandula Angustifolia Oil', 'Lavender')).toBe(
    'Lavandula Angustifolia (Lavender) Oil',
  );
  expect(inciIn('us', 'Simmondsia Chinensis (Jojoba) Seed Oil', 'Jojoba oil')).toBe(
    'Simmondsia Chinensis (Jojoba) Seed Oil',
  );
  expect(inciIn('eu', 'Simmondsia Chinensis (Jojoba) Seed Oil', '')).toBe(
    'Simmondsia Chinensis Seed Oil',
  );
  expect(inciIn('us', 'Cera Alba', 'Beeswax')).toBe('Cera Alba');
});
