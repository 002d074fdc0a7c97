import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import type { ShortRecipe } from '../recipe/recipe.testing';
import { forBody } from './worked.testing';
import { workOut } from './workOut';

const recipe = (short: ShortRecipe): ShortRecipe => ({
  oils: [{ id: 'lavender', parts: 1 }],
  ...short,
});

/** What is in the way of a recipe, or null. */
const problemOf = (short: ShortRecipe) => {
  const worked = workOut(shippedCatalog, forBody(short));
  return worked.state === 'problem' ? worked.problem : worked.state;
};

describe('what nobody makes is answered before anything is looked for', () => {
  // 500 g at 99.9999 % would be 500 tonnes of oil, a thousand million drops.
  test('a strength next to all of it, with bases by weight', () => {
    const given = recipe({
      by: 'weight',
      target: { percent: 99.9999 },
      bases: [
        { id: 'shea_butter', g: 300 },
        { id: 'jojoba', g: 200 },
      ],
    });
    expect(problemOf(given)).toMatchObject({ code: 'too-large', limit: 200_000, path: ['bases'] });
  });

  test.each([99.999, 99.9, 99])('%s % typed as strength', (percent) => {
    const given = recipe({
      by: 'weight',
      target: { percent },
      bases: [
        { id: 'beeswax_yellow', g: 30 },
        { id: 'jojoba', ml: 100 },
      ],
    });
    expect(problemOf(given)).toHaveProperty('code');
  });

  test('more drops than anybody counts, over all bottles', () => {
    // 14 drops in each of 1000 bottles.
    const given = recipe({ count: 1000, oils: [{ id: 'lavender', drops: 14 }] });
    expect(problemOf(given)).toEqual({
      code: 'too-many-drops',
      value: 14_000,
      limit: 10_000,
      path: ['oils'],
    });
    expect(problemOf({ ...given, count: 700 })).toBe('done');
  });

  test('a hundred parts of sixty oils in a barrel', () => {
    const oils = ['lavender', 'cypress', 'petitgrain', 'vetiver', 'patchouli', 'lemon-distilled'];
    const given = recipe({
      container: { kind: 'jar', nominalMl: 20_000, workingFillPercent: 90 },
      target: { percent: 20 },
      oils: oils.map((id) => ({ id, parts: 1 })),
    });
    // 3.6 litres of oil are 72,000 drops.
    expect(problemOf(given)).toMatchObject({ code: 'too-many-drops', value: 72_000 });
  });

  test('what is in a recipe and not in this house is named, and where it stands', () => {
    const given = recipe({
      oils: [
        { id: 'lavender', drops: 1 },
        { id: 'own-jasmine', drops: 1 },
      ],
    });
    expect(problemOf(given)).toEqual({
      code: 'not-here',
      what: 'oil',
      id: 'own-jasmine',
      path: ['oils', 1, 'id'],
    });
  });

  test('an oil or a base without an amount is a gap, by its id', () => {
    const worked = workOut(
      shippedCatalog,
      forBody({ oils: [{ id: 'lavender' }], bases: [{ id: 'jojoba', parts: 1 }, { id: 'argan' }] }),
    );
    expect(worked).toEqual({
      state: 'gaps',
      gaps: [{ code: 'amount', ids: ['lavender', 'argan'] }],
    });
  });
});
