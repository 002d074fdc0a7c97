import type { Day } from '../quantity';

const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A day as it is on a label: `25 Nov 2026`, so that no country reads it otherwise. */
export const dayWords = (day: Day): string => {
  const [year, month, date] = day.split('-').map(Number);
  return `${date} ${months[(month ?? 1) - 1]} ${year}`;
};
