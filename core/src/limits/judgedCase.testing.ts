import type { Brief, Wearer } from '../brief';
import { shippedCatalog, usualContainer, type Catalog } from '../catalog';
import { baseOf, known, oilOf } from '../catalog/known.testing';
import type { Formula, FormulaOil, OilMeasure } from '../mixture';
import type { Guideline } from '../recipe';
import { healthyAdult } from '../brief/wearer.testing';

/** What a test is about. */
export interface JudgedCase {
  readonly oils: Record<string, OilMeasure | number>;
  readonly wearer?: Partial<Wearer> | 'anyone';
  readonly brief?: Partial<Omit<Brief, 'wearer'>>;
  readonly container?: string;
  readonly target?: number;
  readonly bases?: Record<string, number>;
  readonly guideline?: Guideline;
  /** Its name and what it is for. */
  readonly named?: string;
  readonly dropsPerMl?: Formula['dropsPerMl'];
  readonly dropMl?: Record<string, FormulaOil['dropMl']>;
  /** Of a house with materials of its own. */
  readonly catalog?: Catalog;
}

/** What is asked and what of, in full. */
export interface FullCase {
  readonly catalog: Catalog;
  readonly guideline: Guideline;
  readonly brief: Brief;
  readonly formula: Formula;
}

/** Jojoba in a 10 ml roll-on for the wrists of a healthy adult, unless asked otherwise. */
export const fullCaseOf = (given: JudgedCase): FullCase => ({
  catalog: given.catalog ?? shippedCatalog,
  guideline: given.guideline ?? 'clinical',
  brief: {
    wearer: given.wearer === 'anyone' ? 'anyone' : { ...healthyAdult, ...given.wearer },
    place: 'pulse-points',
    use: 'leave-on',
    sun: 'exposed',
    forSale: false,
    asked: [],
    timesPerDay: null,
    ...given.brief,
  },
  formula: {
    container: known(usualContainer(given.container ?? 'roll-on-10')),
    by: 'volume',
    dropsPerMl: given.dropsPerMl ?? 20,
    ...(given.target === undefined ? {} : { targetPercent: given.target }),
    oils: Object.entries(given.oils).map(([id, measure]) => {
      const dropMl = given.dropMl?.[id];
      return {
        oil: oilOf(id, given.catalog),
        measure: typeof measure === 'number' ? { by: 'drops', drops: measure } : measure,
        ...(dropMl ? { dropMl } : {}),
      };
    }),
    bases: Object.entries(given.bases ?? { jojoba: 1 }).map(([id, parts]) => ({
      base: baseOf(id),
      parts,
    })),
  },
});
