/** Worked out when first asked of a list of materials, and kept as long as that is. */
export const once = <K extends object, T>(make: (of: K) => T): ((of: K) => T) => {
  const made = new WeakMap<K, T>();
  return (of) => {
    const before = made.get(of);
    if (before !== undefined) return before;
    const value = make(of);
    made.set(of, value);
    return value;
  };
};
