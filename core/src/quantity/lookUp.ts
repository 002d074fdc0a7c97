/** Of a table of words only what is in it: `constructor` is in none. */
export const lookUp = <T>(table: Readonly<Record<string, T>>, word: string): T | undefined =>
  Object.hasOwn(table, word) ? table[word] : undefined;
