import { expect, test } from 'vitest';
import { madeOut } from '../drops/worked.testing';
import { shareChanges } from './shareChanges';

test('what whole drops did to each share of the oils: by hand', () => {
  const drops = (lavender: number, petitgrain: number) =>
    madeOut({
      oils: [
        { id: 'lavender', drops: lavender },
        { id: 'petitgrain', drops: petitgrain },
      ],
    }).evaluation;
  // 2 of 3 drops are 66.7 %, 5 of 8 are 62.5 %.
  expect(shareChanges(drops(2, 1), drops(5, 3))).toEqual([
    { oilId: 'lavender', before: expect.closeTo(66.667, 3), after: expect.closeTo(62.5, 3) },
    { oilId: 'petitgrain', before: expect.closeTo(33.333, 3), after: expect.closeTo(37.5, 3) },
  ]);
});
