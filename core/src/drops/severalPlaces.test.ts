import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { workOut } from './workOut';
import { choosePlace, toggleAlsoOn, type Recipe } from '../recipe';
import { recipeFrom } from '../recipe/recipe.testing';
import { healthyAdult } from '../brief/wearer.testing';

const given = (place: 'pulse-points' | 'lips' | 'body-massage', drops: number): Recipe =>
  recipeFrom({
    brief: { wearer: { ...healthyAdult, ageMonths: 400 }, place },
    bases: [{ id: 'jojoba', parts: 1 }],
    oils: [{ id: 'lavender', drops }],
  });

const evaluated = (recipe: Recipe) => {
  const worked = workOut(shippedCatalog, recipe);
  if (worked.state !== 'done') throw new Error('not worked out');
  return worked.evaluation;
};

const limitOf = (recipe: Recipe) =>
  evaluated(recipe).findings.find(({ rule }) => rule === 'whole-blend')?.limit;

describe('several places', () => {
  const wrists = given('pulse-points', 6);
  const both = toggleAlsoOn('face')(wrists);

  test('the strictest holds, said once', () => {
    const face = choosePlace('face')(wrists);
    expect(limitOf(both)).toBe(limitOf(face));
    expect(limitOf(both)).toBeLessThan(limitOf(wrists) ?? 0);
    const { findings, verdict } = evaluated(both);
    expect(findings.filter(({ rule }) => rule === 'whole-blend')).toHaveLength(1);
    expect(verdict).toBe(evaluated(face).verdict);
  });

  test('it does not matter which of them is first', () => {
    const turned = toggleAlsoOn('pulse-points')(choosePlace('face')(wrists));
    expect(evaluated(turned).findings.map(({ verdict }) => verdict)).toEqual(
      evaluated(both).findings.map(({ verdict }) => verdict),
    );
  });

  test('parts and a target stay within the strictest', () => {
    const aimed: Recipe = {
      ...both,
      target: { percent: 5 },
      oils: [{ id: 'lavender', amount: { unit: 'parts', value: 1 } }],
    };
    const { mixture, verdict } = evaluated(aimed);
    expect(verdict).not.toBe('over');
    expect(mixture.strength.byVolume.likely).toBeLessThanOrEqual(limitOf(both) ?? 0);
  });

  test('a place that takes nothing blocks, whatever the first is', () => {
    const nowhere = toggleAlsoOn('nipple')(given('body-massage', 2));
    expect(evaluated(nowhere)).toMatchObject({ verdict: 'over', blocking: true });
  });

  test('taken away again it is as it was, and a place is not beside itself', () => {
    expect(evaluated(toggleAlsoOn('face')(both)).findings).toEqual(evaluated(wrists).findings);
    expect(choosePlace('face')(both).brief.alsoOn).toEqual([]);
    expect(toggleAlsoOn('pulse-points')(wrists)).toBe(wrists);
  });
});
