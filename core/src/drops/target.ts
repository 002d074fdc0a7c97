import { fillMl } from '../catalog';
import { dropOf, essentialShare, measured, type Formula, type FormulaOil } from '../mixture';

/**
 * What a target and parts ask for. Strength is essential oil, so a ready-made blend counts at
 * its share: of one that holds a tenth, ten times as much is asked.
 */
export const askedFrom = (formula: Formula) => {
  const fixed = formula.oils
    .filter(({ measure }) => measure.by !== 'parts')
    .reduce(
      (total, entry) =>
        total + essentialShare(entry.oil) * measured(entry, formula.dropsPerMl, 0).ml.likely,
      0,
    );
  const essentialParts = formula.oils.reduce(
    (total, { oil, measure }) =>
      total + (measure.by === 'parts' ? measure.parts * essentialShare(oil) : 0),
    0,
  );
  const targetMl =
    formula.targetPercent === undefined
      ? null
      : (formula.targetPercent / 100) * fillMl(formula.container);
  const upToMl =
    formula.targetUpToPercent === undefined
      ? null
      : (formula.targetUpToPercent / 100) * fillMl(formula.container);
  const shared = Math.max(0, (targetMl ?? 0) - fixed);
  return {
    /** Essential oil in the fixed amounts, in ml. */
    standing: fixed,
    /** Essential oil that is asked for in all, in ml. */
    targetMl,
    /** The most of it that will do, in ml, where a range is asked for. */
    upToMl,
    /** What is asked for of one oil by parts, in ml of it. */
    askedOf: ({ measure }: FormulaOil): number =>
      measure.by === 'parts' && essentialParts > 0 ? (shared * measure.parts) / essentialParts : 0,
  };
};

/** How many drops a formula asks for in all, counted and by parts; none are looked for. */
export const mostDropsOf = (formula: Formula): number => {
  const { askedOf } = askedFrom(formula);
  const whole = fillMl(formula.container);
  return formula.oils.reduce((total, entry) => {
    if (entry.measure.by === 'drops') return total + entry.measure.drops;
    if (entry.measure.by !== 'parts') return total;
    const wantedMl = Math.min(whole, askedOf(entry));
    return total + Math.ceil(wantedMl / dropOf(entry, formula.dropsPerMl).likely);
  }, 0);
};
