import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { dryDown } from './dryDown';
import type { Film } from './film';
import { fromBoilingPoint, onSkin, volatiles, type Volatile } from './volatile';

const find = volatiles();
const linalool = find('linalool');

const filmOf = (
  given: readonly { readonly volatile: Volatile; readonly mol: number }[],
  { carrierMol = 7e-5, carrierM3 = 5e-8, alcoholMol = 0 } = {},
): Film => ({
  constituents: given.map(({ volatile, mol }) => ({
    ...{ volatile, mol },
    from: new Map([['oil', mol]]),
  })),
  ...{ carrierMol, carrierM3, alcoholMol, areaM2: 1e-3 },
});

const share = (film: Film, minutes: readonly number[], n = 0): readonly number[] =>
  dryDown(film, minutes).map(({ left }) => (left[n] ?? 0) / (film.constituents[n]?.mol ?? 1));

test('the first second, by hand', () => {
  // Linalool on skin: 21.5 Pa at 25 °C; 70 - 3.82 ln 21.5 = 58.3 kJ/mol; times exp(58,300 / 8.314 *
  // (1/298.15 - 1/305.15)) = exp(0.539): 36.9 Pa. In air 1.55e-4 / 154.25^0.65 = 5.86e-6 m²/s, through 5 mm
  // 1.172e-3 m/s. Of 2.8e-6 mol in 7.28e-5: 1e-3 * 1.172e-3 * 36.9 / (8.314 * 305.15) / 7.28e-5 = 2.34e-4 a second.
  expect(linalool.pressurePa).toBeCloseTo(36.9, 0);
  const film = filmOf([{ volatile: linalool, mol: 2.8e-6 }]);
  const [start] = dryDown(film, [0]);
  expect((start?.flux[0] ?? 0) / 2.8e-6).toBeCloseTo(2.34e-4, 5);
});

test('a boiling point gives a pressure, by Mackay and others', () => {
  // Toluene boils at 110.6 °C; at 32 °C tables have 5.3 kPa.
  expect(fromBoilingPoint(110.6) / 5300).toBeGreaterThan(0.8);
  expect(fromBoilingPoint(110.6) / 5300).toBeLessThan(1.25);
  // Limonene, 176 °C: 205 Pa at 25 °C as recalled, about 300 on skin.
  expect(fromBoilingPoint(176) / onSkin(205)).toBeGreaterThan(0.6);
  expect(fromBoilingPoint(176) / onSkin(205)).toBeLessThan(1.6);
});

describe('laws', () => {
  const figures = fc.record({
    pressurePa: fc.double({ min: 1e-4, max: 500, noNaN: true }),
    logKow: fc.double({ min: 0, max: 7, noNaN: true }),
    mol: fc.double({ min: 1e-9, max: 2e-5, noNaN: true }),
  });
  const volatile = (of: { pressurePa: number; logKow: number }): Volatile => ({
    ...linalool,
    ...of,
  });
  const minutes = [0, 1, 3, 10, 60, 480];

  test('mass is kept, and what is left only falls', () => {
    fc.assert(
      fc.property(fc.array(figures, { minLength: 1, maxLength: 8 }), fc.boolean(), (list, neat) => {
        const film = filmOf(
          list.map(({ mol, ...of }) => ({ volatile: volatile(of), mol })),
          neat ? { carrierMol: 0, carrierM3: 0, alcoholMol: 1e-5 } : {},
        );
        const moments = dryDown(film, minutes);
        list.forEach(({ mol }, n) => {
          moments.forEach(({ left, evaporated, absorbed }, m) => {
            const all = (left[n] ?? 0) + (evaporated[n] ?? 0) + (absorbed[n] ?? 0);
            expect(Math.abs(all / mol - 1)).toBeLessThan(1e-9);
            expect(left[n]).toBeLessThanOrEqual(moments[m - 1]?.left[n] ?? mol);
          });
        });
      }),
      { numRuns: 60 },
    );
  });

  test('diluted far enough, a constituent leaves exponentially', () => {
    const film = filmOf([{ volatile: linalool, mol: 1e-10 }]);
    const [, one = 0, two = 0, four = 0] = share(film, [0, 10, 20, 40]);
    expect(two).toBeCloseTo(one ** 2, 6);
    expect(four).toBeCloseTo(one ** 4, 6);
  });

  test('a thicker film slows all', () => {
    fc.assert(
      fc.property(fc.array(figures, { minLength: 1, maxLength: 5 }), (list) => {
        const at = (times: number) =>
          filmOf(
            list.map(({ mol, ...of }) => ({ volatile: volatile(of), mol: mol * times })),
            { carrierMol: 7e-5 * times, carrierM3: 5e-8 * times },
          );
        list.forEach((_, n) => {
          const thin = share(at(1), minutes, n);
          share(at(2), minutes, n).forEach((left, m) =>
            expect(left).toBeGreaterThanOrEqual((thin[m] ?? 0) - 1e-9),
          );
        });
      }),
      { numRuns: 40 },
    );
  });

  test('of two that are alike in all but their pressure the lower one never leaves sooner', () => {
    fc.assert(
      fc.property(figures, fc.double({ min: 1, max: 1000, noNaN: true }), (of, times) => {
        const film = filmOf([
          { volatile: volatile(of), mol: of.mol },
          { volatile: volatile({ ...of, pressurePa: of.pressurePa * times }), mol: of.mol },
        ]);
        const low = share(film, minutes, 0);
        share(film, minutes, 1).forEach((left, m) =>
          expect(left).toBeLessThanOrEqual((low[m] ?? 0) + 1e-12),
        );
      }),
      { numRuns: 60 },
    );
  });

  test('steps of half the length, and of a hundredth, change nothing by more than 1 %', () => {
    // Neat, the film shrinks as it dries: there a step matters most.
    const neat = filmOf(
      [
        { volatile: find('limonene'), mol: 2e-4 },
        { volatile: linalool, mol: 5e-5 },
        { volatile: find('alpha-santalol'), mol: 2e-5 },
      ],
      { carrierMol: 0, carrierM3: 0 },
    );
    const fine = Array.from({ length: 4801 }, (_, n) => n / 10);
    for (const minute of [1, 10, 60, 480]) {
      [0, 1, 2].forEach((n) => {
        const once = share(neat, [0, minute], n)[1] ?? 0;
        const often = share(neat, fine, n)[10 * minute] ?? 0;
        expect(Math.abs(once - often)).toBeLessThan(0.01);
      });
    }
  });
});
