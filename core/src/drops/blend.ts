import { fillMl, type Catalog } from '../catalog';
import type { Asked } from '../limits';
import type { SettledBases, Filling, Formula, Mixture, PreDiluted } from '../mixture';
import type { Brief } from '../brief';
import type { Guideline } from '../recipe';

/** A blend as it is worked out: what is asked, what goes in, by which guideline. */
export interface Blend {
  /** The materials with which it was worked out: names and allergies are looked up there. */
  readonly catalog: Catalog;
  readonly name: string;
  /** What it is for, in the maker's words; may be empty. */
  readonly purpose: string;
  readonly brief: Brief;
  readonly guideline: Guideline;
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
  /** How many presses, sprays, drops or fingertips that is; one where absent. */
  readonly useCount?: number;
  /** What of it is mixed with carrier first. */
  readonly preDilutions?: readonly PreDiluted[];
  /** What nobody has understood of the recipe it was read from. */
  readonly notUnderstood?: readonly string[];
}

/** Of a blend, what the rules are asked with. */
export type Judged = Pick<
  Blend,
  | 'catalog'
  | 'formula'
  | 'brief'
  | 'guideline'
  | 'name'
  | 'purpose'
  | 'useMl'
  | 'fillings'
  | 'notUnderstood'
>;

/** What the rules are asked of a blend, of what is really in it. */
export const judgedAs = (
  { catalog, formula, brief, guideline, name, purpose, useMl, fillings, notUnderstood }: Judged,
  mixture: Mixture,
): Asked => ({
  catalog,
  mixture,
  brief,
  guideline,
  by: formula.by,
  containers: formula.into ?? [formula.container.kind],
  named: `${name} ${purpose}`,
  useMl: useMl ?? null,
  notUnderstood: notUnderstood ?? [],
  eachMl: Math.min(
    mixture.fillMl,
    Math.max(0, ...fillings.map(({ container }) => fillMl(container))) || mixture.fillMl,
  ),
});
