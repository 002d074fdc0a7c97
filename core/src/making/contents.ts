import { fillMl } from '../catalog';
import type { Blend } from '../drops';
import type { Formula } from '../mixture';
import { withAmended } from './amended';
import { asCounted } from './asCounted';
import type { BenchMeasure } from './event';
import { mostInIt, oilsMl } from './inFormula';
import { alsoIn, addedMl, withAdded } from './somethingElse';
import { containerAt } from './container';
import type { Step } from './steps/registry';
import { countedDrops, foretoldDrops, type Tally } from './tally';
import { oilTold } from './oilTold';

/** What is in a container by now, or what will be when the rest goes in as asked. */
export type Moment = 'now' | 'then';

/** What is in a container: its formula, of which the whole is what went in. */
export interface Contents {
  readonly formula: Formula;
  /** All of it, in ml on likely drops; 0 where nothing is in it. */
  readonly ml: number;
}

/** The oils of a container at a moment: as they fell, and those that still go in as they are asked. */
const withOils = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  container: number,
  moment: Moment,
): Formula => {
  const isIn = (step: Step): boolean => moment === 'then' || tally.done.has(step.id);
  const measuredIds = new Set(
    steps.flatMap((step) =>
      step.kind === 'measure' && step.container === container && isIn(step) ? [step.oilId] : [],
    ),
  );
  const drops = (moment === 'now' ? countedDrops : foretoldDrops)(steps, tally, container);
  return {
    ...asCounted(blend.formula, drops, measuredIds, (id) => oilTold(steps, tally, container, id)),
    container: containerAt(blend, tally, container),
  };
};

/** A base of the recipe with how much of it is in, in ml. */
type BaseIn = Formula['bases'][number] & { readonly ml: number };

const mlOf = ({ unit, value }: BenchMeasure, densityGPerMl: number): number =>
  unit === 'ml' ? value : value / densityGPerMl;

/** Bases as they top up to a line beside so many ml of other things, each in its share. */
const toppedUp = ({ bases }: Formula, freeMl: number): readonly BaseIn[] => {
  const parts = bases.reduce((total, entry) => total + entry.parts, 0);
  return bases.map((entry) => ({
    ...entry,
    ml: parts > 0 ? (Math.max(0, freeMl) * entry.parts) / parts : 0,
  }));
};

/**
 * The carriers of a container that is topped up to its line. What was measured is what was measured.
 * Else it is what the step asked for when it was done: from then on what is added makes the whole
 * more. Before it is poured it gives way to what else went in.
 */
const carriersIn = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  container: number,
  moment: Moment,
): readonly BaseIn[] => {
  const step = steps.find((entry) => entry.kind === 'top-up' && entry.container === container);
  const poured = step && tally.poured.get(step.id);
  const then = poured ? { ...tally, ...poured } : tally;
  const asked = withOils(blend, steps, then, container, 'then');
  const before = alsoIn(tally, container).filter(({ seq }) => !poured || seq < poured.seq);
  const line = fillMl(asked.container);
  const free = line - oilsMl(asked) - addedMl(blend.catalog, asked, before);
  const planned = toppedUp(asked, free);
  const told = step && tally.measured.get(step.id);
  if (told) {
    const all = toppedUp(asked, 1);
    const density = all.reduce((total, { base, ml }) => total + base.densityGPerMl * ml, 0);
    // More than up to the brim is in no bottle: what is typed so thins nothing.
    const most = mostInIt(asked, line) - (line - free);
    return toppedUp(asked, Math.min(mlOf(told, density), Math.max(0, most)));
  }
  const isIn = moment === 'then' || poured !== undefined || (step && tally.done.has(step.id));
  return isIn ? planned : planned.map((entry) => ({ ...entry, ml: 0 }));
};

/** The bases of what is mixed in one: as each was weighed, or as it was asked for once its step is done. */
const weighedIn = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  moment: Moment,
): readonly BaseIn[] => {
  const asked = withOils(blend, steps, tally, 0, 'then');
  const planned = toppedUp(asked, fillMl(asked.container) - oilsMl(asked));
  return planned.map((entry): BaseIn => {
    const step = steps.find((one) => one.kind === 'weigh' && one.baseId === entry.base.id);
    const told = step && tally.measured.get(step.id);
    const { loose, ...rest } = entry;
    if (told) return { ...rest, ml: mlOf(told, entry.base.densityGPerMl) };
    if (moment === 'now' && (!step || !tally.done.has(step.id))) return { ...rest, ml: 0 };
    const wantedG = step && tally.wantedG.get(step.id);
    return wantedG === undefined ? entry : { ...rest, ml: wantedG / entry.base.densityGPerMl };
  });
};

/** A formula of which the whole is what is in it. */
const filledWith = (formula: Formula, bases: readonly BaseIn[]): Contents => {
  const ml = oilsMl(formula) + bases.reduce((total, entry) => total + entry.ml, 0);
  return {
    ml,
    formula: {
      ...formula,
      container: {
        ...formula.container,
        workingFillPercent: (100 * ml) / formula.container.nominalMl,
      },
      bases: bases.map(({ ml: parts, ...entry }) => ({ ...entry, parts })),
    },
  };
};

/**
 * What a container holds: what was counted, measured and confirmed, and nothing that was not. What
 * was measured stays as it was measured, and what was added adds.
 */
export const contentsAt = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  container: number,
  moment: Moment,
): Contents => {
  const bases = blend.inOne
    ? weighedIn(blend, steps, tally, moment)
    : carriersIn(blend, steps, tally, container, moment);
  const oils = withOils(blend, steps, tally, container, moment);
  const { formula } = filledWith(oils, bases);
  const added = withAdded(blend.catalog, formula, alsoIn(tally, container));
  const whole = withAmended(
    blend.catalog,
    added,
    tally.amended.filter((amendment) => amendment.container === container),
  );
  const ml = fillMl(whole.container);
  // Of nothing there are no shares: it is as it was planned, and told apart by its volume.
  return ml > 0 ? { formula: whole, ml } : { formula: oils, ml: 0 };
};
