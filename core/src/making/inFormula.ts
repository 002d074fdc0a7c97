import { measured, type Formula, type FormulaOil, type OilMeasure } from '../mixture';
import type { EventOf } from './event';

/** An amount as it was reported at the bench, as the measure of an oil. */
export const measureOf = ({ unit, value }: EventOf<'amended'>['amount']): OilMeasure => {
  switch (unit) {
    case 'drops':
      return { by: 'drops', drops: value };
    case 'ml':
      return { by: 'ml', ml: value };
    case 'g':
      return { by: 'g', g: value };
  }
};

/** Two measures of one oil as one, so that no limit is passed by half and half. */
export const joined = (
  formulaOil: FormulaOil,
  more: OilMeasure,
  dropsPerMl: number,
): OilMeasure => {
  if (formulaOil.measure.by === 'drops' && more.by === 'drops') {
    return { by: 'drops', drops: formulaOil.measure.drops + more.drops };
  }
  const ml = (measure: OilMeasure): number =>
    measured({ ...formulaOil, measure }, dropsPerMl, 0).ml.likely;
  return { by: 'ml', ml: ml(formulaOil.measure) + ml(more) };
};

/** A bottle holds what it holds, whatever is typed; a jug may be as large as it needs to be. */
export const mostInIt = ({ container, into }: Formula, line: number): number =>
  into === undefined
    ? Math.max(line, container.brimfulMl ?? container.nominalMl)
    : Number.POSITIVE_INFINITY;

/** What the oils of a formula take up, in ml on likely drops. */
export const oilsMl = ({ oils, dropsPerMl }: Formula): number =>
  oils.reduce(
    (total, entry) =>
      total +
      measured(entry, dropsPerMl, entry.measure.by === 'drops' ? entry.measure.drops : 0).ml.likely,
    0,
  );
