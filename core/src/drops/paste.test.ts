import { describe, expect, test } from 'vitest';
import { pasteOf } from '../mixture';
import { withPaste } from './paste';
import { forBody, workedOut } from './worked.testing';

/** 200 g of sugar lie in about 236 ml and take up 126 ml themselves: gaps of 110 ml. */
const scrub = (oilG: number) =>
  forBody({
    container: { id: 'jar-240' },
    by: 'weight',
    bases: [
      { id: 'white_sugar', g: 200 },
      { id: 'jojoba', g: oilG },
    ],
    oils: [{ id: 'lavender', drops: 20 }],
  });

const paste = (recipe: ReturnType<typeof scrub>) => {
  const found = pasteOf(workedOut(recipe).evaluation.mixture);
  if (!found) throw new Error('no grains');
  return found;
};

describe('grains in oil', () => {
  test.each([
    // Jojoba weighs 0.865 g a ml; 1 ml of lavender beside it.
    [50, 'dry', 50 / 0.865 + 1],
    [86, 'damp', 86 / 0.865 + 1],
    [110, 'thick', 110 / 0.865 + 1],
    [150, 'soft', 150 / 0.865 + 1],
    [230, 'runny', 230 / 0.865 + 1],
  ])('%s g of oil: %s', (g, feel, wetMl) => {
    const found = paste(scrub(g));
    expect(found.feel).toBe(feel);
    expect(Math.abs(found.wetMl / wetMl - 1)).toBeLessThan(0.01);
    expect(Math.abs(found.gapsMl / 110 - 1)).toBeLessThan(0.01);
  });

  test.each([0.85, 1.15, 1.6])(
    'as much oil as fills the gaps %s times, and the batch weighs the same',
    (fill) => {
      const before = workedOut(scrub(50));
      const next = withPaste(before.recipe, before.evaluation, fill);
      const after = workedOut(next);
      expect(paste(next).fill).toBeCloseTo(fill, 1);
      expect(after.evaluation.mixture.totalG.likely).toBeCloseTo(
        before.evaluation.mixture.totalG.likely,
        0,
      );
    },
  );

  test('the recipes of scrubs, 60 to 75 of 100 by weight, hold together', () => {
    for (const share of [60, 65, 70, 75]) {
      const found = paste(scrub((200 * (100 - share)) / share));
      expect(['damp', 'thick', 'soft']).toContain(found.feel);
    }
  });

  test('without grains nothing changes', () => {
    const plain = forBody({ oils: [{ id: 'lavender', drops: 2 }] });
    const { evaluation } = workedOut(plain);
    expect(pasteOf(evaluation.mixture)).toBeNull();
    expect(withPaste(plain, evaluation, 1.2)).toBe(plain);
  });
});
