import type { Formula, OilMeasure } from '../mixture';

/**
 * The formula of one container as it really fell: counted drops in place of what was
 * asked. Oils measured in ml or g are as they were measured, or as planned once their step is done.
 *
 * @param counted drops by oil id
 * @param measuredIds oils measured in ml or g that are in already
 * @param measureOf what was measured of an oil; null where nothing was
 */
export const asCounted = (
  formula: Formula,
  counted: ReadonlyMap<string, number>,
  measuredIds: ReadonlySet<string>,
  measureOf: (oilId: string) => OilMeasure | null = () => null,
): Formula => ({
  ...formula,
  oils: formula.oils.map((entry) => {
    const { by } = entry.measure;
    if (by === 'drops' || by === 'parts') {
      return { ...entry, measure: { by: 'drops', drops: counted.get(entry.oil.id) ?? 0 } };
    }
    const measure = measureOf(entry.oil.id);
    if (measure) return { ...entry, measure };
    return measuredIds.has(entry.oil.id) ? entry : { ...entry, measure: { by: 'ml', ml: 0 } };
  }),
});
