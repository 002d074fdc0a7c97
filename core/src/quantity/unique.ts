/** The items of a list, each once: of two with the same key the later, in the place of the first. */
export const unique = <T>(
  items: readonly T[],
  keyOf: (item: T) => unknown = (item) => item,
): T[] => [...new Map(items.map((item) => [keyOf(item), item])).values()];
