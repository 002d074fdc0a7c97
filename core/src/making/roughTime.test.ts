import { expect, test } from 'vitest';
import { shippedCatalog as catalog } from '../catalog';
import { evaluate } from '../drops';
import { madeOut } from '../drops/worked.testing';
import type { ShortRecipe } from '../recipe/recipe.testing';
import { roughTime } from './roughTime';
import { stepsOf } from './stepsOf';

const timeOf = (short: ShortRecipe) => {
  const { blend } = madeOut(short);
  return roughTime(catalog, stepsOf(blend, evaluate(blend).mixture));
};

const rollOn = { oils: [{ id: 'lavender', drops: 6 }], bases: [{ id: 'jojoba', parts: 1 }] };

test('a roll-on is made in minutes; more of them, and thick oils, take longer', () => {
  const entry = timeOf(rollOn);
  expect(entry.minutes).toBeGreaterThanOrEqual(5);
  expect(entry.minutes).toBeLessThanOrEqual(15);
  expect(entry.sets).toEqual([]);
  expect(timeOf({ ...rollOn, count: 12 }).minutes).toBeGreaterThan(entry.minutes);
  expect(timeOf({ ...rollOn, oils: [{ id: 'vetiver', drops: 60 }] }).minutes).toBeGreaterThan(
    timeOf({ ...rollOn, oils: [{ id: 'lavender', drops: 60 }] }).minutes,
  );
});

test('a melt says how long it sets afterwards, by the library', () => {
  const balm = timeOf({
    container: { id: 'tin-15' },
    oils: [{ id: 'lavender', drops: 6 }],
    bases: [
      { id: 'beeswax_yellow', percent: 20 },
      { id: 'jojoba', parts: 1 },
    ],
  });
  expect(balm.minutes).toBeGreaterThan(25);
  expect(balm.sets.map(({ kind }) => kind)).toEqual(['tin']);
});
