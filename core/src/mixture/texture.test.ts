import { describe, expect, test } from 'vitest';
import { baseOf, oilOf } from '../catalog/known.testing';
import { mix } from './mixture';
import { bandOf, setPoint, textureFor, textureOf } from './texture';

/** A melt by weight: percents of the bases, and 3 % of lavender by volume where asked. */
const melt = (shares: Record<string, number>, oilMl = 0) =>
  mix(
    oilMl > 0
      ? [
          {
            oil: oilOf('lavender'),
            drops: null,
            ml: { low: oilMl, likely: oilMl, high: oilMl },
          },
        ]
      : [],
    Object.entries(shares).map(([id, share]) => ({
      base: baseOf(id),
      parts: share / baseOf(id).densityGPerMl,
    })),
    100,
  );

const texture = (shares: Record<string, number>, oilMl = 0) => {
  const found = textureOf(melt(shares, oilMl));
  if (!found) throw new Error('nothing in it is melted');
  return found;
};

describe('set points', () => {
  // The table of the handbook: beeswax by weight, and from where to where it sets in °C.
  test.each([
    [6, 41, 43],
    [10, 45, 46.5],
    [15, 48, 49.5],
    [20, 50.5, 52],
    [25, 52.5, 54],
    [33, 54.5, 56],
    [40, 56, 58],
    [100, 62.9, 63.1],
  ])('%d %% of beeswax sets between %d and %d °C', (wax, from, to) => {
    expect(setPoint(wax / 100)).toBeGreaterThan(from);
    expect(setPoint(wax / 100)).toBeLessThan(to);
  });

  test('by hand: a fifth of beeswax', () => {
    // x = (0.2/680) / (0.2/680 + 0.8/880) = 0.24444; ln x = -1.40879
    // 1/T = 1/336.15 + 8.314 x 1.40879 / 110000 = 0.00308134, T = 324.53 K
    expect(setPoint(0.2)).toBeCloseTo(51.38, 1);
  });

  test('essential oil lowers it by 1 to 1.5 °C for each 5 %', () => {
    const without = texture({ beeswax_yellow: 20, jojoba: 80 });
    const wax = 100 * 0.2;
    // The wax share of the whole falls too; set it against the same share without oil.
    const oiled = texture({ beeswax_yellow: 20, jojoba: 80 }, 5);
    const share = oiled.waxPercent.likely / 100;
    expect(share * 100).toBeLessThan(wax);
    const percent = 100 - (100 * share) / 0.2;
    expect(setPoint(share) - (oiled.setPointC?.likely ?? 0)).toBeCloseTo(0.25 * percent, 6);
    expect(without.setPointC?.low).toBeCloseTo(without.setPointC?.high ?? 0, 9);
    expect(oiled.setPointC?.low).toBeLessThan(oiled.setPointC?.high ?? 0);
  });
});

describe('texture', () => {
  test('waxes count as the beeswax that they stand in for', () => {
    expect(texture({ candelilla_wax: 10, jojoba: 90 }).waxPercent).toEqual({
      low: expect.closeTo(12.5),
      likely: expect.closeTo(20),
      high: expect.closeTo(20),
    });
    const both = texture({ candelilla_wax: 5, beeswax_yellow: 10, jojoba: 85 });
    expect(both.waxPercent.likely).toBeCloseTo(20);
    // How hard waxes set is not told by an equation made for beeswax.
    expect(both.setPointC).toBeNull();
    expect(both.oilsAtC).toEqual([60, 70]);
  });

  test('a wax that is not compared anywhere is said to be not known', () => {
    expect(texture({ soy_wax: 20, jojoba: 80 }).known).toBe(false);
    expect(texture({ beeswax_white: 20, jojoba: 80 }).known).toBe(true);
  });

  test('bands run on, and the ends belong to the firmer one', () => {
    expect(bandOf(20).texture).toBe('medium-firm');
    // A sum of fractions that should be 20.
    expect(bandOf(100 * (0.1 + 0.05 + 0.05) - 1e-12).texture).toBe('medium-firm');
    expect(bandOf(19.99).texture).toBe('medium');
    expect(bandOf(0).texture).toBe('liquid');
    expect(bandOf(100).texture).toBe('wax-like');
  });

  test('butters are named with what they do, most of them first', () => {
    const { butters, setPointC } = texture({ shea_butter: 50, cocoa_butter: 30, jojoba: 20 });
    expect(butters.map(({ base }) => base.id)).toEqual(['shea_butter', 'cocoa_butter']);
    expect(setPointC).toBeNull();
  });

  test('oils go in a few degrees above where it sets, and no warmer than the craft says', () => {
    const { setPointC, oilsAtC } = texture({ beeswax_yellow: 20, jojoba: 80 });
    expect(oilsAtC[0]).toBe(Math.ceil((setPointC?.high ?? 0) + 3));
    expect(oilsAtC[1]).toBeLessThanOrEqual(60);
    expect(texture({ shea_butter: 75, jojoba: 25 }).oilsAtC).toEqual([35, 45]);
  });

  test('what pours has no texture to foretell', () => {
    expect(textureOf(melt({ jojoba: 100 }))).toBeNull();
  });

  test('a locket wants it harder than a tin, a stick with butters less than one without', () => {
    const tinned = texture({ beeswax_yellow: 25, jojoba: 75 });
    expect(textureFor('tin', tinned)).toBeNull();
    expect(textureFor('locket', tinned)).toMatchObject({ what: 'firmer', waxPercent: [33, 40] });
    expect(textureFor('lip tube', tinned)).toBeNull();
    const buttery = texture({ beeswax_yellow: 22, shea_butter: 25, jojoba: 53 });
    expect(textureFor('lip tube', buttery)).toBeNull();
    expect(textureFor('lip tube', texture({ beeswax_yellow: 22, jojoba: 78 }))?.what).toBe(
      'firmer',
    );
    expect(textureFor('tin', texture({ beeswax_yellow: 45, jojoba: 55 }))?.what).toBe('softer');
  });
});

test('hard butters firm a melt by what nobody knows: it is not called soft', () => {
  const stiff = texture({ beeswax_yellow: 10, cocoa_butter: 40, jojoba: 50 });
  expect(stiff.band).toBeNull();
  expect(stiff.firmerThan?.texture).toBe(bandOf(10).texture);
  const soft = texture({ beeswax_yellow: 10, shea_butter: 40, jojoba: 50 });
  expect(soft.band?.texture).toBe(bandOf(10).texture);
});

test('what thickens or emulsifies firms a melt by what is not known', () => {
  expect(texture({ beeswax_yellow: 10, cetyl_alcohol: 5, jojoba: 85 }).known).toBe(false);
});
