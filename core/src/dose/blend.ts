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
  /** How many vessels, 1 or more. */
  readonly count: number;
  /** What goes into one vessel. */
  readonly formula: Formula;
}
