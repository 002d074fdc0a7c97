import type { FormulaOil, OilMeasure } from './mixture';
import type { Brief, Wearer } from './brief';
import { usualContainer, shippedCatalog, type Carrier, type Catalog, type Oil } from './catalog';
import type { Blend } from './drops';

// Makes blends for tests out of the few things that a test is about.

/** A value that this test knows to be there. */
export const known = <T>(value: T | null | undefined): T => {
  if (value === null || value === undefined) throw new Error('not known');
  return value;
};

const found = <T>(thing: T | undefined, id: string): T => {
  if (thing === undefined) throw new Error(`the library has no ${id}`);
  return thing;
};

export const oilOf = (id: string, catalog: Catalog = shippedCatalog): Oil =>
  found(catalog.oil(id), id);
export const baseOf = (id: string): Carrier => found(shippedCatalog.base(id), id);

/** A healthy woman of 41. */
const adult: Wearer = {
  ageMonths: 492,
  pregnant: false,
  breastfeeding: false,
  conditions: [],
  allergies: [],
  skin: 'normal',
};

interface Asked {
  readonly oils: Record<string, OilMeasure | number>;
  readonly wearer?: Partial<Wearer> | 'anyone';
  readonly brief?: Partial<Omit<Brief, 'wearer'>>;
  readonly container?: string;
  readonly target?: number;
  readonly bases?: Record<string, number>;
  readonly guideline?: Blend['guideline'];
  readonly dropsPerMl?: Blend['formula']['dropsPerMl'];
  readonly dropMl?: Record<string, FormulaOil['dropMl']>;
  /** Of a house with materials of its own. */
  readonly catalog?: Catalog;
}

/** A blend in a 10 ml roll-on with jojoba for the wrists of an adult, unless asked otherwise. */
export const blendOf = (asked: Asked): Blend => ({
  catalog: asked.catalog ?? shippedCatalog,
  name: 'Test',
  purpose: '',
  count: 1,
  fillings: [
    { container: found(usualContainer(asked.container ?? 'roll-on-10'), 'vessel'), count: 1 },
  ],
  inOne: false,
  lossPercent: 0,
  gainPercent: 0,
  grain: null,
  guideline: asked.guideline ?? 'clinical',
  brief: {
    wearer: asked.wearer === 'anyone' ? 'anyone' : { ...adult, ...asked.wearer },
    place: 'pulse-points',
    use: 'leave-on',
    sun: 'exposed',
    forSale: false,
    asked: [],
    timesPerDay: null,
    ...asked.brief,
  },
  formula: {
    container: found(usualContainer(asked.container ?? 'roll-on-10'), 'vessel'),
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

export const parts = (count: number): OilMeasure => ({ by: 'parts', parts: count });
export const drops = (count: number): OilMeasure => ({ by: 'drops', drops: count });
export const ml = (amount: number): OilMeasure => ({ by: 'ml', ml: amount });
export const g = (amount: number): OilMeasure => ({ by: 'g', g: amount });
