import { expect, test } from 'vitest';
import { ageInMonths, pregnancyWeek, wearerOn, type Person } from './person';

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
    breastfeeding: false,
    conditions: [],
    allergies: [],
    skin: 'normal' as const,
  };
  expect(wearerOn(person, '2026-11-25')).toMatchObject({ name: 'Pip', ageMonths: 71 });
  expect(wearerOn(person, '2026-12-25').ageMonths).toBe(72);
  expect(wearerOn(person, '2026-12-25')).not.toHaveProperty('born');
});

const saskia: Person = {
  name: 'Saskia',
  born: '1995-06',
  pregnant: true,
  breastfeeding: false,
  conditions: [],
  allergies: ['tree nut'],
  skin: 'normal',
  pregnancy: { week: 24, on: '2026-11-25' },
};

test('weeks of a pregnancy move on by the calendar, and with them the third', () => {
  expect(pregnancyWeek(saskia, '2026-11-25')).toBe(24);
  expect(pregnancyWeek(saskia, '2026-12-02')).toBe(25);
  expect(wearerOn(saskia, '2026-12-22').trimester).toBe(2);
  expect(wearerOn(saskia, '2026-12-23').trimester).toBe(3);
});

test('weeks that have run out say nothing any more: the careful first third counts', () => {
  expect(pregnancyWeek(saskia, '2027-04-07')).toBeNull();
  expect(wearerOn(saskia, '2027-04-07').trimester).toBeUndefined();
});

test('a past reaction is an allergy from then on; consent stays with the person', () => {
  const wearer = wearerOn(
    {
      ...saskia,
      reactions: [{ materialId: 'tea-tree', on: '2026-10-01', what: 'red' }],
      consent: 'yes',
    },
    '2026-11-25',
  );
  expect(wearer.allergies).toEqual(['tree nut', 'tea-tree']);
  expect(Object.keys(wearer)).not.toContain('consent');
});

test('a suspected reaction is no allergy until it was tested alone; an allergy is one for good', () => {
  const wearer = wearerOn(
    {
      name: 'Ines',
      born: '1985-06',
      pregnant: false,
      breastfeeding: false,
      conditions: [],
      allergies: [],
      skin: 'normal',
      reactions: [
        { materialId: 'lavender', on: '2026-05-01', what: 'itched', suspected: true },
        { materialId: 'tea-tree', on: '2026-05-01', what: 'itched', suspected: true },
        { materialId: 'tea-tree', on: '2026-06-01', what: 'itched again, alone' },
      ],
    },
    '2026-11-25',
  );
  expect(wearer.allergies).toEqual(['tea-tree']);
  expect(wearer.suspected).toEqual(['lavender']);
});
