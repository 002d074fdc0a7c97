import type { ConstituentLimit, Oil } from '../library/schema';
import type { Range } from '../quantity/range';

const none: Range = { low: 0, likely: 0, high: 0 };

/**
 * What an oil holds of the constituents of a shared cap, in percent of the oil: low,
 * typical and high content, members added up, 100 at most. None where its chemistry
 * is not known: that is told by a finding of its own.
 */
export const contentOf = (
  { capped }: Oil,
  { members }: Pick<ConstituentLimit, 'members'>,
): Range => {
  if (!capped) return none;
  let found: { low: number; likely: number; high: number } | null = null;
  for (const [name, low, typical, high] of capped.constituents) {
    if (!members.includes(name)) continue;
    found ??= { low: 0, likely: 0, high: 0 };
    found.low += low;
    found.likely += typical;
    found.high += high;
  }
  return found === null
    ? none
    : {
        low: Math.min(100, found.low),
        likely: Math.min(100, found.likely),
        high: Math.min(100, found.high),
      };
};
