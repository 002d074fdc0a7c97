import type { Oil } from '../catalog';
import { densityOf, essentialShare, type SettledBases } from '../mixture';
import { valueIn, type By, type RecipeOil } from '../recipe';

/** Essential oil in a ml of what the parts come to: less than all where one is ready-made. */
export const shareOfParts = (oils: readonly Oil[], entries: readonly RecipeOil[]): number => {
  let essential = 0;
  let parts = 0;
  for (const [index, { amount }] of entries.entries()) {
    const oil = oils[index];
    const part = valueIn(amount, 'parts') ?? 0;
    essential += part * (oil ? essentialShare(oil) : 1);
    parts += part;
  }
  return parts > 0 ? essential / parts : 1;
};

/** Mean density of the oils by parts, weighed by them; null where none is by parts. */
export const meanOfParts = (oils: readonly Oil[], entries: readonly RecipeOil[]): number | null => {
  let total = 0;
  let parts = 0;
  for (const [index, { amount }] of entries.entries()) {
    const part = valueIn(amount, 'parts');
    const oil = oils[index];
    if (part === undefined || !oil) continue;
    total += part * densityOf(oil).likely;
    parts += part;
  }
  return parts > 0 ? total / parts : null;
};

/**
 * The share of the whole that the essential oil in the first oils makes up, 0 to 1, by what the
 * blend is measured by.
 *
 * @param densities of all oils, in g/ml
 * @param essential how much of each of the first oils is essential oil, 0 to 1
 */
export const shareOfOils = (
  { oilMl, bases }: SettledBases,
  densities: readonly (number | null)[],
  essential: readonly number[],
  by: By,
): number => {
  const basesMl = bases.reduce((total, { ml }) => total + ml, 0);
  const basesG = bases.reduce((total, { base, ml }) => total + ml * base.densityGPerMl, 0);
  const sizes = oilMl.map((ml, at) =>
    by === 'weight' ? ml * (densities[at] ?? basesG / basesMl) : ml,
  );
  const whole = sizes.reduce((total, size) => total + size, by === 'weight' ? basesG : basesMl);
  return essential.reduce((total, share, at) => total + share * (sizes[at] ?? 0), 0) / whole;
};
