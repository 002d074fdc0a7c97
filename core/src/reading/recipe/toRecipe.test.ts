import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../../catalog';
import { workOut } from '../../drops';
import { issuesOf } from './issues';
import { readRecipes } from './readRecipes';
import { recipeOfRead, type Choices } from './toRecipe';

const usual: Choices = {
  materials: {},
  ounce: 'volume',
  country: 'us',
  dropsPerMl: 20,
  guideline: 'clinical',
};

const read = (text: string) => {
  const [first] = readRecipes(text, shippedCatalog);
  if (!first) throw new Error('no recipe in it');
  return first;
};

const taken = (text: string, choices: Partial<Choices> = {}) =>
  recipeOfRead(read(text), text, shippedCatalog, { ...usual, ...choices });

const amounts = (list: readonly { id: string; amount: unknown }[]) =>
  Object.fromEntries(list.map(({ id, amount }) => [id, amount]));

describe('what may be taken in place of another', () => {
  const text = `Cuticle balm
15 g yellow beeswax (or 12 g candelilla wax)
60 g jojoba
10 drops true lavender or 6 drops sweet orange
10 drops total`;

  test('is in no sum, and not in the blend', () => {
    expect(issuesOf(read(text), shippedCatalog)).toEqual([]);
    const { recipe, leftOut } = taken(text);
    expect(recipe.bases.map(({ id }) => id)).toEqual(['beeswax_yellow', 'jojoba']);
    expect(recipe.oils.map(({ id }) => id)).toEqual(['lavender']);
    expect(leftOut.map((readIngredient) => readIngredient.text)).toEqual([
      '12 g candelilla wax',
      '6 drops sweet orange',
    ]);
  });

  test('is in the blend where it is chosen', () => {
    const at = (name: string) =>
      read(text).ingredients.findIndex((ingredient) => ingredient.text.includes(name));
    const { recipe } = taken(text, {
      materials: { [at('candelilla')]: 'candelilla_wax', [at('beeswax')]: null },
    });
    expect(amounts(recipe.bases)).toMatchObject({ candelilla_wax: { unit: 'g', value: 12 } });
    expect(recipe.bases.map(({ id }) => id)).not.toContain('beeswax_yellow');
  });

  test('is told of where it must never go on skin, all the same', () => {
    const issues = issuesOf(
      read('10 ml jojoba\n3 drops cinnamon leaf or 2 drops sassafras'),
      shippedCatalog,
    );
    expect(issues.map(({ code }) => code)).toContain('never-on-skin');
  });
});

describe('measures', () => {
  test('an ounce of what pours is what the reader says it is', () => {
    const text = '2 oz jojoba\n5 drops vetiver';
    expect(amounts(taken(text).recipe.bases)['jojoba']).toMatchObject({ unit: 'ml' });
    expect(amounts(taken(text, { ounce: 'weight' }).recipe.bases)['jojoba']).toMatchObject({
      unit: 'g',
      value: expect.closeTo(56.7, 1) as number,
    });
  });

  test('a spoon is the spoon of its country', () => {
    const ml = (country: Choices['country']) =>
      (
        amounts(taken('1 tbsp jojoba\n2 drops vetiver', { country }).recipe.bases)['jojoba'] as {
          value: number;
        }
      ).value;
    expect([ml('us'), ml('metric'), ml('australian')].map(Math.round)).toEqual([15, 15, 20]);
  });

  test('a range of drops stays one, as do both when they are added up; of ml the end that is stronger counts', () => {
    expect(amounts(taken('10 ml jojoba\n3-5 drops vetiver').recipe.oils)).toMatchObject({
      vetiver: { unit: 'drops', value: 5, from: 3 },
    });
    const twice = taken('10-12 ml jojoba\n3-5 drops vetiver\n1 drop vetiver\n1-2 ml neroli');
    expect(amounts(twice.recipe.oils)).toMatchObject({
      vetiver: { unit: 'drops', value: 6, from: 4 },
      neroli: { unit: 'ml', value: 2 },
    });
    expect(amounts(twice.recipe.bases)).toMatchObject({ jojoba: { unit: 'ml', value: 10 } });
  });

  test('an oil that is listed twice is there once, with all its drops', () => {
    expect(
      amounts(taken('10 ml jojoba\n3 drops vetiver\n1 drop neroli\n2 drops vetiver').recipe.oils),
    ).toMatchObject({ vetiver: { unit: 'drops', value: 5 } });
  });

  test('a base of which nobody says how much is a gap, and only the one rest fills up', () => {
    const several = taken('10 ml roller bottle\n2 drops vetiver\njojoba\nsweet almond oil');
    expect(amounts(several.recipe.bases)).toEqual({ jojoba: null, sweet_almond: null });
    const takenRecipe = taken('10 ml roller bottle\n2 drops vetiver\ntop up with jojoba');
    expect(amounts(takenRecipe.recipe.bases)).toEqual({ jojoba: { unit: 'parts', value: 1 } });
    const brief = {
      ...takenRecipe.recipe.brief,
      wearer: 'anyone' as const,
      place: 'pulse-points' as const,
    };
    expect(workOut(shippedCatalog, { ...takenRecipe.recipe, brief }).state).toBe('done');
  });
});

test('the text of it stands in the notes, cut where there is no more room', () => {
  const text = `2 drops vetiver\n10 ml jojoba\n${'Shake it well. '.repeat(2000)}`;
  const { recipe } = taken(text);
  expect(recipe.notes.startsWith('As it was written:\n\n2 drops vetiver')).toBe(true);
  expect(recipe.notes.endsWith(' …')).toBe(true);
});

test('more oils than a blend may have are left out, and told of', () => {
  const oils = shippedCatalog.oils.filter(({ forbidden }) => !forbidden).slice(0, 64);
  const { recipe, leftOut } = taken(
    ['Ingredients', '10 ml jojoba', ...oils.map(({ name }) => `1 drop ${name}`)].join('\n'),
  );
  expect(recipe.oils).toHaveLength(60);
  expect(leftOut.length).toBeGreaterThan(0);
});

test('a text that is made to take long is read as fast as any', () => {
  // Each word may begin a name, an amount or an aside.
  const hostile = `${'3 drops lavender or (1 oz) '.repeat(4000)}\n${'oil, '.repeat(20_000)}`;
  expect(() => readRecipes(hostile, shippedCatalog)).not.toThrow();
});
