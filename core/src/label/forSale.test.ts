import { describe, expect, test } from 'vitest';
import {
  allergensFor,
  chemistryOf,
  packNameOfBase,
  packNameOfOil,
  shippedCatalog,
} from '../catalog';
import { evaluate } from '../drops';
import { blendOf } from '../drops/blend.testing';
import { saleFactsOf, type SoldWhere } from './forSale';
import { saleStanding } from './saleStanding';

type Oils = Readonly<Record<string, number>>;

/** Drops of 0.05 ml in 9.5 ml of jojoba and oils. */
const factsOf = (
  oils: Oils,
  use: 'leave-on' | 'rinse-off' = 'leave-on',
  where: SoldWhere = { region: 'eu', on: '2026-07-30' },
) => {
  const blend = blendOf({ oils });
  return saleFactsOf(evaluate(blend).mixture, { ...blend.brief, use }, where);
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
    expect(facts.ingredients.map(({ name }) => name)).toEqual(ingredients);
    expect(facts.ingredients[1]?.percent).toBeCloseTo(share, 2);
    expect(facts.allergens.map(({ label }) => label)).toEqual(allergens.map(([inci]) => inci));
    facts.allergens.forEach(({ percent }, n) =>
      expect(percent.likely).toBeCloseTo((share * (allergens[n]?.[1] ?? 0)) / 100, 3),
    );
    expect(facts.unknown).toEqual([]);
  });
});

test('what is rinsed off names an allergen from ten times as much on', () => {
  // 1 drop of peppermint is 0.548 %: linalool at the most 0.6 % of it, 0.0033 %.
  expect(factsOf({ peppermint: 1 }, 'rinse-off').allergens.map(({ label }) => label)).toEqual([
    'Limonene',
  ]);
});

test('two oils add up to one allergen', () => {
  const shares = sharesByHand({ lavender: 1, peppermint: 1 });
  const linalool = factsOf({ lavender: 1, peppermint: 1 }).allergens.find(
    ({ label }) => label === 'Linalool',
  );
  expect(linalool?.percent.likely).toBeCloseTo(
    ((shares['lavender'] ?? 0) * 32.5 + (shares['peppermint'] ?? 0) * 0.3) / 100,
    3,
  );
  expect(linalool?.from).toEqual(['lavender', 'peppermint']);
});

test('names are of the plant and its part, in the style of where it is sold', () => {
  const named = (id: string, region: 'eu' | 'us') => {
    const oil = shippedCatalog.oil(id);
    return oil ? packNameOfOil(oil, region).names : [];
  };
  // Three ingredients of one tree.
  expect(['neroli', 'petitgrain', 'bitter-orange'].flatMap((id) => named(id, 'eu'))).toEqual([
    'Citrus Aurantium Amara Flower Oil',
    'Citrus Aurantium Amara Leaf/Twig Oil',
    'Citrus Aurantium Amara Peel Oil',
  ]);
  expect(named('lavender', 'us')).toEqual(['Lavandula Angustifolia (Lavender) Oil']);
  // Absolutes are extracts.
  for (const { id } of shippedCatalog.oils.filter((oil) => oil.id.endsWith('-absolute'))) {
    expect([id, named(id, 'eu').join()]).toEqual([id, expect.stringMatching(/Extract|Wax/)]);
  }
});

test('every oil and base of the library has a name that is one, or says that its bottle has it', () => {
  const all = [
    ...shippedCatalog.oils.map((oil) => [oil.id, packNameOfOil(oil, 'eu')] as const),
    ...shippedCatalog.bases.map((base) => [base.id, packNameOfBase(base, 'eu')] as const),
  ];
  for (const [id, { names, isFromBottle }] of all) {
    expect([id, names.length > 0 || isFromBottle]).toEqual([id, true]);
    for (const name of names)
      expect([id, name]).toEqual([id, expect.not.stringMatching(/e\.g|\(/)]);
  }
  expect(
    all
      .filter(([, { names }]) => names.length === 0)
      .map(([id]) => id)
      .sort(),
  ).toEqual(['hydrosol', 'liquid_castile_soap', 'unscented_lotion']);
});

test('the list is of the region and the day', () => {
  expect(allergensFor('eu', '2026-12-01')).toHaveLength(80);
  expect(allergensFor('ni', '2026-12-01')).toHaveLength(80);
  expect(allergensFor('eu', '2026-07-30')).toHaveLength(24);
  expect(allergensFor('gb', '2026-12-01')).toHaveLength(24);
  expect(allergensFor('us', '2026-12-01')).toEqual([]);
});

describe('since 31 July 2026', () => {
  const now = { region: 'eu', on: '2026-12-01' } as const;
  const labels = (oils: Oils, use: 'leave-on' | 'rinse-off' = 'leave-on') =>
    factsOf(oils, use, now).allergens.map(({ label }) => label);

  test('an oil that is listed as such is named, and what is in it beside it', () => {
    // Lavender 1.606 %: linalyl acetate 34 % of it, beta-caryophyllene 4, terpineol, terpinen-4-ol …
    expect(labels({ lavender: 3 })).toEqual(
      expect.arrayContaining([
        'Lavandula Oil/Extract',
        'Linalool',
        'Linalyl Acetate',
        'Beta-Caryophyllene',
        'Limonene',
        'Geraniol',
        'Coumarin',
      ]),
    );
    const [first] = factsOf({ lavender: 3 }, 'leave-on', now).allergens;
    expect(first).toMatchObject({ label: 'Lavandula Oil/Extract', isWhole: true });
    expect(first?.percent.likely).toBeCloseTo(1.606, 2);
  });

  // The same lists from the tables of composition and allergens by a script of its own.
  test.each<[Oils, 'leave-on' | 'rinse-off', string]>([
    [
      { 'ylang-ylang': 1, bergamot: 2, patchouli: 1 },
      'leave-on',
      'Benzyl Alcohol, Benzyl Benzoate, Benzyl Salicylate, Beta-Caryophyllene, Cananga Odorata Oil/Extract, Cinnamyl Alcohol, Citral, Citrus Aurantium Bergamia Peel Oil, Eugenol, Farnesol, Geraniol, Geranyl Acetate, Isoeugenol, Limonene, Linalool, Linalyl Acetate, Methyl Salicylate, Pinene, Pogostemon Cablin Oil',
    ],
    [
      { 'rose-otto': 1, geranium: 1, frankincense: 2 },
      'leave-on',
      'Beta-Caryophyllene, Citral, Citronellol, Eugenol, Farnesol, Geraniol, Geranyl Acetate, Limonene, Linalool, Pelargonium Graveolens Flower Oil, Pinene, Rose Flower Oil/Extract',
    ],
    [
      { 'clove-bud': 1, 'orange-sweet': 2, 'cinnamon-leaf': 1 },
      'leave-on',
      'Benzyl Benzoate, Beta-Caryophyllene, Cinnamal, Cinnamyl Alcohol, Citral, Citrus Aurantium Peel Oil, Eugenia Caryophyllus Oil, Eugenol, Eugenyl Acetate, Isoeugenol, Limonene, Linalool, Methyl Salicylate, Pinene',
    ],
    [
      { 'rosemary-camphor': 2, peppermint: 1 },
      'rinse-off',
      'Beta-Caryophyllene, Camphor, Limonene, Linalool, Mentha Piperita Oil, Menthol, Pinene, Terpineol',
    ],
    [
      { lemongrass: 1, 'tea-tree': 2, 'eucalyptus-globulus': 1 },
      'leave-on',
      'Beta-Caryophyllene, Citral, Citronellol, Eucalyptus Globulus Oil, Geraniol, Geranyl Acetate, Lemongrass Oil, Limonene, Linalool, Pinene, Terpineol, Terpinolene',
    ],
  ])('%o, %s', (oils, use, expected) => {
    const sure = factsOf(oils, use, now).allergens.filter(({ isDoubtful }) => !isDoubtful);
    expect(
      sure
        .map(({ label }) => label)
        .sort()
        .join(', '),
    ).toBe(expected);
  });

  test('constituents of one label are added up: citral is geranial and neral', () => {
    const citral = factsOf({ lemon: 2 }, 'leave-on', now).allergens.find(
      ({ label }) => label === 'Citral',
    );
    const share = sharesByHand({ lemon: 2 })['lemon'] ?? 0;
    expect(citral?.percent.likely).toBeCloseTo((share * 2.15) / 100, 4);
    expect(labels({ lemon: 2 })).toContain('Citrus Limon Peel Oil');
  });

  test('kin of what is listed is named too, and marked as doubtful', () => {
    const spike = factsOf({ 'lavender-spike': 2 }, 'leave-on', now).allergens.find(
      ({ label }) => label === 'Lavandula Oil/Extract',
    );
    expect(spike).toMatchObject({ isDoubtful: true, isWhole: true });
  });

  test('every oil alone at 2 %: what is due is named, by a count of its own', () => {
    let due = 0;
    let named = 0;
    for (const { id } of shippedCatalog.oils) {
      const facts = factsOf({ [id]: 4 }, 'leave-on', now);
      named += facts.allergens.length;
      // By hand: share of the oil by weight, times the most of each constituent.
      const [, oil] = facts.ingredients;
      const share = oil?.percent ?? 0;
      const contents = chemistryOf(shippedCatalog.oil(id)!)?.constituents ?? [];
      for (const { members, doubtfulMembers, oils, doubtfulOils } of allergensFor('eu', now.on)) {
        const all = [...members, ...doubtfulMembers];
        const inIt = contents
          .filter(([name]) => all.includes(name))
          .reduce((total, [, , , high]) => total + (share * high) / 100, 0);
        if (inIt > 0.001 || [...oils, ...doubtfulOils].includes(id)) due += 1;
      }
    }
    expect(named).toBe(due);
    expect(due).toBeGreaterThan(700);
  });
});

test('what the law of the region restricts is not for sale there, elsewhere it is a note', () => {
  const blend = blendOf({ oils: { wintergreen: 1 } });
  const { mixture } = evaluate(blend);
  const eu = saleStanding(blend, mixture, 'eu');
  expect(eu.forbidden.map(({ rule, subject }) => [rule, subject])).toContainEqual([
    'sale',
    'methyl salicylate',
  ]);
  const us = saleStanding(blend, mixture, 'us');
  expect(us.forbidden).toEqual([]);
  expect(us.elsewhere.map(({ subject }) => subject)).toContain('methyl salicylate');
});

test('a macerate is its oil and its extract, and one name appears once', () => {
  const blend = blendOf({ oils: { 'rosemary-cineole': 1, 'rosemary-camphor': 1 } });
  const { ingredients } = saleFactsOf(evaluate(blend).mixture, blend.brief, {
    region: 'eu',
    on: '2026-12-01',
  });
  const names = ingredients.map(({ name }) => name);
  expect(names).toEqual(['Simmondsia Chinensis Seed Oil', 'Rosmarinus Officinalis Leaf Oil']);
  const base = shippedCatalog.base('calendula_infused');
  expect(base && packNameOfBase(base, 'eu').names).toEqual([
    'Helianthus Annuus Seed Oil',
    'Calendula Officinalis Flower Extract',
  ]);
});

test('what only its bottle names is missing, until someone copies it from there', () => {
  const blend = blendOf({ oils: { lavender: 1 } });
  const soap = shippedCatalog.base('liquid_castile_soap');
  if (!soap) throw new Error('no soap');
  const { mixture } = evaluate({
    ...blend,
    formula: { ...blend.formula, bases: [{ base: soap, parts: 1 }] },
  });
  const of = (inci: string | null) =>
    saleFactsOf(mixture, blend.brief, { region: 'eu', on: '2026-12-01', onBottle: () => inci });
  expect(of(null).unnamed).toEqual(['liquid_castile_soap']);
  const copied = of('Aqua, Potassium Olivate; Glycerin');
  expect(copied.unnamed).toEqual([]);
  expect(copied.ingredients.map(({ name }) => name)).toEqual([
    'Aqua',
    'Lavandula Angustifolia Oil',
    'Potassium Olivate',
    'Glycerin',
  ]);
});
