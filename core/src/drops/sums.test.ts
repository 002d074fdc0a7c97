import { valueIn, type Recipe } from '../recipe';
import { part } from '../mixture';
import { fillMl, shippedCatalog } from '../catalog';
import { workOut, type Calculated } from './workOut';
import { anyRecipe } from '../recipe/anyRecipe.testing';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';

const total = (amounts: readonly number[]): number =>
  amounts.reduce((sum, amount) => sum + amount, 0);

/** Holds a claim against drafts of any shape that can be worked out. */
const always = (claim: (done: Calculated, recipe: Recipe) => void): void => {
  let held = 0;
  fc.assert(
    fc.property(anyRecipe, (recipe) => {
      const worked = workOut(shippedCatalog, recipe);
      if (worked.state !== 'done') return;
      held += 1;
      claim(worked, recipe);
    }),
    { numRuns: 200 },
  );
  expect(held).toBeGreaterThan(40);
};

describe('whatever is mixed', () => {
  test('is the ml of its oils and bases, no more and no less', () => {
    always(({ evaluation: { mixture } }) => {
      const all = total([
        ...mixture.oils.map(({ ml }) => ml.likely),
        ...mixture.bases.map(({ ml }) => ml.likely),
      ]);
      expect(all / mixture.fillMl).toBeCloseTo(1, 6);
    });
  });

  test('weighs what they weigh', () => {
    always(({ evaluation: { mixture } }) => {
      const all = total([
        ...mixture.oils.map(({ g }) => g.likely),
        ...mixture.bases.map(({ g }) => g.likely),
      ]);
      expect(all / mixture.totalG.likely).toBeCloseTo(1, 6);
    });
  });

  test('keeps the proportion of bases by percent, however large the drops turn out', () => {
    always(({ evaluation: { mixture } }, recipe) => {
      const shares = recipe.bases.flatMap(({ amount }, at) => {
        const percent = valueIn(amount, 'percent');
        const base = mixture.bases[at];
        if (percent === undefined || !base) return [];
        // Grains by volume lie loose, or in a paste: they are stated by weight.
        if (recipe.by !== 'weight' && base.base.kind === 'dry') return [];
        return [(recipe.by === 'weight' ? base.g.likely : base.ml.likely) / percent];
      });
      for (const share of shares) expect(share / (shares[0] ?? NaN)).toBeCloseTo(1, 6);
    });
  });

  test('goes into its containers and what is left over: nothing is lost on the way', () => {
    always(({ blend, evaluation: { mixture } }) => {
      if (!blend.inOne) return;
      const { lines, leftMl, shortMl } = part(
        blend.fillings,
        mixture.fillMl,
        mixture.totalG.likely,
        blend,
      );
      const gain = 1 + blend.gainPercent / 100;
      const filled = total(lines.map(({ full, fillMl: each }) => full * each));
      const loss = 1 + blend.lossPercent / 100;
      // What stays in the jug is mixed on top, and is neither filled nor left over.
      const there = (mixture.fillMl * gain) / loss;
      expect(filled).toBeLessThanOrEqual(there * (1 + 1e-6));
      if (shortMl <= 1e-9) expect((filled + leftMl) / there).toBeCloseTo(1, 4);
    });
  });

  test('no container is filled past its line', () => {
    always(({ blend, evaluation: { mixture } }) => {
      const parted = part(blend.fillings, mixture.fillMl, mixture.totalG.likely, blend);
      for (const { container, fillMl: each, full, count } of parted.lines) {
        expect(each).toBeLessThanOrEqual(fillMl(container) * (1 + 1e-9));
        expect(full).toBeLessThanOrEqual(count);
        expect(full).toBeGreaterThanOrEqual(0);
      }
    });
  });
});
