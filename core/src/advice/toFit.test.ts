import { expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { healthyAdult } from '../brief/wearer.testing';
import { workOut } from '../drops';
import { recipeFrom } from '../recipe/recipe.testing';
import { withChange } from './change';
import { suggestFits, toFit } from './toFit';

test('what does not fit: a container that holds it, several, or only what fits', () => {
  const given = recipeFrom({
    brief: { wearer: healthyAdult, place: 'body-massage' },
    container: { id: 'dropper-30' },
    oils: [{ id: 'lavender', ml: 2 }],
    bases: [{ id: 'jojoba', ml: 98 }],
  });
  const worked = workOut(shippedCatalog, given);
  if (worked.state !== 'problem') throw new Error(worked.state);
  // Judged all the same: 2 ml of 100 is 2 %.
  expect(worked.evaluation?.mixture.strength.byVolume.likely).toBeCloseTo(2);
  expect(worked.evaluation?.verdict).toBe('within');
  const changes = toFit(shippedCatalog, given, worked);
  expect(changes.map(({ kind }) => kind)).toEqual(['container', 'count', 'fit']);
  for (const change of changes) {
    const then = workOut(shippedCatalog, withChange(given, change));
    if (then.state !== 'done') throw new Error(`${change.kind}: ${then.state}`);
    expect(then.evaluation.mixture.strength.byVolume.likely).toBeCloseTo(2, 1);
  }
});

test('no larger container is offered for what must not be used', () => {
  const given = recipeFrom({
    brief: { wearer: { ...healthyAdult, ageMonths: 2 }, place: 'body-massage' },
    container: { id: 'dropper-30' },
    oils: [{ id: 'lavender', ml: 2 }],
    bases: [{ id: 'jojoba', ml: 98 }],
  });
  const worked = workOut(shippedCatalog, given);
  if (worked.state !== 'problem') throw new Error(worked.state);
  expect(toFit(shippedCatalog, given, worked).length).toBeGreaterThan(0);
  expect(suggestFits(shippedCatalog, given, worked)).toEqual([]);
});
