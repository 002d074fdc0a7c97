/**
 * The next batch number of a year: year and serial, `2026-017`. Numbers of other
 * years, or of another form, do not count. A maker's own prefix stands before the year. Past 999 the serial grows a digit.
 */
export const nextBatchNumber = (year: number, taken: Iterable<string>, prefix = ''): string => {
  let last = 0;
  for (const number of taken) {
    if (!number.startsWith(prefix)) continue;
    const match = /^(\d{4})-(\d{3,})$/.exec(number.slice(prefix.length));
    if (match && Number(match[1]) === year) last = Math.max(last, Number(match[2]));
  }
  return `${prefix}${year}-${String(last + 1).padStart(3, '0')}`;
};
