import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../../catalog';
import { readRecipes } from './readRecipes';
import { saidUse } from './saidUse';
import { recipeOfRead } from './toRecipe';

const lines = '\n30 ml jojoba\n10 drops lavender\n';

const read = (text: string) => {
  const [first] = readRecipes(text, shippedCatalog);
  if (!first) throw new Error('no recipe in it');
  return first;
};

describe('where a recipe says that it goes', () => {
  test.each([
    ['Face serum', '', 'face'],
    ['Dad’s beard oil', '', 'beard'],
    ['Honey lip balm', '', 'lips'],
    ['Sleepy roll-on', 'Roll onto wrists and behind the ears.', 'pulse-points'],
    ['Winter balm', 'Rub a little on the chest before bed.', 'chest-or-back-rub'],
    ['Evening bath oil', '', 'bath'],
    ['Sugar scrub', 'Rinse off with warm water.', 'wash-off'],
    ['Natural deodorant', '', 'underarm'],
    ['Back massage oil', '', 'body-massage'],
    ['Foot cream', '', 'hands-or-feet'],
    ['Nappy balm', '', 'nappy'],
    ['Balm for nipples', '', 'nipple'],
    ['Lavender balm', 'Melt it in a water bath, stir by hand, and wash your hands.', null],
    ['Lavender blend', 'Rub it into your hands.', 'hands-or-feet'],
    ['Lavender blend', 'Rub a little between your hands.', null],
    ['Lavender blend', 'Warm it in your palms and massage into the scalp.', 'scalp-or-hair'],
    ['Lavender blend', 'Leave it at the back of the cupboard for a day.', null],
  ])('%s, %s', (title, told, place) => {
    expect(saidUse(read(`${title}\n${lines}\n${told}`)).place).toBe(place);
  });
});

test('how often, whether it is rinsed off, and whose cups', () => {
  const said = saidUse(
    read(`Hair oil
1 US cup jojoba
10 drops lavender

Massage into the scalp twice a day, then rinse it off.`),
  );
  expect(said).toMatchObject({ timesPerDay: 2, isRinsedOff: true, country: 'us' });
  expect(saidUse(read(`Body oil${lines}All cups are metric.`)).country).toBe('metric');
  expect(saidUse(read(`Body oil${lines}Use it nightly.`)).timesPerDay).toBe(1);
});

test('the blend is for what the recipe says; what is washed off is never left on', () => {
  const brief = (text: string) =>
    recipeOfRead(read(text), text, shippedCatalog, {
      materials: {},
      ounce: 'volume',
      country: 'us',
      dropsPerMl: 20,
      guideline: 'clinical',
    }).recipe.brief;
  expect(brief(`Shower gel${lines}`)).toMatchObject({ place: 'wash-off', use: 'rinse-off' });
  expect(brief(`Hair oil${lines}Rinse it off after an hour.`)).toMatchObject({
    place: 'scalp-or-hair',
    use: 'rinse-off',
  });
  // Nothing is rinsed off a face that a serum is for: only a wash is.
  expect(brief(`Face serum${lines}`)).toMatchObject({ place: 'face', use: 'leave-on' });
});

test.each([
  ['Roll onto the wrists and temples, only at night.', 'face', ['pulse-points'], true],
  ['Apply to feet and chest rub before bed.', 'chest-or-back-rub', ['hands-or-feet'], false],
  ['Apply to the wrists or the temples.', 'face', [], false],
  ['Apply to the wrists, avoiding the face.', 'face', [], false],
])('%s: several places, and only in the evening', (told, place, alsoOn, nightOnly) => {
  expect(saidUse(read(`Roll-on\n${lines}\n${told}`))).toMatchObject({ place, alsoOn, nightOnly });
});
