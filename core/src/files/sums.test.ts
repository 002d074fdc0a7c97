import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { part } from '../blend/fillings';
import { fillMl } from '../brief/vessel';
import { workOut, type BlendDraft, type WorkedOut } from './draft';
import { anyDraft } from './drafts.testing';

type Done = Extract<WorkedOut, { state: 'done' }>;

const total = (amounts: readonly number[]): number =>
  amounts.reduce((sum, amount) => sum + amount, 0);

/** Holds a claim against drafts of any shape that can be worked out. */
const always = (claim: (done: Done, draft: BlendDraft) => void): void => {
  let held = 0;
  fc.assert(
    fc.property(anyDraft, (draft) => {
      const worked = workOut(draft);
      if (worked.state !== 'done') return;
      held += 1;
      claim(worked, draft);
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

  test('weighs what they weigh, where all of them can be weighed', () => {
    always(({ evaluation: { mixture } }) => {
      if (!mixture.totalG) {
        expect(mixture.oils.some(({ oil }) => oil.densityGPerMl === null)).toBe(true);
        return;
      }
      const all = total([
        // Of an oil that was left out nothing needs weighing.
        ...mixture.oils.map(({ g, ml }) => g?.likely ?? (ml.likely === 0 ? 0 : NaN)),
        ...mixture.bases.map(({ g }) => g.likely),
      ]);
      expect(all / mixture.totalG.likely).toBeCloseTo(1, 6);
    });
  });

  test('keeps the proportion of bases by percent, however large the drops turn out', () => {
    always(({ evaluation: { mixture } }, draft) => {
      const shares = draft.bases.flatMap(({ percent }, at) => {
        const base = mixture.bases[at];
        if (percent === undefined || !base) return [];
        // Grains by volume lie loose, or in a paste: they are told by weight.
        if (draft.by !== 'weight' && base.base.kind === 'dry') return [];
        return [(draft.by === 'weight' ? base.g.likely : base.ml.likely) / percent];
      });
      for (const share of shares) expect(share / (shares[0] ?? NaN)).toBeCloseTo(1, 6);
    });
  });

  test('goes into its vessels and what is left over: nothing is lost on the way', () => {
    always(({ blend, evaluation: { mixture } }) => {
      if (!blend.inOne) return;
      const { lines, leftMl, shortMl } = part(
        blend.fillings,
        mixture.fillMl,
        mixture.totalG?.likely ?? null,
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

  test('no vessel is filled past its line', () => {
    always(({ blend, evaluation: { mixture } }) => {
      const parted = part(blend.fillings, mixture.fillMl, null, blend);
      for (const { vessel, fillMl: each, full, count } of parted.lines) {
        expect(each).toBeLessThanOrEqual(fillMl(vessel) * (1 + 1e-9));
        expect(full).toBeLessThanOrEqual(count);
        expect(full).toBeGreaterThanOrEqual(0);
      }
    });
  });
});
