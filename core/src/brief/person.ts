import type { Wearer } from './wearer';

/** A month of the calendar, `1985-03`. */
export type Month = string;

/** Somebody in the house: a wearer whose age follows the calendar. */
export type Person = Omit<Wearer, 'ageMonths' | 'name'> & {
  readonly name: string;
  readonly born: Month;
};

const monthsOf = (text: string): number => {
  const [year, month] = text.split('-').map(Number);
  return (year ?? 0) * 12 + (month ?? 1) - 1;
};

/**
 * Full months since the month of birth. The day is not known, so the month itself
 * counts as not yet full: the younger age is the careful one.
 *
 * @param day today, `2026-11-25`; before the birth gives 0
 */
export const ageInMonths = (born: Month, day: string): number =>
  Math.max(0, monthsOf(day) - monthsOf(born) - 1);

/** A person as the wearer that they are on this day. */
export const wearerOn = (person: Person, day: string): Wearer => {
  const { born, ...rest } = person;
  return { ...rest, ageMonths: ageInMonths(born, day) };
};
