import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../../catalog';
import { notUnderstoodIn } from './issues';
import { readRecipes } from './readRecipes';
import { recipeOfRead } from './toRecipe';
import { understoodAs } from './understoodAs';

/** Oils by names that mean one thing only. */
const oils: Readonly<Record<string, string>> = {
  neroli: 'neroli',
  vetiver: 'vetiver',
  'clary sage': 'clary-sage',
  'black pepper': 'black-pepper',
  lemongrass: 'lemongrass',
  'clove bud': 'clove-bud',
  peppermint: 'peppermint',
};

const chatter = [
  'My gran made this every winter.',
  'Shake well for 30 seconds and wait 24 hours.',
  'Smells like a garden after rain!',
  'Keeps for 12 months below 25 °C.',
  'Apply 2 drops to each wrist.',
  'Then put the lid on.',
  'I paid 12.50 for the bottle.',
  '',
  'Method:',
  'Ingredients',
  '---',
  'Notes',
  '1. Wash your hands.',
  'Best thing ever, 10 out of 10.',
];

const sayings: readonly ((amount: string, name: string) => string)[] = [
  (amount, name) => `${amount} of ${name}`,
  (amount, name) => `${amount} ${name}`,
  (amount, name) => `${name}: ${amount}`,
  (amount, name) => `- ${name}, ${amount}`,
  (amount, name) => `Now add ${amount} of ${name}.`,
  (amount, name) => `3. Stir in ${amount} of ${name} and stir again.`,
  (amount, name) => `Then I add ${amount} of ${name}, because I love it.`,
  (amount, name) => `* ${amount} ${name} essential oil`,
  (amount, name) => `If you like it stronger, use ${amount} of ${name}.`,
  (amount, name) => `Note: last time I took ${amount} of ${name} and it was too much.`,
  (amount, name) => `Batch: ${amount} ${name}`,
  (amount, name) => `At most ${amount} of ${name}.`,
  (amount, name) => `For each ${amount} of ${name} stir once.`,
  (amount, name) => `You will also need ${amount} of ${name}, and a funnel.`,
];
const amounts = [
  '7 drops',
  'half a dozen drops',
  '1-1/2 ml',
  '10 to 15 drops',
  '0,5 ml',
  '٣ drops',
];

const lines = fc.array(
  fc.oneof(
    fc.constantFrom(...chatter).map((text) => ({ text, oil: null })),
    fc
      .tuple(
        fc.constantFrom(...Object.entries(oils)),
        fc.constantFrom(...sayings),
        fc.constantFrom(...amounts),
      )
      .map(([[name, id], say, amount]) => ({ text: say(amount, name), oil: { name, id } })),
  ),
  { minLength: 1, maxLength: 10 },
);

test('whatever stands around it, an oil with an amount is an ingredient or is not understood', () => {
  fc.assert(
    fc.property(lines, fc.boolean(), (given, hasTitle) => {
      const text = [
        ...(hasTitle ? ['Quiet evening', ''] : []),
        '30 ml jojoba',
        ...given.map((line) => line.text),
      ].join('\n');
      const recipes = readRecipes(text, shippedCatalog);
      const ids = recipes.flatMap(({ ingredients }) =>
        ingredients.flatMap(({ candidates }) => [...candidates]),
      );
      const unread = recipes
        .flatMap((recipe) => notUnderstoodIn(recipe, shippedCatalog))
        .join('\n');
      for (const { oil } of given) {
        if (oil) expect(ids.includes(oil.id) || unread.includes(oil.name), text).toBe(true);
      }
    }),
    { numRuns: 400 },
  );
});

describe('a blend that was read carries what nobody understood', () => {
  const taken = (text: string, more: Partial<Parameters<typeof recipeOfRead>[3]> = {}) =>
    recipeOfRead(readRecipes(text, shippedCatalog)[0]!, text, shippedCatalog, {
      materials: {},
      ounce: 'volume',
      country: 'metric',
      dropsPerMl: 20,
      guideline: 'clinical',
      ...more,
    }).recipe;
  const dusty = 'Balm\n\n100 g shea butter\n1 tsp moon dust\n10 drops geranium';

  test('an unknown ingredient, until it is left out on purpose', () => {
    expect(taken(dusty).notUnderstood).toEqual(['1 tsp moon dust']);
    expect(taken(dusty, { materials: { 1: null } }).notUnderstood).toEqual([]);
  });

  test('an oil that a step only speaks of, until it is none of it', () => {
    const text = '30 ml jojoba\n4 drops neroli\n\nNote: last time I used 40 drops of peppermint.';
    expect(taken(text).notUnderstood).toEqual(['Note: last time I used 40 drops of peppermint.']);
    const [note = ''] = taken(text).notUnderstood;
    expect(understoodAs(shippedCatalog, note, null, 'metric')(taken(text)).notUnderstood).toEqual(
      [],
    );
    const added = understoodAs(shippedCatalog, note, 'peppermint', 'metric')(taken(text));
    expect(added.notUnderstood).toEqual([]);
    expect(added.oils).toMatchObject([
      { id: 'neroli' },
      { id: 'peppermint', amount: { unit: 'drops', value: 40 } },
    ]);
  });

  test('an amount that can be read two ways is a gap, until one is chosen', () => {
    const text = '1.000 ml jojoba\n4 drops neroli';
    expect(taken(text).bases).toEqual([{ id: 'jojoba', amount: null }]);
    expect(taken(text, { amounts: { 0: '1000 ml' } }).bases).toMatchObject([
      { id: 'jojoba', amount: { unit: 'ml', value: 1000 } },
    ]);
  });

  test('the same oil once in drops and once in ml is not added up in silence', () => {
    expect(taken('30 ml jojoba\n4 drops neroli\n1 ml neroli').notUnderstood).toEqual([
      '1 ml neroli',
    ]);
  });

  test('of more than are kept the last stands for the others', () => {
    const dust = Array.from(
      { length: 150 },
      (_, n) => `${n + 1} tsp dust of moon ${'abcdefghij'[n % 10]}`,
    );
    const { notUnderstood } = taken(['30 ml jojoba', '4 drops neroli', ...dust].join('\n'));
    expect(notUnderstood).toHaveLength(100);
    expect(notUnderstood.at(-1)).toBe('… and 51 more lines of the recipe');
  });

  test('a recipe that is plain has nothing of it', () => {
    const text = [
      'Sleep oil',
      '30 ml jojoba',
      '6 drops neroli',
      'Shake for 30 seconds. Leave it for 24 hours below 25 °C.',
      'Apply 2 drops to each wrist 30 minutes before bed. Use 5 ml per massage.',
      'Makes 30 ml. Keeps for 12 months. 20 drops are 1 ml.',
    ].join('\n');
    expect(taken(text).notUnderstood).toEqual([]);
  });
});
