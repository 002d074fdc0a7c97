/**
 * The next batch number of a year: year and serial, `2026-017`. Numbers of other
 * years, or of another form, do not count. A maker's own prefix comes before the year. Past 999 the serial grows a digit.
 *
 * @param last the highest serial ever given in this year, where it is known: a number that was
 *   on a label never comes again, whatever was deleted since
 */
export const nextBatchNumber = (
  year: number,
  taken: Iterable<string>,
  prefix = '',
  last = 0,
): string => {
  let highest = last;
  for (const number of taken) highest = Math.max(highest, serialOf(number, year, prefix));
  return `${prefix}${year}-${String(highest + 1).padStart(3, '0')}`;
};

/**
 * The serial of a batch number of a year and a prefix; 0 where it is of another form, or has
 * more digits than anybody makes batches.
 */
export const serialOf = (number: string, year: number, prefix = ''): number => {
  if (!number.startsWith(prefix)) return 0;
  const match = /^(\d{4})-(\d{3,7})$/.exec(number.slice(prefix.length));
  return match && Number(match[1]) === year ? Number(match[2]) : 0;
};
