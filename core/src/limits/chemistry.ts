import { chemistryCautions, type ChemistryCaution, type Oil } from '../catalog';
import { contentOf } from './contents';

const found = new WeakMap<object, Map<string, readonly ChemistryCaution[]>>();

const { cautions, exempt } = chemistryCautions;

/** Lists that stay the same, so that what an oil holds of them is added up once. */
const counted = cautions.map(({ constituents }) => ({ members: constituents }));

const isExempt = (id: string, { constituents }: ChemistryCaution): boolean =>
  constituents.every((name) => exempt[name]?.includes(id) ?? false);

/** The cautions that follow what is in an oil, by typical content; none where that is not known. */
export const chemistryOfOil = (oil: Oil): readonly ChemistryCaution[] => {
  if (!oil.counted) return [];
  const byId = found.get(oil.counted) ?? new Map<string, readonly ChemistryCaution[]>();
  found.set(oil.counted, byId);
  const before = byId.get(oil.id);
  if (before) return before;
  const held = cautions.filter(
    (caution, index) =>
      !isExempt(oil.id, caution) &&
      contentOf(oil, counted[index] ?? { members: [] }).likely >= caution.fromPercentOfOil - 1e-9,
  );
  byId.set(oil.id, held);
  return held;
};

/** Who says so: a published caution, or our careful reading of one. */
export const chemistrySource = ({ basis }: ChemistryCaution): string =>
  basis === 'published' ? 'EOS2' : 'EOS2; our careful reading';
