import type { Content, Oil } from '../catalog';
import type { Range } from '../quantity';

/** Added up once for each oil and cap, and kept as long as the oil is. */
const found = new WeakMap<object, Map<readonly string[], Range>>();

const none: Range = { low: 0, likely: 0, high: 0 };

/**
 * What an oil holds of the constituents of a shared cap, in percent of the oil: low,
 * typical and high content, members added up, 100 at most. None where its chemistry
 * is not known: that is reported by a finding of its own.
 */
export const contentOf = (
  oil: Pick<Oil, 'counted'>,
  limit: { readonly members: readonly string[] },
): Range => {
  if (!oil.counted) return none;
  const known = found.get(oil.counted) ?? new Map<readonly string[], Range>();
  found.set(oil.counted, known);
  const before = known.get(limit.members);
  if (before) return before;
  const content = addedUp(oil.counted.constituents, limit.members);
  known.set(limit.members, content);
  return content;
};

const addedUp = (constituents: readonly Content[], members: readonly string[]): Range => {
  let sum: { low: number; likely: number; high: number } | null = null;
  for (const [name, low, typical, high] of constituents) {
    if (!members.includes(name)) continue;
    sum ??= { low: 0, likely: 0, high: 0 };
    sum.low += low;
    sum.likely += typical;
    sum.high += high;
  }
  return sum === null
    ? none
    : {
        low: Math.min(100, sum.low),
        likely: Math.min(100, sum.likely),
        high: Math.min(100, sum.high),
      };
};
