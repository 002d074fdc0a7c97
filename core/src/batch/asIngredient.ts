import type { OwnMaterial } from '../catalog';
import { mixtureSeen } from '../limits';
import { type Day, dayMs } from '../quantity';
import type { Made } from './made';

type ReadyMade = Extract<OwnMaterial, { kind: 'ready-made' }>;

/** Days in a year, leap years and all. */
const daysInYear = 365.25;

/** What arithmetic in floating point may be off by, in ml: no oil is less. */
const roundingMl = 1e-6;

/**
 * What a batch came to, as something that can go into another blend: it counts as the oils and
 * carriers that are in it, with its date and the lots that they came from. Null of a batch with
 * nothing in it, or with no essential oil.
 *
 * @param id for the material, `own-…`
 */
export const asIngredient = (
  { blend, containers }: Made,
  batch: { readonly number: string; readonly madeOn: Day; readonly bestBefore: Day },
  id: string,
): ReadyMade | null => {
  const first = containers.find(({ isEmpty }) => !isEmpty);
  if (!first) return null;
  const { mixture: poured } = first.evaluation;
  const { oils, bases } = mixtureSeen(poured);
  const inIt = oils.filter(({ ml }) => ml.likely > roundingMl);
  const carriers = bases.filter(({ ml }) => ml.likely > roundingMl);
  const percent = poured.strength.byVolume.likely;
  if (inIt.length === 0 || percent <= 0) return null;
  const days = (Date.parse(batch.bestBefore) - Date.parse(batch.madeOn)) / dayMs;
  return {
    kind: 'ready-made',
    id,
    name: `${blend.name || 'A blend'}, batch ${batch.number}`.slice(0, 120),
    botanical: '',
    densityGPerMl: Math.round((1000 * poured.totalG.likely) / poured.fillMl) / 1000,
    shelfYears: Math.max(0.05, Math.round((100 * days) / daysInYear) / 100),
    note: 'middle',
    viscosity: 'medium',
    source: `batch ${batch.number}`,
    essentialPercent: Math.min(100, percent),
    parts: inIt.map(({ oil, ml }) => ({ id: oil.id, parts: ml.likely })),
    carriers: carriers.map(({ base, ml }) => ({ id: base.id, parts: ml.likely })),
    batch: {
      number: batch.number,
      madeOn: batch.madeOn,
      bestBefore: batch.bestBefore,
      lots: [
        ...inIt.map(({ oil, bottle }) => ({ id: oil.id, lot: bottle?.lot ?? '' })),
        ...carriers.map(({ base, bottle }) => ({ id: base.id, lot: bottle?.lot ?? '' })),
      ].filter(({ lot }) => lot !== ''),
    },
  };
};
