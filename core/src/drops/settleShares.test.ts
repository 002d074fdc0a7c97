import { describe, expect, test } from 'vitest';
import { shippedCatalog as catalog } from '../catalog';
import { recipeFrom } from '../recipe/recipe.testing';
import { blendFrom } from './blendFrom';
import { settleInput } from './settleInput';
import { settleShares, targetPerMl } from './settleShares';

const input = (given: Parameters<typeof recipeFrom>[0]) =>
  settleInput(
    catalog,
    recipeFrom({ brief: { wearer: 'anyone', place: 'pulse-points' }, ...given }),
    null,
  );

const settled = (given: Parameters<typeof recipeFrom>[0]) => {
  const from = input(given);
  const shares = settleShares(from);
  if (!shares.ok) throw new Error(shares.code);
  return { from, shares };
};

describe('shares before drops', () => {
  test('a carrier by parts tops up: the whole is the fill, and parts share what is left of the target', () => {
    // 9.5 ml at 2 % are 0.19 ml; one drop of 1/20 ml is fixed, so 0.14 ml are left for the parts.
    const { from, shares } = settled({
      container: { id: 'roll-on-10' },
      oils: [
        { id: 'lavender', drops: 1 },
        { id: 'cypress', parts: 1 },
      ],
      bases: [{ id: 'jojoba', parts: 1 }],
      target: { percent: 2 },
    });
    expect(from.topsUp).toBe(true);
    expect(shares.wholeMl).toBe(9.5);
    expect(shares.oilMl[0]).toBeCloseTo(0.05, 12);
    expect(shares.oilMl[1]).toBeCloseTo(0.14, 12);
    expect(targetPerMl(from, shares)).toBeCloseTo(0.02, 12);
  });

  test('a fixed carrier lets the whole grow: fixed oils and parts are brought into agreement', () => {
    // W = 10 + 0.5 + p and p = 0.1 W - 0.5: W = 10 / 0.9 = 11.111 ml, p = 0.6111 ml.
    const { from, shares } = settled({
      container: { id: 'roll-on-10' },
      oils: [
        { id: 'lavender', ml: 0.5 },
        { id: 'cypress', parts: 1 },
      ],
      bases: [{ id: 'jojoba', ml: 10 }],
      target: { percent: 10 },
    });
    expect(from.topsUp).toBe(false);
    expect(shares.wholeMl).toBeCloseTo(10 / 0.9, 6);
    expect(shares.oilMl[1]).toBeCloseTo(10 / 9 - 0.5, 6);
  });

  test('fixed oils above the target leave the parts nothing', () => {
    const { shares } = settled({
      container: { id: 'roll-on-10' },
      oils: [
        { id: 'lavender', ml: 0.5 },
        { id: 'cypress', parts: 1 },
      ],
      bases: [{ id: 'jojoba', parts: 1 }],
      target: { percent: 2 },
    });
    expect(shares.oilMl).toEqual([0.5]);
  });

  test('the blend of these shares measures each oil as the recipe does', () => {
    const { from, shares } = settled({
      container: { id: 'roll-on-10' },
      oils: [
        { id: 'lavender', drops: 3 },
        { id: 'cypress', parts: 2 },
      ],
      bases: [{ id: 'jojoba', parts: 1 }],
      target: { percent: 3 },
    });
    const { formula } = blendFrom(from, shares, 0.03);
    expect(formula.oils.map(({ measure }) => measure)).toEqual([
      { by: 'drops', drops: 3 },
      { by: 'parts', parts: 2 },
    ]);
    expect(formula.container).toBe(from.firstContainer);
  });
});
