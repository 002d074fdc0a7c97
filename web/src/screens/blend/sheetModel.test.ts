import { shippedCatalog } from '@jubbet/core/catalog';
import { workOut } from '@jubbet/core/drops';
import { emptyRecipe, type Recipe } from '@jubbet/core/recipe';
import { describe, expect, test } from 'vitest';
import { limitsShown } from './limitsShown';
import { sheetModel } from './sheetModel';

const empty = emptyRecipe();

/** A roll-on for anyone’s wrists at a strength, of so many parts of each oil in jojoba. */
const rollOn = (percent: number, oils: Readonly<Record<string, number>>): Recipe => ({
  ...empty,
  target: { percent },
  brief: { ...empty.brief, wearer: 'anyone', place: 'body-leave-on' },
  oils: Object.entries(oils).map(([id, value]) => ({ id, amount: { unit: 'parts', value } })),
  bases: [{ id: 'jojoba', amount: { unit: 'parts', value: 1 } }],
});

const modelOf = (recipe: Recipe, isUnfolded = false) =>
  sheetModel(shippedCatalog, recipe, workOut(shippedCatalog, recipe), isUnfolded);

const shownOf = (recipe: Recipe) => {
  const { evaluation } = modelOf(recipe);
  return limitsShown(evaluation?.findings ?? []);
};

describe('the sheet', () => {
  test('of an empty sentence has gaps, and offers to choose oils', () => {
    expect(modelOf(empty)).toMatchObject({ hasGaps: true, done: null, offersChoosing: true });
  });

  test('with carriers by parts has no table of them until it is unfolded', () => {
    const recipe = rollOn(2, { lavender: 1 });
    expect(modelOf(recipe)).toMatchObject({ hasBases: false, offersChoosing: false });
    expect(modelOf(recipe, true)).toMatchObject({ hasBases: true, offersChoosing: true });
  });

  test('with a wax in it shows what is weighed, folded or not', () => {
    const balm: Recipe = {
      ...rollOn(1, { lavender: 1 }),
      bases: [
        { id: 'jojoba', amount: null },
        { id: 'beeswax', amount: { unit: 'percent', value: 20 } },
      ],
    };
    expect(modelOf(balm)).toMatchObject({ isOneCarrier: false, hasBases: true });
  });
});

describe('of the limits', () => {
  test('no finding is lost, and none is shown twice', () => {
    const recipe = rollOn(4, { 'cinnamon-bark': 1, lavender: 3, bergamot: 2 });
    const { evaluation } = modelOf(recipe);
    const all = (evaluation?.findings ?? []).filter(({ verdict }) => verdict !== 'note');
    const shown = Object.values(shownOf(recipe)).flat();
    expect(new Set(shown)).toEqual(new Set(all));
    expect(shown).toHaveLength(all.length);
  });

  test('what is over its limit is never folded', () => {
    // As counted: by parts the drops would stop at the limit.
    const counted: Recipe = {
      ...rollOn(4, {}),
      oils: [{ id: 'cinnamon-bark', amount: { unit: 'drops', value: 10 } }],
    };
    const { far, passed, over, tracks } = shownOf(counted);
    expect([...far, ...passed].filter(({ verdict }) => verdict !== 'within')).toEqual([]);
    expect([...over, ...tracks].some(({ verdict }) => verdict === 'over')).toBe(true);
  });

  test('of a mild blend the whole and the closest two are shown at most, and the rest is folded', () => {
    const { tracks, far, passed } = shownOf(rollOn(0.5, { lavender: 2, geranium: 1 }));
    expect(tracks.length).toBeLessThanOrEqual(3);
    expect(tracks.some(({ rule }) => rule === 'whole-blend')).toBe(true);
    expect(far.length + passed.length).toBeGreaterThan(0);
  });

  test('the track that is closest to its limit stands first', () => {
    const shares = shownOf(rollOn(3, { 'cinnamon-bark': 1, lavender: 5 })).tracks.map(
      ({ value, limit }) => (value?.likely ?? 0) / (limit ?? 1),
    );
    expect(shares).toEqual([...shares].sort((a, b) => b - a));
  });
});
