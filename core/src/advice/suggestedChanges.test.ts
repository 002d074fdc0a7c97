import { describe, expect, test } from 'vitest';
import { catalogOf, houseMaterials, shippedCatalog, withOpenBottles } from '../catalog';
import { workOut } from '../drops';
import { emptyRecipe, type Recipe } from '../recipe';
import { recipeFrom, type ShortRecipe } from '../recipe/recipe.testing';
import { withChange } from './change';
import { suggestChanges } from './suggestedChanges';
import { healthyAdult } from '../brief/wearer.testing';

const recipe = (short: ShortRecipe, brief: Partial<Recipe['brief']> = {}): Recipe =>
  recipeFrom({
    bases: [{ id: 'jojoba', parts: 1 }],
    ...short,
    brief: {
      wearer: healthyAdult,
      place: 'pulse-points',
      ...brief,
    },
  });

const suggested = (given: Recipe, most?: number) => suggestChanges(shippedCatalog, given, most);

const kinds = (given: Recipe) => suggested(given, 9).map(({ change }) => change.kind);

test('a blend within limits, or a caution, is offered nothing', () => {
  expect(suggested(recipe({ oils: [{ id: 'lavender', drops: 3 }] }))).toEqual([]);
  expect(suggested(recipe({ oils: [{ id: 'lavender', drops: 7 }] }))).toEqual([]);
  expect(suggested(emptyRecipe())).toEqual([]);
});

test('two drops of ylang ylang in 10 ml: one less, or a bigger bottle', () => {
  const given = recipe({
    oils: [
      { id: 'ylang-ylang', drops: 2 },
      { id: 'petitgrain', drops: 2 },
    ],
  });
  const suggestions = suggested(given, 9);
  expect(suggestions).toContainEqual(
    expect.objectContaining({
      change: { kind: 'amounts', amounts: { 'ylang-ylang': { unit: 'drops', value: 1 } } },
    }),
  );
  // 2 x 0.05 ml of 14.25 ml is 0.7 %, of 0.8 %.
  expect(suggestions).toContainEqual(
    expect.objectContaining({ change: { kind: 'container', id: 'roll-on-15', count: 1 } }),
  );
  expect(suggestions.filter(({ change }) => change.kind === 'container')).toHaveLength(1);
});

test('bergamot in the sun: cover the skin, or take the kind without furanocoumarins', () => {
  const given = recipe({ oils: [{ id: 'bergamot', drops: 1 }] }, { place: 'body-massage' });
  expect(kinds(given)).toEqual(expect.arrayContaining(['cover', 'swap']));
  // Nothing covers wrists and neck.
  expect(kinds(recipe({ oils: [{ id: 'bergamot', drops: 1 }] }))).not.toContain('cover');
  const swap = suggested(given, 9).find(({ change }) => change.kind === 'swap');
  expect(swap?.outcome.mixture.oils[0]?.oil.id).toBe('bergamot-fcf');
});

test('a strength past the maximum: ask for what the limits leave', () => {
  const given = recipe({
    target: { percent: 9 },
    oils: [
      { id: 'lavender', parts: 1 },
      { id: 'patchouli', parts: 1 },
    ],
  });
  const [first] = suggested(given);
  expect(first?.change.kind).toBe('target');
  // Asked for what can be reached, the shares are even again.
  const then = workOut(shippedCatalog, withChange(given, first!.change));
  if (then.state !== 'done') throw new Error(then.state);
  const drops = then.evaluation.plan.drops.map((count) => count ?? 0);
  expect(Math.abs((drops[0] ?? 0) - (drops[1] ?? 0))).toBeLessThanOrEqual(1);
});

test('beside oils by parts, a counted oil is taken down to what may be', () => {
  const given = recipe({
    target: { percent: 3 },
    oils: [
      { id: 'petitgrain', parts: 1 },
      { id: 'ylang-ylang', drops: 5 },
    ],
  });
  expect(suggested(given, 9).map(({ change }) => change)).toContainEqual({
    kind: 'amounts',
    amounts: { 'ylang-ylang': { unit: 'drops', value: 1 } },
  });
});

test('what must not be used at all can only be taken out', () => {
  expect(
    kinds(
      recipe({
        oils: [
          { id: 'rue', drops: 1 },
          { id: 'lavender', drops: 2 },
        ],
      }),
    ),
  ).toEqual(['remove']);
});

describe('every suggestion, made, is no longer over', () => {
  const oils = [
    [
      { id: 'ylang-ylang', drops: 4 },
      { id: 'clove-bud', drops: 3 },
    ],
    [
      { id: 'lemon', drops: 6 },
      { id: 'bergamot', drops: 2 },
    ],
    [{ id: 'lavender', drops: 14 }],
    [{ id: 'eucalyptus-globulus', drops: 2 }],
  ];
  for (const ageMonths of [60, 492]) {
    for (const list of oils) {
      test(`${list.map(({ id }) => id).join(' and ')} at ${ageMonths} months`, () => {
        const given = recipe(
          { oils: list },
          {
            wearer: {
              ...healthyAdult,
              ageMonths,
            },
          },
        );
        for (const { change, outcome } of suggested(given, 9)) {
          const then = workOut(shippedCatalog, withChange(given, change));
          if (then.state !== 'done') throw new Error(then.state);
          expect(then.evaluation.verdict).not.toBe('over');
          expect(then.evaluation.verdict).toBe(outcome.verdict);
        }
      });
    }
  }
});

const child = (ageMonths: number): Partial<Recipe['brief']> => ({
  wearer: {
    ...healthyAdult,
    ageMonths,
  },
});

test('what is measured in ml or g is made less too, in proportion', () => {
  const given = recipeFrom({
    bases: [{ id: 'jojoba', parts: 1 }],
    brief: { ...child(492), place: 'body-massage' },
    container: { id: 'dropper-100' },
    oils: [
      { id: 'lavender', ml: 4 },
      { id: 'cypress', ml: 2 },
    ],
  });
  const [first] = suggested(given);
  if (first?.change.kind !== 'amounts') throw new Error(first?.change.kind);
  const { lavender, cypress } = first.change.amounts;
  // 3 % of massage oil is the most; 4 : 2 stays 4 : 2.
  expect((lavender?.value ?? 0) / (cypress?.value ?? 1)).toBeCloseTo(2, 1);
  expect(first.outcome.verdict).toBe('within');
});

test('several that may not be there go together, and the rest is made less where it takes that', () => {
  const given = recipe(
    {
      oils: [
        { id: 'eucalyptus-globulus', drops: 4 },
        { id: 'peppermint', drops: 3 },
        { id: 'rosemary-cineole', drops: 3 },
        { id: 'lavender', drops: 6 },
      ],
    },
    { ...child(40), place: 'chest-or-back-rub' },
  );
  const suggestions = suggested(given, 9);
  expect(suggestions.length).toBeGreaterThan(0);
  for (const { outcome } of suggestions) {
    expect(outcome.blocking).toBe(false);
    expect(outcome.mixture.oils.map(({ oil }) => oil.id)).not.toContain('peppermint');
  }
  // Never the hands of a small child, which are in the mouth a moment later.
  expect(JSON.stringify(suggestions.map(({ change }) => change))).not.toContain('feet');
});

test('the kind without furanocoumarins is offered though something else is over as well', () => {
  const given = recipe({
    oils: [
      { id: 'bergamot', drops: 4 },
      { id: 'ylang-ylang', drops: 6 },
    ],
  });
  const swapped = suggested(given, 9).filter(({ outcome }) =>
    outcome.mixture.oils.some(({ oil }) => oil.id === 'bergamot-fcf'),
  );
  expect(swapped.length).toBeGreaterThan(0);
});

test('one pre-dilution for all oils: so many drops of it are what may go in', () => {
  // A child of 40 months, 1 % recommended; one drop each of three in 9.5 ml is 1.6 %.
  const given = recipe(
    {
      oils: [
        { id: 'lavender', drops: 1 },
        { id: 'mandarin', drops: 1 },
        { id: 'chamomile-roman', drops: 1 },
      ],
    },
    child(40),
  );
  const found = suggested(given, 9).find(({ change }) => change.kind === 'predilute');
  if (found?.change.kind !== 'predilute') throw new Error('none');
  const { mixed, drops } = found.change;
  const carrierMl = mixed.carrier.ml;
  expect(mixed.oils).toEqual([
    { id: 'lavender', drops: 1 },
    { id: 'mandarin', drops: 1 },
    { id: 'chamomile-roman', drops: 1 },
  ]);
  // By hand: 0.15 ml of oil in the carrier; so many drops of 0.05 ml hold that share of it.
  const percent = (100 * drops * 0.05 * 0.15) / (0.15 + carrierMl) / 9.5;
  expect(found.outcome.mixture.strength.byVolume.likely).toBeCloseTo(percent, 3);
  expect(percent).toBeGreaterThan(0.8);
  expect(found.outcome.verdict).toBe('within');
});

test('a pre-dilution is enough for all the containers that are filled from it', () => {
  const entry = {
    oils: [
      { id: 'lavender', drops: 1 },
      { id: 'mandarin', drops: 1 },
      { id: 'chamomile-roman', drops: 1 },
    ],
  };
  const found = suggested(recipe({ ...entry, count: 6 }, child(40)), 9).find(
    ({ change }) => change.kind === 'predilute',
  );
  if (found?.change.kind !== 'predilute') throw new Error('none');
  const { mixed, drops, containers } = found.change;
  const oilMl = mixed.oils.reduce((total, oil) => total + 0.05 * oil.drops, 0);
  expect(containers).toBe(6);
  expect(oilMl + mixed.carrier.ml).toBeGreaterThanOrEqual(6 * drops * 0.05 - 1e-9);
});

test('where no oil may go at all, the base alone is offered', () => {
  const given = recipe(
    { oils: [{ id: 'lavender', drops: 2 }] },
    {
      wearer: {
        ageMonths: 492,
        pregnant: false,
        breastfeeding: false,
        conditions: ['eczema, active'],
        allergies: [],
        skin: 'normal',
      },
    },
  );
  expect(kinds(given)).toEqual(['unscented']);
});

test('a carrier that may not be there is swapped for a mild one', () => {
  const given = recipe(
    { oils: [{ id: 'lavender', drops: 2 }], bases: [{ id: 'sweet_almond', parts: 1 }] },
    {
      wearer: {
        ageMonths: 324,
        pregnant: false,
        breastfeeding: false,
        conditions: [],
        allergies: ['tree nut'],
        skin: 'normal',
      },
    },
  );
  expect(suggested(given)[0]?.change).toEqual({
    kind: 'swap-base',
    from: 'sweet_almond',
    to: 'jojoba',
  });
});

test('a pre-dilution on the shelf comes in place of an oil of which one drop is too much', () => {
  const rose = 'rose-otto';
  const diluted = {
    kind: 'ready-made' as const,
    id: 'own-rose-in-jojoba',
    name: 'Rose, 10 % in jojoba',
    botanical: '',
    densityGPerMl: 0.87,
    shelfYears: 1,
    note: 'middle' as const,
    viscosity: 'thin' as const,
    source: 'batch 2026-003',
    essentialPercent: 10,
    parts: [{ id: rose, parts: 1 }],
    carriers: [{ id: 'jojoba', parts: 1 }],
  };
  const house = catalogOf(houseMaterials([diluted]));
  const bottle = {
    lot: '2026-003',
    keepsUntil: '2027-01-01',
    because: 'opened',
    past: false,
  } as const;
  const shelf = withOpenBottles(
    house,
    new Map([[diluted.id, { bottle, id: 'b', dropMl: null, analysis: null }]]),
  );
  const given = recipe(
    { oils: [{ id: rose, drops: 1 }] },
    { wearer: { ...healthyAdult, ageMonths: 5 }, place: 'body-leave-on' },
  );
  const offered = (catalog: typeof shelf) =>
    suggestChanges(catalog, given, 9).some(({ change }) =>
      JSON.stringify(change).includes(diluted.id),
    );
  expect(offered(shelf)).toBe(true);
  // Where none is on the shelf, none is offered.
  expect(offered(house)).toBe(false);
});

describe('what changes nothing worth having is not offered', () => {
  const parts = (ids: readonly string[]) => ids.map((id) => ({ id, parts: 1 }));

  test('not the same change twice in one', () => {
    for (const given of [
      recipe(
        { target: { percent: 9 }, oils: parts(['eucalyptus-globulus', 'lavender']) },
        { wearer: { ...healthyAdult, ageMonths: 60 }, place: 'face' },
      ),
      recipe(
        {
          oils: [
            { id: 'clove-bud', drops: 9 },
            { id: 'bergamot', drops: 4 },
          ],
        },
        { place: 'body-massage' },
      ),
    ]) {
      for (const { change } of suggested(given, 9)) {
        const kindsIn = change.kind === 'several' ? change.changes : [change];
        const once = kindsIn.map((one) => (one.kind === 'swap' ? `swap ${one.from}` : one.kind));
        expect(new Set(once).size).toBe(once.length);
      }
    }
  });

  test('four bottles of 15 ml become one of 60, not four', () => {
    const given: Recipe = {
      ...recipe({ oils: [{ id: 'ylang-ylang', drops: 3 }] }),
      containers: [{ container: { id: 'dropper-15' }, count: 4 }],
    };
    const container = suggested(given, 9).find(({ change }) => change.kind === 'container');
    expect(container?.change).toMatchObject({ kind: 'container' });
    // As much in all as before: two of 30 ml, one of 50, or one of 100.
    const want = { 'dropper-30': 2, 'dropper-50': 1, 'dropper-100': 1 };
    const [larger] = withChange(given, container!.change).containers;
    const id = larger && 'id' in larger.container ? larger.container.id : '';
    expect(want).toHaveProperty(id, larger?.count);
  });

  test('no covering of skin where nothing is phototoxic, and no feet for salt in a bath', () => {
    const clove = recipe({ oils: [{ id: 'clove-bud', drops: 4 }] }, { place: 'body-massage' });
    expect(kinds(clove)).not.toContain('cover');
    const salt = recipe(
      { oils: [{ id: 'lavender', drops: 4 }], bases: [{ id: 'epsom_salt', parts: 1 }] },
      { place: 'bath' },
    );
    expect(kinds(salt)).not.toContain('feet');
  });

  test('no larger bottle where the same percentages go into it', () => {
    const given = recipe({
      oils: [
        { id: 'lavender', percent: 6 },
        { id: 'patchouli', percent: 3 },
      ],
    });
    const offered = suggested(given, 9).flatMap(({ change }) =>
      change.kind === 'several' ? change.changes : [change],
    );
    expect(offered.map(({ kind }) => kind)).not.toContain('container');
  });

  test('nothing is swapped in that brings a caution of its own', () => {
    const epilepsy = recipe(
      {
        oils: [
          { id: 'rosemary-camphor', drops: 1 },
          { id: 'lavender', drops: 2 },
        ],
      },
      { wearer: { ...healthyAdult, conditions: ['epilepsy'] } },
    );
    expect(
      suggested(epilepsy, 9).some(({ change }) => JSON.stringify(change).includes('"swap"')),
    ).toBe(false);
  });

  test('not all oils are taken out and nothing is left', () => {
    const balm = recipe(
      {
        oils: [
          { id: 'lemon', drops: 1 },
          { id: 'bergamot', drops: 1 },
        ],
        bases: [{ id: 'jojoba', parts: 1 }],
      },
      { place: 'lips' },
    );
    for (const { change, outcome } of suggested(balm, 9)) {
      if (change.kind !== 'unscented') expect(outcome.mixture.oils.length).toBeGreaterThan(0);
    }
  });

  test('the same proportions at a lower strength, also where one oil meets its maximum', () => {
    // Ylang ylang is past its 0.8 %: the lavender comes down with it, 2 to 1 as it was.
    const given = recipe({
      oils: [
        { id: 'lavender', ml: 0.4 },
        { id: 'ylang-ylang', ml: 0.2 },
      ],
    });
    const less = suggested(given, 9).find(
      ({ change }) => change.kind === 'amounts' && Object.keys(change.amounts).length === 2,
    );
    const [lavender, ylang] = less?.outcome.mixture.oils.map(({ ml }) => ml.likely) ?? [];
    expect((lavender ?? 0) / (ylang ?? 1)).toBeCloseTo(2, 0);
    expect(Math.abs((lavender ?? 0) / (ylang ?? 1) - 2)).toBeLessThan(0.35);
  });
});
