import { dropsPerMlOf } from '../catalog';
import {
  emptyRecipe,
  type BaseAmount,
  type OilAmount,
  type Recipe,
  type RecipeBase,
  type RecipeOil,
} from '../recipe';
import type { BlendFile1 } from './blendFile1';

const oilAmount = ({ drops, ml, g, parts, percent }: BlendFile1['oils'][number]): OilAmount => {
  if (drops !== undefined) return { unit: 'drops', value: drops };
  if (ml !== undefined) return { unit: 'ml', value: ml };
  if (g !== undefined) return { unit: 'g', value: g };
  if (parts !== undefined) return { unit: 'parts', value: parts };
  return { unit: 'percent', value: percent ?? 0 };
};

const baseAmount = ({ parts, percent, ml, g, loose }: BlendFile1['bases'][number]): BaseAmount => {
  if (loose !== undefined) {
    const { unit: measure, ...rest } = loose;
    return { unit: 'loose', measure, ...rest };
  }
  if (parts !== undefined) return { unit: 'parts', value: parts };
  if (percent !== undefined) return { unit: 'percent', value: percent };
  if (ml !== undefined) return { unit: 'ml', value: ml };
  return { unit: 'g', value: g ?? 0 };
};

const oilOf = (entry: BlendFile1['oils'][number]): RecipeOil => ({
  id: entry.id,
  amount: oilAmount(entry),
  ...(entry.dropMl ? { dropMl: entry.dropMl } : {}),
  ...(entry.bottle ? { bottle: entry.bottle } : {}),
});

const baseOf = (entry: BlendFile1['bases'][number]): RecipeBase => ({
  id: entry.id,
  amount: baseAmount(entry),
  ...(entry.bottle ? { bottle: entry.bottle } : {}),
});

const wearerOf = (wearer: BlendFile1['brief']['wearer']): Recipe['brief']['wearer'] => {
  if (wearer === 'anyone') return wearer;
  const { nursing, ...rest } = wearer;
  return { ...rest, breastfeeding: nursing };
};

/** What a file of version 1 asks for. */
export const fromFile1 = (file: BlendFile1): Recipe => ({
  ...emptyRecipe(),
  name: file.name,
  purpose: file.purpose ?? '',
  notes: file.notes ?? '',
  brief: {
    ...file.brief,
    wearer: wearerOf(file.brief.wearer),
    personId: null,
    asked: [],
    timesPerDay: null,
  },
  containers: [
    { container: file.vessel, count: file.count },
    ...(file.more ?? []).map(({ vessel, count }) => ({ container: vessel, count })),
  ],
  by: file.by ?? 'volume',
  guideline: file.school,
  dropsPerMl: dropsPerMlOf(file.dropSchool),
  target: file.target ?? null,
  oils: file.oils.map(oilOf),
  bases: file.bases.map(baseOf),
  mixedInOne: file.inOne ?? false,
  lossPercent: file.lossPercent ?? 0,
  whipPercent: file.whipPercent ?? null,
  useMl: file.useMl ?? null,
});
