import { expect, test } from 'vitest';
import { catalogOf, houseMaterials, type OwnMaterial } from '../catalog';
import { workOut } from '../drops';
import { findingMessage } from '../words';
import { setWearer } from '../recipe';
import { recipeFrom, type ShortRecipe } from '../recipe/recipe.testing';
import type { Wearer } from '../brief';
import { healthyAdult } from '../brief/wearer.testing';

// Ways in which something dangerous was once got past the checks, each closed.

const common = (name: string) => ({
  id: `own-${name.toLowerCase().replace(/ /g, '-')}`,
  name,
  source: 'a label',
});
const ofOil = (name: string) => ({
  ...common(name),
  botanical: '',
  densityGPerMl: 0.9,
  shelfYears: 2,
  note: 'middle' as const,
  viscosity: 'thin' as const,
});

const judged = (
  material: OwnMaterial,
  { wearer, ...more }: ShortRecipe & { readonly wearer?: Partial<Wearer> } = {},
) => {
  const isBase = material.kind === 'base';
  const worked = workOut(
    catalogOf(houseMaterials([material])),
    recipeFrom({
      container: { id: 'roll-on-10' },
      oils: isBase ? [{ id: 'lavender', ml: 0.05 }] : [{ id: material.id, ml: 0.05 }],
      bases: [{ id: isBase ? material.id : 'jojoba', parts: 1 }],
      ...more,
      brief: { wearer: { ...healthyAdult, ...wearer }, place: 'pulse-points', ...more.brief },
    }),
  );
  if (worked.state !== 'done') throw new Error(worked.state);
  const { verdict, blocking, findings } = worked.evaluation;
  return { verdict, blocking, codes: findings.map(({ reason }) => reason.code) };
};

const base = (name: string, more: Partial<Extract<OwnMaterial, { kind: 'base' }>> = {}) => ({
  kind: 'base' as const,
  ...common(name),
  inci: '',
  baseKind: 'oil' as const,
  densityGPerMl: 0.92,
  meltC: null,
  shelfMonths: 12,
  allergens: [],
  ...more,
});

test('a composition of one line says little of the rest', () => {
  const oil = (percent: number): OwnMaterial => ({
    kind: 'oil',
    ...ofOil('Half told'),
    maximumPercent: 10,
    lightPercent: null,
    contents: [['limonene', percent, percent, percent]],
  });
  expect(judged(oil(5))).toMatchObject({ verdict: 'unknown' });
  expect(judged(oil(5)).codes).toContain('chemistry-partial');
  expect(judged(oil(92))).toMatchObject({ verdict: 'within' });
});

test('a constituent counts by whatever name it was written, and an unknown one as nothing known', () => {
  const onSmallChild = (contents: readonly (readonly [string, number])[]) =>
    judged(
      {
        kind: 'oil',
        ...ofOil('From the market'),
        maximumPercent: 20,
        lightPercent: null,
        contents: contents.map(([name, percent]) => [name, percent, percent, percent]),
      },
      { wearer: { ageMonths: 48 }, brief: { place: 'face' } },
    );
  const avoid = { verdict: 'over', blocking: true };
  expect(onSmallChild([['Eucalyptol', 85]])).toMatchObject(avoid);
  expect(onSmallChild([['1,8-Cinéol (Eucalyptol)', 85]])).toMatchObject(avoid);
  expect(onSmallChild([['L-Menthol', 85]])).toMatchObject(avoid);
  // Written twice, it counts once as both: 45 and 45 %.
  expect(
    onSmallChild([
      ['menthol', 45],
      ['Menthol (L)', 45],
    ]),
  ).toMatchObject(avoid);
  expect(onSmallChild([['minty stuff', 90]])).toMatchObject({ verdict: 'unknown' });
  expect(onSmallChild([['minty stuff', 90]]).codes).toContain('chemistry-partial');
  expect(
    onSmallChild([
      ['Linalol', 60],
      ['Acétate de linalyle', 30],
    ]).verdict,
  ).toBe('within');
});

test('a ready-made blend that hides something forbidden is blocked', () => {
  const hidden: OwnMaterial = {
    kind: 'ready-made',
    ...ofOil('Root beer'),
    essentialPercent: 100,
    parts: [
      { id: 'lavender', parts: 99 },
      { id: 'sassafras', parts: 1 },
    ],
  };
  expect(judged(hidden)).toMatchObject({ verdict: 'over', blocking: true });
});

test('an essential oil or an active entered as a carrier is judged as what it is', () => {
  expect(judged(base('Clove bud oil'))).toMatchObject({ verdict: 'over', blocking: true });
  expect(judged(base('Clove bud oil')).codes).toContain('base-is-oil');
  // An ambiguous name counts as the strictest of what it may mean.
  for (const name of ['Eucalyptus oil', 'Clove oil', 'Thyme', 'Menthol crystals', 'Camphor']) {
    expect(judged(base(name)).codes, name).toContain('base-is-oil');
    expect(judged(base(name), { wearer: { ageMonths: 48 } }).blocking, name).toBe(true);
  }
  for (const name of ['Plum kernel oil', 'Rose water', 'Thyme tea', 'Lavender infused oil']) {
    expect(judged(base(name)).verdict, name).toBe('within');
  }
});

test('a carrier says what it may bring, by its name or by its maker; else allergies stay open', () => {
  const nuts = { wearer: { allergies: ['tree nut'] } };
  expect(judged(base('Cold pressed almond oil'), nuts).blocking).toBe(true);
  expect(judged(base('Plum kernel oil'), nuts)).toMatchObject({ verdict: 'unknown' });
  expect(judged(base('Plum kernel oil', { allergensKnown: true }), nuts).verdict).toBe('within');
});

test('a fragrance is judged as left on where nothing rinses it off, whatever the brief says', () => {
  const fragrance: OwnMaterial = {
    kind: 'fragrance',
    ...ofOil('Petrichor'),
    certificate: { face: 0.1, body: 0.1, rinseOff: 50 },
  };
  const rinsed = { use: 'rinse-off' as const };
  expect(judged(fragrance, { brief: rinsed })).toMatchObject({ verdict: 'over' });
  expect(judged(fragrance, { brief: { ...rinsed, place: 'wash-off' } }).verdict).toBe('within');
});

test('a figure of one’s own that allows more is a caution that names both, and never of light', () => {
  const figureOf = (oilId: string, figure: 'maximum' | 'light', value: number): OwnMaterial => ({
    kind: 'figure',
    id: `figure-${oilId}`,
    oilId,
    figure,
    value,
    source: 'my notes',
  });
  const messages = (own: OwnMaterial, oilId: string, ml: number) => {
    const catalog = catalogOf(houseMaterials([own]));
    const worked = workOut(
      catalog,
      recipeFrom({
        container: { id: 'roll-on-10' },
        oils: [{ id: oilId, ml }],
        bases: [{ id: 'jojoba', parts: 1 }],
        brief: { wearer: healthyAdult, place: 'pulse-points' },
      }),
    );
    if (worked.state !== 'done') throw new Error(worked.state);
    return worked.evaluation.findings
      .filter(({ verdict }) => verdict === 'caution' || verdict === 'over')
      .map((entry) => `${entry.verdict}: ${findingMessage(catalog, entry)}`);
  };
  // 0.1 ml of ylang ylang in 9.5 ml is 1.1 % by weight, past the 0.8 % of the library.
  expect(messages(figureOf('ylang-ylang', 'maximum', 3), 'ylang-ylang', 0.1)).toEqual([
    expect.stringMatching(
      /^caution: Ylang ylang: 1\.1 % by weight\. The library allows 0\.8 % \(.*Essential Oil Safety.*\); your own figure allows 3 % \(my notes\)\.$/,
    ),
  ]);
  // Below the library’s figure there is nothing to say.
  expect(messages(figureOf('ylang-ylang', 'maximum', 3), 'ylang-ylang', 0.05)).toEqual([]);
  expect(messages(figureOf('bergamot', 'light', 5), 'bergamot', 0.1).join()).toContain('over');
});

test('two figures of one’s own one above the other are both held against the library’s', () => {
  const figureOf = (n: number, value: number): OwnMaterial => ({
    kind: 'figure',
    id: `figure-${n}`,
    oilId: 'ylang-ylang',
    figure: 'maximum',
    value,
    source: 'my notes',
  });
  const ylang = catalogOf(houseMaterials([figureOf(1, 5), figureOf(2, 6)])).oil('ylang-ylang');
  expect(ylang?.own?.figures.map(({ original }) => original)).toEqual([0.8, 0.8]);
});

test('what is left of a batch is past its date in the house as well, without a bottle of it', () => {
  const leftOver: OwnMaterial = {
    kind: 'ready-made',
    ...ofOil('Last year’s rub'),
    essentialPercent: 20,
    parts: [{ id: 'lavender', parts: 1 }],
    carriers: [{ id: 'jojoba', parts: 1 }],
    batch: { number: '2025-003', madeOn: '2025-06-01', bestBefore: '2026-06-01', lots: [] },
  };
  const verdictOn = (today: string) => {
    const worked = workOut(
      catalogOf(houseMaterials([leftOver], { today })),
      recipeFrom({
        container: { id: 'roll-on-10' },
        oils: [{ id: leftOver.id, ml: 0.2 }],
        bases: [{ id: 'jojoba', parts: 1 }],
        brief: { wearer: healthyAdult, place: 'pulse-points' },
      }),
    );
    return worked.state === 'done' ? worked.evaluation.verdict : worked.state;
  };
  expect(verdictOn('2026-06-01')).toBe('within');
  expect(verdictOn('2026-06-02')).toBe('caution');
});

test('“pregnant” among the conditions counts as pregnant', () => {
  const fennel = recipeFrom({
    container: { id: 'roll-on-10' },
    oils: [{ id: 'fennel-sweet', ml: 0.01 }],
    bases: [{ id: 'jojoba', parts: 1 }],
    brief: { wearer: { ...healthyAdult, conditions: ['Pregnant'] }, place: 'pulse-points' },
  });
  const worked = workOut(catalogOf(), fennel);
  expect(worked.state === 'done' && worked.evaluation.blocking).toBe(true);
});

test('what one wearer was asked was not asked of the next', () => {
  const recipe = recipeFrom({
    brief: { wearer: healthyAdult, place: 'pulse-points', asked: ['everything', 'place: eye'] },
  });
  expect(setWearer({ ...healthyAdult, ageMonths: 60 }, 'pip')(recipe).brief.asked).toEqual([
    'place: eye',
  ]);
  expect(setWearer('anyone', null)(recipe).brief.asked).toEqual(['place: eye']);
  // The same person told of more exactly was asked all the same.
  expect(setWearer({ ...healthyAdult, name: 'Odile' }, null)(recipe).brief.asked).toHaveLength(2);
});

test('a drop that cannot be one is not believed', () => {
  const tiny = { low: 0.001, likely: 0.001, high: 0.001 };
  const worked = workOut(
    catalogOf(),
    recipeFrom({
      container: { id: 'roll-on-10' },
      oils: [{ id: 'lavender', drops: 20, dropMl: tiny }],
      bases: [{ id: 'jojoba', parts: 1 }],
      brief: { wearer: healthyAdult, place: 'pulse-points' },
    }),
  );
  // 20 drops of 0.05 ml in 9.5 ml are 10.5 %, not 0.2 %.
  expect(worked.state === 'done' && worked.evaluation.blocking).toBe(true);
});
