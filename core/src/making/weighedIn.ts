import { fillMl } from '../catalog';
import { measured, mix, type Formula, type OilMeasure } from '../mixture';
import type { BenchMeasure } from './event';
import { mostInIt } from './inFormula';
import { containerOfStep } from './stepsOf';
import type { Step } from './steps/registry';
import type { Tally } from './tally';

/** Bases of a container as they were measured, or are asked for again; by id of the base. */
const basesTold = (steps: readonly Step[], tally: Tally): ReadonlyMap<string, BenchMeasure> =>
  new Map(
    steps.flatMap((step) => {
      if (step.kind !== 'weigh') return [];
      const wantedG = tally.wantedG.get(step.id);
      const measured =
        tally.measured.get(step.id) ??
        (wantedG === undefined ? undefined : ({ unit: 'g', value: wantedG } as const));
      return measured ? [[step.baseId, measured] as const] : [];
    }),
  );

/** What was measured of an oil, in place of what was wanted. */
export const oilTold = (
  steps: readonly Step[],
  tally: Tally,
  container: number,
  oilId: string,
): OilMeasure | null => {
  const step = steps.find(
    (entry) => entry.kind === 'measure' && entry.container === container && entry.oilId === oilId,
  );
  const measured = step && tally.measured.get(step.id);
  if (!measured) return null;
  return measured.unit === 'g' ? { by: 'g', g: measured.value } : { by: 'ml', ml: measured.value };
};

/** The carrier of one container as it was measured, in ml; null where nothing was measured. */
const carrierTold = (
  steps: readonly Step[],
  tally: Tally,
  container: number,
): BenchMeasure | null => {
  const step = steps.find(
    (entry) => entry.kind === 'top-up' && containerOfStep(entry) === container,
  );
  return (step && tally.measured.get(step.id)) ?? null;
};

/**
 * A formula with its bases as they were weighed: what is in makes the whole, whatever line was
 * aimed at. What was not weighed yet stays as it was planned.
 *
 * @param formula with the oils as they fell
 */
export const withWeighed = (
  formula: Formula,
  steps: readonly Step[],
  tally: Tally,
  container: number,
): Formula => {
  const weighed = basesTold(steps, tally);
  const carrier = carrierTold(steps, tally, container);
  if (weighed.size === 0 && carrier === null) return formula;
  const line = fillMl(formula.container);
  const { oils, bases } = mix(
    formula.oils.map((entry) =>
      measured(entry, formula.dropsPerMl, entry.measure.by === 'drops' ? entry.measure.drops : 0),
    ),
    formula.bases,
    line,
  );
  const planned = bases.reduce((total, { ml }) => total + ml.likely, 0);
  const density = bases.reduce((total, { g }) => total + g.likely, 0) / (planned || 1);
  // All carriers of a bottle go in mixed: told of them together, each is in its share.
  const factor =
    carrier === null || planned === 0
      ? 1
      : (carrier.unit === 'ml' ? carrier.value : carrier.value / density) / planned;
  const amounts = bases.map(({ base, ml }) => {
    const item = weighed.get(base.id);
    if (item === undefined) return factor * ml.likely;
    return item.unit === 'ml' ? item.value : item.value / base.densityGPerMl;
  });
  const oilMl = oils.reduce((total, { ml }) => total + ml.likely, 0);
  const whole = Math.min(
    oilMl + amounts.reduce((total, ml) => total + ml, 0),
    mostInIt(formula, line),
  );
  // Nothing at all cannot be a share of anything: the plan holds until something is in.
  if (amounts.every((ml) => ml === 0)) return formula;
  return {
    ...formula,
    container: {
      ...formula.container,
      workingFillPercent: (100 * whole) / formula.container.nominalMl,
    },
    bases: formula.bases.map((entry, index) => {
      const { loose, ...rest } = entry;
      const parts = amounts[index] ?? 0;
      return weighed.has(entry.base.id) || !loose ? { ...rest, parts } : { ...rest, loose, parts };
    }),
  };
};
