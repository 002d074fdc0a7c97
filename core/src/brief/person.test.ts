import { expect, test } from 'vitest';
import { ageInMonths, wearerOn } from './person';

test('age follows the calendar, and the month of birth itself is not yet full', () => {
  expect(ageInMonths('2020-11', '2026-11-30')).toBe(71);
  expect(ageInMonths('2020-11', '2026-12-01')).toBe(72);
  expect(ageInMonths('2026-11', '2026-11-25')).toBe(0);
  expect(ageInMonths('2027-01', '2026-11-25')).toBe(0);
});

test('somebody who was five is six a month later', () => {
  const person = {
    name: 'Pip',
    born: '2020-11',
    pregnant: false,
    nursing: false,
    conditions: [],
    allergies: [],
    skin: 'normal' as const,
  };
  expect(wearerOn(person, '2026-11-25')).toMatchObject({ name: 'Pip', ageMonths: 71 });
  expect(wearerOn(person, '2026-12-25').ageMonths).toBe(72);
  expect(wearerOn(person, '2026-12-25')).not.toHaveProperty('born');
});
