import { expect, test } from 'vitest';
import { known } from '../catalog/known.testing';
import { blendOf } from '../drops/blend.testing';
import { ml } from '../mixture/measures.testing';
import { evaluate } from '../drops';
import { oneDropPercent, dropPercent } from './oneDrop';
import { oneUse, standingDensity } from './oneUse';

const usesOf = (container: string) => {
  const blend = blendOf({ oils: { lavender: ml(0.8) }, container });
  return oneUse(blend.formula.container, blend, evaluate(blend).mixture);
};

test('a press of a pump, what of it is essential oil, and how long the bottle lasts', () => {
  // 0.8 ml in 80 ml is 1 %. A press gives 0.5 to 2 ml: 40 to 160 of them.
  expect(usesOf('pump-100')).toEqual({
    act: 'press',
    count: 1,
    own: false,
    ml: [0.5, 2],
    oilMl: [0.005, 0.02],
    // 79.2 ml of jojoba at 0.867 in 80 ml.
    fatG: [expect.closeTo(0.4292, 3), expect.closeTo(1.7167, 3)],
    uses: [40, 160],
  });
});

test('where no dose is known there is none', () => {
  expect(usesOf('roll-on-30')).toBeNull();
});

test('what the maker has measured goes before what is usual', () => {
  const blend = { ...blendOf({ oils: { lavender: ml(0.8) }, container: 'pump-100' }), useMl: 4 };
  expect(oneUse(blend.formula.container, blend, evaluate(blend).mixture)).toMatchObject({
    act: 'use',
    own: true,
    ml: [4, 4],
    uses: [20, 20],
  });
});

test('a fingertip of an ointment is 0.4 to 0.5 g, and more ml of it when it is whipped', () => {
  // Half shea, half coconut oil: between 0.91 and 0.95 g a ml, so about 0.43 to 0.54 ml.
  const blend = blendOf({
    oils: { lavender: ml(0.5) },
    container: 'jar-60',
    bases: { shea_butter: 1, fractionated_coconut: 1 },
  });
  const { mixture } = evaluate(blend);
  const plain = known(oneUse(blend.formula.container, blend, mixture));
  expect(plain.act).toBe('fingertip');
  expect(plain.ml[0]).toBeCloseTo(0.4 / 0.93, 1);
  expect(plain.ml[1] / plain.ml[0]).toBeCloseTo(0.5 / 0.4, 5);
  const whipped = known(oneUse(blend.formula.container, { ...blend, gainPercent: 50 }, mixture));
  expect(whipped.ml[0]).toBeCloseTo(1.5 * plain.ml[0], 5);
  // The same grams are in it, and the same essential oil.
  expect(whipped.oilMl[0]).toBeCloseTo(plain.oilMl[0], 8);
});

test('what a ml weighs as it stands: less where it is whipped', () => {
  const blend = blendOf({ oils: { lavender: ml(0.5) }, bases: { jojoba: 1 } });
  const { mixture } = evaluate(blend);
  // Jojoba at 0.867 with a little lavender at 0.883.
  expect(standingDensity(blend, mixture)).toBeCloseTo(0.868, 3);
  expect(standingDensity({ gainPercent: 50 }, mixture)).toBeCloseTo(0.868 / 1.5, 3);
});

test('of what is firmer than an ointment nobody says what a fingertip takes', () => {
  const blend = blendOf({
    oils: { lavender: ml(0.5) },
    container: 'tin-15',
    bases: { beeswax_yellow: 3, jojoba: 7 },
  });
  expect(oneUse(blend.formula.container, blend, evaluate(blend).mixture)).toBeNull();
});

test('a bath melt is one use, with all of its fat', () => {
  const blend = blendOf({
    oils: { lavender: ml(0.1) },
    container: 'mould-cube',
    bases: { cocoa_butter: 1 },
  });
  const use = known(oneUse(blend.formula.container, blend, evaluate(blend).mixture));
  expect(use.act).toBe('piece');
  expect(use.uses).toEqual([1, 1]);
  expect(use.oilMl[0]).toBeCloseTo(0.1, 6);
});

test('one drop moves a small bottle much: 0.05 ml in 9.5 ml', () => {
  const { formula } = blendOf({
    oils: { lavender: 2, 'sandalwood-east-indian': 1 },
    dropMl: { 'sandalwood-east-indian': { low: 0.041, likely: 0.042, high: 0.043 } },
  });
  const moved = known(oneDropPercent(formula));
  expect(moved.most).toBeCloseTo(0.5263, 4);
  expect(moved.least).toBeCloseTo((100 * 0.042) / 9.5, 4);
  expect(oneDropPercent({ ...formula, oils: [] })).toBeNull();
  expect(dropPercent(20, formula.container)).toBeCloseTo(0.5263, 4);
});

test('three presses a use are three times one, and the bottle lasts a third as long', () => {
  const blend = { ...blendOf({ oils: { lavender: ml(0.8) }, container: 'pump-100' }), useCount: 3 };
  expect(oneUse(blend.formula.container, blend, evaluate(blend).mixture)).toMatchObject({
    act: 'press',
    count: 3,
    ml: [1.5, 6],
    // 80 ml in sixes and in one and a halves.
    uses: [13, 53],
  });
});

test('a dropper gives drops: five of 0.03 to 0.067 ml', () => {
  const blend = {
    ...blendOf({ oils: { lavender: ml(0.1) }, container: 'dropper-30' }),
    useCount: 5,
  };
  const use = oneUse(blend.formula.container, blend, evaluate(blend).mixture);
  expect(use).toMatchObject({ act: 'drop', count: 5 });
  expect(use?.ml[1]).toBeCloseTo(5 * 0.067, 2);
});
