import { afterEach, describe, expect, test } from 'vitest';
import {
  catalogCarrying,
  catalogOf,
  houseMaterials,
  oilsNamed,
  ownMaterialSchema,
  searchOils,
  shippedCatalog,
  type OwnMaterial,
} from '../catalog';
import { evaluate, timesAsMuch } from '../drops';
import { madeOut, workedOut, forBody } from '../drops/worked.testing';
import { shortOils, type ShortOil } from '../recipe/recipe.testing';
import { oilOf as oilIn } from '../catalog/known.testing';
import { blendOf as shippedBlendOf } from '../drops/blend.testing';
import { ml } from '../mixture/measures.testing';
import { healthyAdult } from '../brief/wearer.testing';

const common = {
  botanical: '',
  densityGPerMl: 0.9,
  shelfYears: 2,
  note: 'middle',
  viscosity: 'thin',
  source: 'its label',
} as const;

const readyMade = (
  more: Partial<Extract<OwnMaterial, { kind: 'ready-made' }>> = {},
): OwnMaterial => ({
  kind: 'ready-made',
  id: 'own-calm',
  name: 'Curtain calm',
  ...common,
  essentialPercent: 10,
  parts: [
    { id: 'lavender', parts: 3 },
    { id: 'bergamot', parts: 1 },
  ],
  ...more,
});

/** The house of a test, as it lays materials of its own over what is shipped. */
let catalog = shippedCatalog;

const house = (...own: OwnMaterial[]) => {
  catalog = catalogOf(houseMaterials(own.map((entry) => ownMaterialSchema.parse(entry))));
};

afterEach(() => {
  catalog = shippedCatalog;
});

const blendOf = (given: Parameters<typeof shippedBlendOf>[0]) =>
  shippedBlendOf({ ...given, catalog });
const oilOf = (id: string) => oilIn(id, catalog);

const verdictOf = (id: string, amount: number) => evaluate(blendOf({ oils: { [id]: ml(amount) } }));

describe('a ready-made blend', () => {
  test('of unknown strength cannot be cleared', () => {
    house(readyMade({ essentialPercent: null }));
    const { verdict, findings } = verdictOf('own-calm', 0.01);
    expect(verdict).toBe('unknown');
    expect(findings.map(({ reason }) => reason.code)).toContain('share-not-known');
  });

  test('counts at the share of essential oil that its label states', () => {
    house(readyMade());
    // 0.95 ml of it in 9.5 ml is 10 %; a tenth of that is essential oil: 1 %.
    const { mixture } = verdictOf('own-calm', 0.95);
    expect(mixture.strength.byVolume.likely).toBeCloseTo(1, 9);
  });

  describe('asked for by a percentage', () => {
    const recipeWith = (percent: number, oils: readonly ShortOil[]) =>
      madeOut(
        {
          brief: {
            wearer: {
              ...healthyAdult,
              ageMonths: 480,
            },
          },
          container: { id: 'dropper-30' },
          target: { percent },
          oils,
        },
        catalog,
      ).evaluation;

    test('comes to that much essential oil, not to that much of itself', () => {
      house(readyMade({ parts: [{ id: 'lavender', parts: 1 }] }));
      // 2 % of 27.6 ml is 0.552 ml of essential oil, 5.52 ml of a blend that holds a tenth: 110
      // drops, where 11 would be 0.2 %.
      const { plan, mixture } = recipeWith(2, [{ id: 'own-calm', parts: 1 }]);
      expect(plan.drops).toEqual([110]);
      expect(mixture.strength.byVolume.likely).toBeCloseTo(2, 1);
    });

    test('beside an oil that is all essential, parts are parts of what is dropped', () => {
      house(readyMade());
      // Equal parts: 1.1 ml of essential oil in 2 ml. 0.552 ml are 0.502 ml, 10 drops, of each.
      const { plan, mixture } = recipeWith(2, [
        { id: 'own-calm', parts: 1 },
        { id: 'petitgrain', parts: 1 },
      ]);
      expect(plan.drops).toEqual([10, 10]);
      expect(mixture.strength.byVolume.likely).toBeCloseTo(1.99, 1);
    });

    test('scaled beside 10 ml of it, drops are scaled and not lost', () => {
      house(readyMade());
      const recipe = forBody({
        container: { id: 'jar-240' },
        count: 2,
        mixedInOne: true,
        oils: [
          { id: 'own-calm', ml: 10 },
          { id: 'petitgrain', drops: 20 },
        ],
      });
      const { evaluation } = workedOut(recipe, catalog);
      const twice = timesAsMuch(catalog, recipe, evaluation, 2);
      expect(twice.ok && shortOils(twice.recipe)).toEqual([
        { id: 'own-calm', ml: 20 },
        { id: 'petitgrain', drops: 40 },
      ]);
    });
  });

  test('has the light limit of what is in it, by its share', () => {
    house(readyMade());
    // A fortieth of it is bergamot of 0.4 %: 0.4 / 0.025 = 16 %.
    expect(catalog.oil('own-calm')?.phototoxicLimitPercent).toBeCloseTo(16, 9);
  });

  test('without its parts is not known', () => {
    house(readyMade({ parts: [] }));
    expect(verdictOf('own-calm', 0.01).verdict).toBe('unknown');
  });
});

describe('a fragrance oil', () => {
  const fragrance = (certificate: {
    face: number | null;
    body: number | null;
    rinseOff: number | null;
  }) => house({ kind: 'fragrance', id: 'own-fig', name: 'Fig', ...common, certificate });

  test('goes by its certificate for this kind of product', () => {
    fragrance({ face: 0.5, body: 2, rinseOff: 5 });
    const at = (place: 'face' | 'body-leave-on') =>
      evaluate(blendOf({ oils: { 'own-fig': ml(0.095) }, brief: { place } })).findings.find(
        ({ rule }) => rule === 'oil-maximum',
      );
    expect(at('face')).toMatchObject({ verdict: 'over', limit: 0.5, source: 'its label' });
    expect(at('body-leave-on')).toMatchObject({ limit: 2 });
  });

  test('without one for this kind cannot be cleared', () => {
    fragrance({ face: 0.5, body: null, rinseOff: null });
    const { verdict } = evaluate(
      blendOf({ oils: { 'own-fig': ml(0.01) }, brief: { place: 'body-leave-on' } }),
    );
    expect(verdict).toBe('unknown');
  });
});

describe('a figure bears the source that it has', () => {
  const findingOn = (rule: string, id: string) =>
    evaluate(blendOf({ oils: { [id]: 1, lavender: 1 } })).findings.find(
      (finding) => finding.rule === rule && (finding.subject === id || finding.subject === 'blend'),
    );

  test('one’s own light limit its own, the library’s maximum the library’s', () => {
    house({
      kind: 'figure',
      id: 'figure-bergamot-light',
      oilId: 'bergamot',
      figure: 'light',
      value: 0.3,
      source: 'EU sheet of my supplier',
    });
    expect(findingOn('light-sum', 'bergamot')?.source).toBe('EU sheet of my supplier');
    house({
      kind: 'figure',
      id: 'figure-ylang-ylang-density',
      oilId: 'ylang-ylang',
      figure: 'density',
      value: 0.94,
      source: 'weighed by me',
    });
    expect(findingOn('oil-maximum', 'ylang-ylang')?.source).toBe('EOS2');
  });

  test('what is said of a material of one’s own never bears a book’s name', () => {
    house({
      kind: 'oil',
      id: 'own-garden',
      name: 'Garden oil',
      ...common,
      source: 'distilled here',
      maximumPercent: null,
      lightPercent: null,
      contents: null,
    });
    const { findings } = evaluate(blendOf({ oils: { 'own-garden': 1 }, wearer: 'anyone' }));
    const about = findings.filter(({ subject }) => subject === 'own-garden');
    expect(about.length).toBeGreaterThan(1);
    for (const finding of about)
      expect([finding.rule, finding.source]).toEqual([finding.rule, 'distilled here']);
  });
});

describe('a figure of the maker’s own', () => {
  test('takes the place of the library’s, which stays in sight, and can be taken back', () => {
    const before = oilOf('ylang-ylang').dermalMaximum.percent;
    house({
      kind: 'figure',
      id: 'figure-ylang-ylang-maximum',
      oilId: 'ylang-ylang',
      figure: 'maximum',
      value: 0.5,
      source: 'the supplier’s sheet of May',
    });
    expect(oilOf('ylang-ylang')).toMatchObject({
      dermalMaximum: { percent: 0.5 },
      own: { figures: [{ figure: 'maximum', value: 0.5, original: before }] },
    });
    const own = verdictOf('ylang-ylang', 0.06).findings.find(({ rule }) => rule === 'oil-maximum');
    expect(own).toMatchObject({ verdict: 'over', source: 'the supplier’s sheet of May' });
    catalog = shippedCatalog;
    expect(oilOf('ylang-ylang').dermalMaximum.percent).toBe(before);
  });

  test('needs a source', () => {
    const without = {
      kind: 'figure',
      id: 'f',
      oilId: 'lemon',
      figure: 'light',
      value: 1,
      source: ' ',
    };
    expect(ownMaterialSchema.safeParse(without).success).toBe(false);
  });
});

test('an own oil is found by its name, and that its chemistry is not known is told', () => {
  house({
    kind: 'oil',
    id: 'own-marlpit',
    name: 'Marlpit thyme',
    ...common,
    maximumPercent: 2,
    lightPercent: null,
    contents: null,
  });
  expect(oilsNamed(catalog, 'marlpit thyme').map(({ id }) => id)).toEqual(['own-marlpit']);
  expect(searchOils(catalog, 'marlp')[0]?.id).toBe('own-marlpit');
  const { findings } = verdictOf('own-marlpit', 0.01);
  expect(findings.map(({ reason }) => reason.code)).toContain('chemistry-partial');
});

test('two houses are judged side by side, and neither knows of the other', () => {
  const figure = (value: number): OwnMaterial => ({
    kind: 'figure',
    id: 'figure-lavender-maximum',
    oilId: 'lavender',
    figure: 'maximum',
    value,
    source: 'its sheet',
  });
  const strict = catalogOf(houseMaterials([figure(0.5)]));
  const mild = catalogOf(houseMaterials([figure(20)]));
  const verdictIn = (of: typeof catalog) =>
    evaluate(shippedBlendOf({ oils: { lavender: 3 }, catalog: of })).findings.find(
      ({ rule }) => rule === 'oil-maximum',
    )?.verdict;
  expect([verdictIn(strict), verdictIn(mild), verdictIn(strict)]).toEqual([
    'over',
    'within',
    'over',
  ]);
});

test('what carries its own materials knows them in any house, under the name that it gave', () => {
  house(readyMade({ name: 'Curtain calm, second pressing' }));
  const carrying = catalogCarrying(catalog, [readyMade()]);
  expect(carrying.oil('own-calm')?.name).toBe('Curtain calm');
  expect(catalogCarrying(shippedCatalog, [readyMade()]).oil('own-calm')?.name).toBe('Curtain calm');
  expect(catalogCarrying(catalog, []).oil('own-calm')?.name).toMatch(/second pressing/);
});
