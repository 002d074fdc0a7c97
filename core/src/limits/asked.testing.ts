import type { Brief, Wearer } from '../brief';
import { shippedCatalog, usualContainer, type Catalog } from '../catalog';
import { baseOf, known, oilOf } from '../catalog/known.testing';
import type { Formula, FormulaOil, OilMeasure } from '../mixture';
import type { Guideline } from '../recipe';
import { healthyAdult } from '../brief/wearer.testing';

/** What a test is about. */
export interface Asked {
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
export interface AskedInFull {
  readonly catalog: Catalog;
  readonly guideline: Guideline;
  readonly brief: Brief;
  readonly formula: Formula;
}

/** Jojoba in a 10 ml roll-on for the wrists of a healthy adult, unless asked otherwise. */
export const askedFor = (asked: Asked): AskedInFull => ({
  catalog: asked.catalog ?? shippedCatalog,
  guideline: asked.guideline ?? 'clinical',
  brief: {
    wearer: asked.wearer === 'anyone' ? 'anyone' : { ...healthyAdult, ...asked.wearer },
    place: 'pulse-points',
    use: 'leave-on',
    sun: 'exposed',
    forSale: false,
    asked: [],
    timesPerDay: null,
    ...asked.brief,
  },
  formula: {
    container: known(usualContainer(asked.container ?? 'roll-on-10')),
    by: 'volume',
    dropsPerMl: asked.dropsPerMl ?? 20,
    ...(asked.target === undefined ? {} : { targetPercent: asked.target }),
    oils: Object.entries(asked.oils).map(([id, measure]) => {
      const dropMl = asked.dropMl?.[id];
      return {
        oil: oilOf(id, asked.catalog),
        measure: typeof measure === 'number' ? { by: 'drops', drops: measure } : measure,
        ...(dropMl ? { dropMl } : {}),
      };
    }),
    bases: Object.entries(asked.bases ?? { jojoba: 1 }).map(([id, parts]) => ({
      base: baseOf(id),
      parts,
    })),
  },
});
