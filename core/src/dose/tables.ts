// Rows and domains: what the search, its prices and its start all speak of.

/** Uses of one resource, `use[i][k]`, and how much of it there is. */
export interface Row {
  readonly use: readonly (readonly number[])[];
  readonly limit: number;
}

/** Which choices are open at each place, in rising order. */
export type Domain = readonly (readonly number[])[];

/** The dust of floating point, in any unit. */
export const slack = 1e-9;

/** Entry of a table; nought beyond its ends. */
export const at = (table: readonly (readonly number[])[], i: number, k: number): number =>
  table[i]?.[k] ?? 0;

/** The least that an open choice at a place uses of a row. */
export const leastUse = (row: Row, choices: readonly number[], i: number): number => {
  let least = Infinity;
  for (const k of choices) least = Math.min(least, at(row.use, i, k));
  return least;
};

/** Strikes out choices that break a row even with the least of everything else. */
export const trimmed = (domain: Domain, rows: readonly Row[]): Domain | null => {
  let open = domain;
  for (let changed = true; changed;) {
    changed = false;
    for (const row of rows) {
      const least = open.map((choices, i) => leastUse(row, choices, i));
      const total = least.reduce((sum, use) => sum + use, 0);
      const next = open.map((choices, i) => {
        const others = total - (least[i] ?? 0);
        const kept = choices.filter((k) => others + at(row.use, i, k) <= row.limit + slack);
        return kept.length === choices.length ? choices : kept;
      });
      if (next.some((choices) => choices.length === 0)) return null;
      if (next.some((choices, i) => choices !== open[i])) {
        open = next;
        changed = true;
      }
    }
  }
  return open;
};

/** Rows that some open choice could break; the others need no watching. */
export const watched = (rows: readonly Row[], domain: Domain): Row[] =>
  rows.filter((row) => {
    let most = 0;
    domain.forEach((choices, i) => {
      let peak = -Infinity;
      for (const k of choices) peak = Math.max(peak, at(row.use, i, k));
      most += peak;
    });
    return most > row.limit + slack;
  });

/** What a whole choice uses of each row. */
export const usesOf = (rows: readonly Row[], choice: readonly number[]): number[] =>
  rows.map((row) => choice.reduce((total, k, i) => total + at(row.use, i, k), 0));

/** True where uses keep every row. */
export const keeps = (rows: readonly Row[], uses: readonly number[]): boolean =>
  rows.every((row, r) => (uses[r] ?? 0) <= row.limit + slack);
