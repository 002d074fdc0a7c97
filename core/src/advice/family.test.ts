import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Wearer } from '../brief';
import { healthyAdult } from '../brief/wearer.testing';
import { shippedCatalog } from '../catalog';
import { workOut } from '../drops';
import { anyRecipe } from '../recipe/anyRecipe.testing';
import { recipeFrom } from '../recipe/recipe.testing';
import { wholeBlendLimit } from '../limits';
import { strengthBy } from '../mixture';
import { variantFor } from './family';

const someone = (more: Partial<Wearer>): Wearer => ({ ...healthyAdult, ...more });
const of = (wearer: Wearer) => ({ wearer, personId: 'x' });
const family = {
  toddler: someone({ ageMonths: 30 }),
  'schoolchild of nine': someone({ ageMonths: 110 }),
  adult: someone({}),
  'grandparent of 78': someone({ ageMonths: 936 }),
};

/** 6 drops of lavender, 2 of peppermint, 2 of cedarwood in 9.5 ml: 5.3 %. */
const blend = recipeFrom({
  brief: { wearer: 'anyone', place: 'pulse-points' },
  bases: [{ id: 'jojoba', parts: 1 }],
  oils: [
    { id: 'lavender', drops: 6 },
    { id: 'peppermint', drops: 2 },
    { id: 'cedarwood-atlas', drops: 2 },
  ],
});

describe('a family of four, from toddler to grandparent', () => {
  const made = Object.entries(family).map(
    ([name, wearer]) => [name, variantFor(shippedCatalog, blend, of(wearer))] as const,
  );
  test.each(made)('%s: within the limits, and no stronger than it was', (_, variant) => {
    expect(variant.ok).toBe(true);
    if (!variant.ok) return;
    expect(variant.evaluation.verdict).not.toBe('over');
    expect(variant.evaluation.blocking).toBe(false);
    expect(variant.evaluation.mixture.strength.byVolume.likely).toBeLessThanOrEqual(5.3);
  });
  test('peppermint is not in the toddler’s, and that is told', () => {
    const [[, toddler]] = made as [(typeof made)[number]];
    expect(toddler.ok && toddler.recipe.oils.map(({ id }) => id)).not.toContain('peppermint');
    expect(toddler.ok && toddler.changed).not.toBeNull();
  });
  test('the adult keeps all three, in their proportions', () => {
    const adult = made[2]?.[1];
    expect(adult?.ok && adult.recipe.oils.map(({ id }) => id)).toEqual([
      'lavender',
      'peppermint',
      'cedarwood-atlas',
    ]);
  });
});

test('whole drops that pass what is recommended are mixed with carrier first: three are 0.53 % of 0.5', () => {
  const sensitive = of(someone({ ageMonths: 936, skin: 'sensitive' }));
  const variant = variantFor(shippedCatalog, blend, sensitive);
  expect(variant.ok && variant.recipe.preDilutions).toHaveLength(1);
  expect(variant.ok && variant.evaluation.mixture.strength.byVolume.likely).toBeLessThanOrEqual(
    0.5,
  );
});

test('a newborn is told that nothing is for them', () => {
  expect(variantFor(shippedCatalog, blend, of(someone({ ageMonths: 1 })))).toEqual({
    ok: false,
    why: 'none',
  });
});

test('what is not worked out yet has no variants', () => {
  const gap = { ...blend, brief: { ...blend.brief, place: null } };
  expect(variantFor(shippedCatalog, gap, of(family.adult))).toEqual({
    ok: false,
    why: 'not-worked-out',
  });
});

test('no variant of any blend is over, whoever it is for', () => {
  fc.assert(
    fc.property(
      anyRecipe,
      fc.record({
        ageMonths: fc.integer({ min: 0, max: 1000 }),
        pregnant: fc.boolean(),
        skin: fc.constantFrom('normal' as const, 'sensitive' as const, 'damaged' as const),
      }),
      (recipe, more) => {
        const variant = variantFor(shippedCatalog, recipe, of(someone(more)));
        if (!variant.ok) return;
        const again = workOut(shippedCatalog, variant.recipe);
        expect(again.state === 'done' && again.evaluation.verdict).not.toBe('over');
        expect(again.state === 'done' && again.evaluation.blocking).toBe(false);
        // Nor above what is recommended for them, where it was not weaker to begin with.
        const { brief, guideline } = variant.recipe;
        const { recommended } = wholeBlendLimit(
          { ...brief, wearer: someone(more), place: brief.place ?? 'face' },
          guideline,
        );
        const strength = strengthBy(variant.evaluation.mixture, variant.recipe.by).likely;
        expect(strength).toBeLessThanOrEqual(recommended + 1e-9);
        // Nor is an oil left out in silence.
        expect(variant.evaluation.mixture.oils.filter(({ drops }) => drops === 0)).toEqual([]);
      },
    ),
    { numRuns: 40 },
  );
});

describe('where a drop is too much of a small bottle', () => {
  const three = { lavender: 2, 'cedarwood-atlas': 2, frankincense: 2 };
  const inRollOn = (id: string) =>
    recipeFrom({
      brief: { wearer: 'anyone', place: 'pulse-points' },
      container: { id },
      bases: [{ id: 'jojoba', parts: 1 }],
      oils: Object.entries(three).map(([oil, drops]) => ({ id: oil, drops })),
    });
  const pregnant = someone({ pregnant: true, trimester: 2 });

  test('it goes into a larger one of its kind, with every oil in it, and that is told', () => {
    // Three drops of 0.05 ml are 1.6 % of 9.5 ml, 1.05 % of 14.25 ml, and 0.53 % of 28.5 ml.
    const variant = variantFor(shippedCatalog, inRollOn('roll-on-10'), of(pregnant));
    expect(variant.ok && variant.changed?.change).toEqual({
      kind: 'container',
      id: 'roll-on-30',
      count: 1,
    });
    expect(variant.ok && variant.evaluation.mixture.oils.map(({ drops }) => drops)).toEqual([
      1, 1, 1,
    ]);
    const strength = variant.ok
      ? variant.evaluation.findings.find(({ rule }) => rule === 'whole-blend')
      : undefined;
    expect(strength).toMatchObject({ verdict: 'within' });
  });

  test('where there is no larger one, drops of all are mixed with carrier first', () => {
    const many = recipeFrom({
      brief: { wearer: 'anyone', place: 'pulse-points' },
      container: { id: 'roll-on-30' },
      bases: [{ id: 'jojoba', parts: 1 }],
      oils: ['lavender', 'cedarwood-atlas', 'frankincense', 'vetiver', 'patchouli', 'neroli'].map(
        (id) => ({ id, drops: 4 }),
      ),
    });
    const variant = variantFor(shippedCatalog, many, of(someone({ skin: 'sensitive' })));
    expect(variant.ok && variant.recipe.preDilutions?.[0]?.oils).toHaveLength(6);
    expect(variant.ok && variant.changed?.change.kind).toBe('predilute');
  });
});

test('oils in ml, g and percent keep their proportions too', () => {
  const poured = recipeFrom({
    brief: { wearer: 'anyone', place: 'pulse-points' },
    bases: [{ id: 'jojoba', parts: 1 }],
    oils: [
      { id: 'lavender', ml: 0.6 },
      { id: 'vetiver', ml: 0.3 },
    ],
  });
  // 0.9 ml of 9.5 are 9.5 %: the adult is recommended 3 %, two parts to one as before.
  const variant = variantFor(shippedCatalog, poured, of(someone({})));
  expect(variant.ok && variant.recipe.target?.percent).toBeLessThanOrEqual(3);
  expect(variant.ok && variant.recipe.oils.map(({ amount }) => amount)).toEqual([
    { unit: 'parts', value: 2 },
    { unit: 'parts', value: 1 },
  ]);
});
