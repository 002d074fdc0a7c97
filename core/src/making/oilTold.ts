import type { OilMeasure } from '../mixture';
import type { Step } from './steps/registry';
import type { Tally } from './tally';

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
