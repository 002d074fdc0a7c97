import { expect, test } from 'vitest';
import { giftsWords, hoursWords, planMomentWords, spanWords, withWhatWords } from './planSentence';

const evening = { from: 18 * 60, to: 21 * 60 };

test('hours are said by days that go together', () => {
  expect(hoursWords(null)).toBe('at any time');
  expect(hoursWords([{ day: 5, from: 600, to: 960 }])).toBe('on Saturday from 10:00 to 16:00');
  expect(
    hoursWords([
      ...[0, 1, 2, 3, 4].map((day) => ({ day, ...evening })),
      { day: 5, from: 600, to: 960 },
    ]),
  ).toBe('on Monday to Friday from 18:00 to 21:00 and Saturday from 10:00 to 16:00');
  expect(
    hoursWords([
      { day: 6, ...evening },
      { day: 5, ...evening },
      { day: 2, ...evening },
    ]),
  ).toBe('on Wednesday, Saturday and Sunday from 18:00 to 21:00');
});

test('a moment of a plan names its day of the week', () => {
  // 12 December 2026 is a Saturday.
  expect(planMomentWords('2026-12-12T18:00')).toBe('Saturday 12 December, 18:00');
});

test('spans are days, hours and minutes, without what is none', () => {
  expect(['0 min', '35 min', '1 h 40 min', '2 days 1 h', '1 day'].map(String)).toEqual(
    [0, 35, 100, 2940, 1440].map(spanWords),
  );
});

test('a sentence of one is no sentence of several', () => {
  expect(withWhatWords({ hands: 1, pans: 1, fridges: 1 })).toBe('one pair of hands and one pan');
  expect(withWhatWords({ hands: 2, pans: 7, fridges: 2 })).toBe(
    'two pairs of hands, 7 pans and two fridges',
  );
  expect(giftsWords([{ id: 'a', blendId: 'x', pieces: 1, patchTest: false }])).toBe(
    '1 gift of 1 blend',
  );
});
