import { expect, test } from 'vitest';
import { blendOf, ml } from '../testing';
import { evaluate } from './evaluate';
import { oneUse } from './oneUse';

const usesOf = (vessel: string) => {
  const blend = blendOf({ oils: { lavender: ml(0.8) }, vessel });
  return oneUse(blend.formula.vessel, blend, evaluate(blend).mixture);
};

test('a press of a pump, what of it is essential oil, and how long the bottle lasts', () => {
  // 0.8 ml in 80 ml is 1 %. A press gives 0.5 to 2 ml: 40 to 160 of them.
  expect(usesOf('pump-100')).toEqual({
    act: 'press',
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
