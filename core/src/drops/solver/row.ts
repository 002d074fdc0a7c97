/** `sum(per[i] x drops[i]) <= limit`: how much of something each drop uses, and how much there is. */
export interface Row {
  readonly per: readonly number[];
  readonly limit: number;
}

/** The dust of floating point, in any unit. */
export const slack = 1e-9;

/** What drops use of a row. */
export const usedOf = ({ per }: Row, drops: readonly number[]): number => {
  let used = 0;
  for (let i = 0; i < per.length; i += 1) used += (per[i] ?? 0) * (drops[i] ?? 0);
  return used;
};

/** True where drops keep every row. */
export const keepsAll = (rows: readonly Row[], drops: readonly number[]): boolean =>
  rows.every((row) => usedOf(row, drops) <= row.limit + slack);

/**
 * Where all drops are of one size, a row also says how many drops there can be:
 * a whole number, which makes the bound of the search tight.
 *
 * @param least the fewest drops of each oil
 * @param most the most drops of each oil
 */
export const countRows = (
  rows: readonly Row[],
  least: readonly number[],
  most: readonly number[],
): Row[] =>
  rows.flatMap((row) => {
    if (row.per.some((use) => use < 0)) return [];
    const counted = row.per.map((use) => use > 1e-12);
    if (!counted.some(Boolean)) return [];
    let left = row.limit;
    let count = 0;
    const lightest: { use: number; room: number }[] = [];
    row.per.forEach((use, i) => {
      if (!counted[i]) return;
      const lowest = least[i] ?? 0;
      left -= lowest * use;
      count += lowest;
      lightest.push({ use, room: (most[i] ?? 0) - lowest });
    });
    lightest.sort((a, b) => a.use - b.use);
    for (const { use, room } of lightest) {
      const fits = Math.max(0, Math.min(room, left / use));
      count += fits;
      left -= fits * use;
    }
    return [{ limit: Math.floor(count + 1e-6), per: counted.map(Number) }];
  });
