import type { SumLimit, SumsOf } from './sumLimit';
import { rules } from './registry';

/** Every maximum that is a sum, for these oils on this wearer, as the rules state them. */
export const sumLimits: SumsOf = (oils, brief, guideline): readonly SumLimit[] =>
  rules.flatMap(({ sums }) => sums?.(oils, brief, guideline) ?? []);
