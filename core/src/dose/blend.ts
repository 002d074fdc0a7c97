import type { SettledBases } from '../blend/bases';
import type { Filling } from '../blend/fillings';
import type { Formula } from '../blend/formula';
import type { Brief } from '../brief/brief';
import type { School } from '../limits/question';

/** A blend as it is worked out: what is asked, what goes in, by which school. */
export interface Blend {
  readonly name: string;
  /** What it is for, in the maker's words; may be empty. */
  readonly purpose: string;
  readonly brief: Brief;
  readonly school: School;
  /** How many times the formula is mixed, 1 or more: once where all is mixed in one jug. */
  readonly count: number;
  /** What is mixed at once. */
  readonly formula: Formula;
  /** Into what it goes. */
  readonly fillings: readonly Filling[];
  /** True where it is mixed in one jug or pan, and poured. */
  readonly inOne: boolean;
  /** What stays in the jug, the pan and the pipette, in percent of what is filled. */
  readonly lossPercent: number;
  /** What whipping adds to the volume, in percent; 0 where it is not whipped. */
  readonly gainPercent: number;
  /** What dry matter makes of it; null without any. */
  readonly grain: SettledBases['grain'];
  /** What one use takes, in ml, where the maker has measured it. */
  readonly useMl?: number;
}
