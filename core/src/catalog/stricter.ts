import { unique } from '../quantity';
import type { Content, Oil } from './schema';

// Two oils as one that is held to the stricter of both.

const levels = ['avoid', 'not known', 'caution', 'ok'] as const;

const worse = <T extends (typeof levels)[number]>(a: T, b: T): T =>
  levels.indexOf(a) <= levels.indexOf(b) ? a : b;

const lower = (a: number | null, b: number | null): number | null =>
  a === null ? b : b === null ? a : Math.min(a, b);

/** For each constituent the more of both. */
const moreOf = (a: readonly Content[], b: readonly Content[]): Content[] => {
  const found = new Map(a.map((content) => [content[0], content]));
  for (const [name, low, typical, high] of b) {
    const [, ...before] = found.get(name) ?? [name, 0, 0, 0];
    found.set(name, [
      name,
      Math.max(before[0], low),
      Math.max(before[1], typical),
      Math.max(before[2], high),
    ]);
  }
  return [...found.values()];
};

const countedTogether = (a: Oil['counted'], b: Oil['counted']): Oil['counted'] => {
  if (!a && !b) return null;
  const known = { confidence: (a ?? b)?.confidence ?? 'none' };
  const constituents = moreOf(a?.constituents ?? [], b?.constituents ?? []);
  // What is not known of one of them stays not known.
  return !a || a.isPartial
    ? { ...known, constituents, isPartial: true }
    : { ...known, constituents };
};

/**
 * An oil held to another as well: the lower figure, the earlier warning, the more of each
 * constituent. What is not known of it stays so.
 */
export const heldTo = (oil: Oil, other: Oil): Oil => {
  const isLower =
    other.dermalMaximum.percent !== null &&
    (oil.dermalMaximum.percent === null || other.dermalMaximum.percent < oil.dermalMaximum.percent);
  return {
    ...oil,
    dermalMaximum: isLower ? other.dermalMaximum : oil.dermalMaximum,
    phototoxicLimitPercent: lower(oil.phototoxicLimitPercent, other.phototoxicLimitPercent),
    keepOffSkin: oil.keepOffSkin || other.keepOffSkin,
    notForHomeBlending: oil.notForHomeBlending ?? other.notForHomeBlending,
    ...((oil.forbidden ?? other.forbidden) ? { forbidden: oil.forbidden ?? other.forbidden } : {}),
    age: unique([...oil.age, ...other.age], ({ what, belowMonths }) => `${what} ${belowMonths}`),
    pregnancy: worse(oil.pregnancy, other.pregnancy),
    breastfeeding: worse(oil.breastfeeding, other.breastfeeding),
    conditions: [
      ...oil.conditions,
      ...other.conditions.filter(
        ({ condition, what }) =>
          !oil.conditions.some((one) => one.condition === condition && one.what === what),
      ),
    ],
    allergens: [
      ...oil.allergens,
      ...other.allergens.filter(
        ({ family }) => !oil.allergens.some((one) => one.family === family),
      ),
    ],
    oxidation:
      (['high', 'medium', 'low'] as const).find((one) =>
        [oil.oxidation, other.oxidation].includes(one),
      ) ?? oil.oxidation,
    genus: oil.genus ?? other.genus,
    family: oil.family ?? other.family,
    counted: countedTogether(oil.counted, other.counted),
    own: {
      ...(oil.own ?? { material: false, figures: [] }),
      heldTo: unique([...(oil.own?.heldTo ?? []), other.id]),
      figures: [
        ...(oil.own?.figures ?? []),
        ...(isLower
          ? [
              {
                figure: 'maximum' as const,
                value: other.dermalMaximum.percent,
                original: null,
                source: 'EOS2',
              },
            ]
          : []),
      ],
    },
  };
};
