import fc from 'fast-check';
import { expect, test } from 'vitest';
import { measured, mix } from '../mixture';
import { fillMl } from '../catalog';
import { sumLimits } from '../limits';
import { known } from '../catalog/known.testing';
import { blendOf } from './blend.testing';
import { parts } from '../mixture/measures.testing';
import type { Blend } from './blend';
import { wholeDrops } from './wholeDrops';

// Every whole number of drops tried one after another, through the mixture itself
// rather than through the rows of the search: the second route.

const strongEnough = (blend: Blend, drops: readonly number[]): boolean => {
  const { formula, brief, guideline } = blend;
  const oils = formula.oils.map((entry, i) => measured(entry, formula.dropsPerMl, drops[i] ?? 0));
  const total = oils.reduce((sum, { ml }) => sum + ml.likely, 0);
  if (total > fillMl(formula.container) + 1e-9) return false;
  const mixture = mix(oils, formula.bases, fillMl(formula.container));
  const limits = sumLimits(
    formula.oils.map(({ oil }) => oil),
    brief,
    guideline,
    formula.by,
  );
  return limits.every(({ weights, most, by: only }) => {
    const by = (kind: 'byVolume' | 'byWeight') =>
      mixture.oils.reduce(
        (sum, entry, i) => sum + (weights.likely[i] ?? 0) * known(entry[kind]).likely,
        0,
      );
    const byVolume = only === 'weight' ? 0 : by('byVolume');
    const byWeight = only === 'volume' ? 0 : by('byWeight');
    return Math.max(byVolume, byWeight) <= most + 1e-9;
  });
};

/** @param wanted what is looked for, in ml of each oil */
const bruteForce = (blend: Blend, wanted: readonly number[]) => {
  const { formula } = blend;
  const wantedMl = wanted.reduce((sum, ml) => sum + ml, 0);
  const drop = formula.oils.map((entry) => measured(entry, formula.dropsPerMl, 1).ml.likely);
  let best: { distance: number; gap: number } | null = null;
  const visit = (chosen: number[]): void => {
    const i = chosen.length;
    if (i === formula.oils.length) {
      if (!strongEnough(blend, chosen)) return;
      const distance = chosen.reduce(
        (sum, k, n) => sum + Math.abs(k * (drop[n] ?? 0) - (wanted[n] ?? 0)),
        0,
      );
      const gap = Math.abs(chosen.reduce((sum, k, n) => sum + k * (drop[n] ?? 0), 0) - wantedMl);
      if (
        !best ||
        distance < best.distance - 1e-7 ||
        (distance < best.distance + 1e-7 && gap < best.gap - 1e-7)
      ) {
        best = { distance, gap };
      }
      return;
    }
    const most = Math.ceil((wanted[i] ?? 0) / (drop[i] ?? 1)) + 1;
    for (let k = 1; k <= most; k += 1) visit([...chosen, k]);
  };
  visit([]);
  return { best: best as { distance: number; gap: number } | null, drop, asked: wantedMl };
};

const someOils = [
  'lavender',
  'bergamot',
  'lemon',
  'ylang-ylang',
  'vetiver',
  'patchouli',
  'rose-otto',
  'petitgrain',
];

const problem = fc.record({
  ids: fc.uniqueArray(fc.constantFrom(...someOils), { minLength: 1, maxLength: 4 }),
  shares: fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 4, maxLength: 4 }),
  target: fc.integer({ min: 2, max: 24 }).map((n) => n / 4),
  container: fc.constantFrom('roll-on-5', 'roll-on-10', 'roll-on-15'),
  measuredDrop: fc.option(fc.integer({ min: 25, max: 60 }), { nil: undefined }),
  base: fc.constantFrom('jojoba', 'squalane', 'castor'),
  years: fc.constantFrom(4, 10, 41, 70),
});

test('no choice of whole drops lies nearer to what was asked, within every limit', () => {
  let compared = 0;
  fc.assert(
    fc.property(problem, ({ ids, shares, target, container, measuredDrop, base, years }) => {
      const first = ids[0] ?? '';
      const entry = (measuredDrop ?? 0) / 1000;
      const blend = blendOf({
        oils: Object.fromEntries(ids.map((id, i) => [id, parts(shares[i] ?? 1)])),
        target,
        container,
        bases: { [base]: 1 },
        wearer: { ageMonths: years * 12 },
        ...(measuredDrop
          ? { dropMl: { [first]: { low: entry, likely: entry, high: entry } } }
          : {}),
      });
      const plan = wholeDrops(blend.formula, blend.brief, blend.guideline);
      const wanted = plan.aimedMl.map((ml) => known(ml));
      const { best, drop, asked } = bruteForce(blend, wanted);
      const chosen = plan.drops.map((k) => k ?? 0);
      expect(plan.proved).toBe(true);
      expect(strongEnough(blend, chosen)).toBe(true);
      if (!best) {
        expect(plan.leftOut.length).toBeGreaterThan(0);
        return;
      }
      compared += 1;
      expect(plan.leftOut).toEqual([]);
      const distance = chosen.reduce(
        (sum, k, n) => sum + Math.abs(k * (drop[n] ?? 0) - (wanted[n] ?? 0)),
        0,
      );
      expect(distance).toBeCloseTo(best.distance, 6);
      const gap = Math.abs(chosen.reduce((sum, k, n) => sum + k * (drop[n] ?? 0), 0) - asked);
      expect(gap).toBeCloseTo(best.gap, 6);
    }),
    { numRuns: 300 },
  );
  expect(compared).toBeGreaterThan(100);
});

test('the search holds the whole blend to its limit in the measure that is shown', () => {
  // Patchouli is denser than squalane (0.81 g/ml), so that its share by weight is the larger.
  const blend = blendOf({
    oils: { patchouli: parts(1) },
    target: 20,
    bases: { squalane: 1 },
    container: 'roll-on-30',
  });
  const plan = wholeDrops(blend.formula, blend.brief, blend.guideline);
  const oils = blend.formula.oils.map((entry) => measured(entry, 20, plan.drops[0] ?? 0));
  const { strength } = mix(oils, blend.formula.bases, 28.5);
  // 5 % of 28.5 ml is 1.425 ml: 28 drops of 0.05 ml.
  expect(plan.drops).toEqual([28]);
  expect(strength.byVolume.likely).toBeLessThanOrEqual(5);
  expect(known(strength.byWeight).likely).toBeGreaterThan(5);
});
