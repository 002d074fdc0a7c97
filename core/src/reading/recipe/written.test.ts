import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { basesNamed, oilsNamed, shippedCatalog } from '../../catalog';
import { amountsOf } from './amounts';
import { containersIn } from './containers';
import { plainLetters } from '../../quantity';
import { readRecipes } from './readRecipes';
import { targetIn } from './target';

const { oils, bases } = shippedCatalog;

/** Only names that mean one thing: what may be several is read as several. */
const certain = [
  ...oils.filter(({ name }) => oilsNamed(shippedCatalog, name).length === 1),
  ...bases.filter(
    ({ name }) =>
      basesNamed(shippedCatalog, name).length === 1 && oilsNamed(shippedCatalog, name).length === 0,
  ),
];

/** Ways in which people write one line. */
const styles: readonly ((name: string, amount: string) => string)[] = [
  (name, amount) => `${amount} ${name}`,
  (name, amount) => `${name} – ${amount}`,
  (name, amount) => `- ${name}: ${amount}`,
  (name, amount) => `* ${amount} of ${name.toUpperCase()}`,
  (name, amount) => `| ${name} | ${amount} |`,
  (name, amount) => `${name} (${amount})`,
  (name, amount) => `• ${name} ........ ${amount}`,
  (name, amount) => `${name}\t${amount}`,
];

test('whatever the library holds is read back, in every way of writing a list', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.constantFrom(...certain), {
        minLength: 1,
        maxLength: 6,
        selector: ({ id }) => id,
      }),
      fc.constantFrom(...styles),
      fc.array(
        fc.constantFrom('3 drops', '12 gtt', '2.5 ml', '1/2 tsp', '2 tbsp', '40 g', '3 parts'),
        {
          minLength: 6,
          maxLength: 6,
        },
      ),
      (materials, style, amounts) => {
        const text = [
          'Ingredients:',
          ...materials.map(({ name }, n) => style(name, amounts[n] ?? '1 ml')),
        ].join('\n');
        const [recipe] = readRecipes(text, shippedCatalog);
        expect(recipe?.ingredients.map(({ materialId }) => materialId)).toEqual(
          materials.map(({ id }) => id),
        );
        expect(recipe?.ingredients.every(({ amount }) => amount !== null)).toBe(true);
      },
    ),
  );
});

test('any text is read without a fault, and what is an ingredient stands in it', () => {
  const piece = fc.oneof(
    fc.string({ maxLength: 30 }),
    fc.constantFrom(
      '10 drops ',
      'lavender',
      ' (',
      ')',
      '\n',
      '| ',
      '- ',
      '1/2 ',
      '½',
      ' ml ',
      'of the bottle',
      '<li>',
      '{"@type":"Recipe"',
      '50/50 ',
      'each ',
      'fill with ',
      ' or ',
    ),
  );
  fc.assert(
    fc.property(fc.array(piece, { maxLength: 40 }), (pieces) => {
      const text = pieces.join('');
      for (const { ingredients, leftOver } of readRecipes(text, shippedCatalog)) {
        for (const { amount, confidence, candidates, materialId } of ingredients) {
          expect(amount === null || (Number.isFinite(amount.value) && amount.value >= 0)).toBe(
            true,
          );
          expect(confidence >= 0 && confidence <= 1).toBe(true);
          expect(materialId === null || candidates.includes(materialId)).toBe(true);
        }
        expect(leftOver.every((line) => line !== '')).toBe(true);
      }
    }),
  );
});

test('letters stand where they stood', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary', maxLength: 60 }), (text) => {
      expect(plainLetters(text)).toHaveLength(text.length);
    }),
  );
  expect(plainLetters('Crème – “Néroli”')).toBe('creme - "neroli"');
});

describe('amounts', () => {
  const read = (line: string) =>
    amountsOf(line).map(({ amount: { value, unit, plus = [] } }) =>
      [{ value, unit }, ...plus].map((term) => `${term.value} ${term.unit}`).join(' + '),
    );
  test.each([
    ['1 1/2 tbsp', ['1.5 tbsp']],
    ['1½ tsp', ['1.5 tsp']],
    ['2 and ½ cups', ['2.5 cup']],
    ['1,000 ml', ['1000 ml']],
    ['12,5 g', ['12.5 g']],
    ['.5 oz', ['0.5 oz']],
    ['0.5 fl. oz.', ['0.5 fl oz']],
    ['1 kg', ['1000 g']],
    ['2 cl', ['20 ml']],
    ['20–30 drops', ['25 drops']],
    ['about 10 gtts', ['10 drops']],
    ['a dozen drops', ['12 drops']],
    ['2 T and 1 t', ['2 tbsp + 1 tsp']],
    ['heaped tablespoon', []],
    ['1 heaped tablespoon', ['1 tbsp']],
    ['70 C', []],
    ['10/0 ml', []],
    ['3 lbs', ['3 lb']],
    ['2.5 % and 3 per cent', ['2.5 percent', '3 percent']],
  ])('%s', (line, wanted) => {
    expect(read(line)).toEqual(wanted);
  });
});

describe('containers', () => {
  test.each([
    ['a 10ml roller bottle', 'roll-on', 10, 'roll-on-10', 1],
    ['two 1 oz tins', 'tin', 1, 'tin-30', 2],
    ['3 x 15 ml amber glass dropper bottles', 'dropper bottle', 15, 'dropper-15', 3],
    ['4-oz jar', 'jar', 4, 'jar-120', 1],
    ['roll-on (10 ml)', 'roll-on', 10, 'roll-on-10', 1],
    ['a 7 ml roller', 'roll-on', 7, null, 1],
  ])('%s', (line, kind, value, id, count) => {
    expect(containersIn(line)).toMatchObject([{ kind, size: { value }, id, count }]);
  });
  test('a number of drops is no number of bottles', () => {
    expect(containersIn('20 drops jojoba')).toEqual([]);
  });
});

test('a strength is read where it is one, and an ingredient in percent is none', () => {
  expect(targetIn('a 2-3 % dilution', true)).toMatchObject({ percent: 2, upTo: 3 });
  expect(targetIn('Dilution: 1,5%', true)).toMatchObject({ percent: 1.5 });
  expect(targetIn('2 % lavender', false)).toBeNull();
  expect(targetIn('70 % alcohol', true)).toBeNull();
});
