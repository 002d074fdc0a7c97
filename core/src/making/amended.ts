import { fillMl, type Catalog } from '../catalog';
import { measured, mix, type Formula } from '../mixture';
import type { EventOf } from './event';
import { joined, measureOf, mostInIt, oilsMl } from './inFormula';

type Amended = EventOf<'amended'>;

/** So many ml in all, with so many of each base. */
const filledWith = (
  formula: Formula,
  wholeMl: number,
  bases: readonly (Formula['bases'][number] & { readonly ml: number })[],
): Formula => {
  const most = mostInIt(formula, fillMl(formula.container));
  return {
    ...formula,
    container: {
      ...formula.container,
      workingFillPercent: (100 * Math.min(wholeMl, most)) / formula.container.nominalMl,
    },
    bases: bases.map(({ ml, loose: _, ...entry }) => ({ ...entry, parts: ml })),
  };
};

/**
 * A container with what was added to it after its end: it holds so much more, and what was in it
 * stays. It holds no more than fits, so that nothing is thinned by what went over the rim.
 */
export const withAmended = (
  catalog: Catalog,
  formula: Formula,
  amended: readonly Amended[],
): Formula =>
  amended.reduce((before: Formula, item): Formula => {
    const wholeMl = fillMl(before.container);
    const mixture = mix(
      before.oils.map((entry) =>
        measured(entry, before.dropsPerMl, entry.measure.by === 'drops' ? entry.measure.drops : 0),
      ),
      before.bases,
      wholeMl,
    );
    const bases = before.bases.map((entry, n) => ({
      ...entry,
      ml: mixture.bases[n]?.ml.likely ?? 0,
    }));
    const oil = catalog.oil(item.ingredient);
    if (oil) {
      const measure = measureOf(item.amount);
      const isThere = before.oils.some((entry) => entry.oil.id === oil.id);
      const oils = isThere
        ? before.oils.map((entry) =>
            entry.oil.id === oil.id
              ? { ...entry, measure: joined(entry, measure, before.dropsPerMl) }
              : entry,
          )
        : [...before.oils, { oil, measure }];
      const after = { ...before, oils };
      return filledWith(after, wholeMl + oilsMl(after) - oilsMl(before), bases);
    }
    const base = catalog.base(item.ingredient);
    if (!base) return before;
    const { amount } = item;
    const ml =
      amount.unit === 'g'
        ? amount.value / base.densityGPerMl
        : amount.unit === 'ml'
          ? amount.value
          : amount.value / before.dropsPerMl;
    const isThere = bases.some((entry) => entry.base.id === base.id);
    return filledWith(
      before,
      wholeMl + ml,
      isThere
        ? bases.map((entry) =>
            entry.base.id === base.id ? { ...entry, ml: entry.ml + ml } : entry,
          )
        : [...bases, { base, parts: ml, ml }],
    );
  }, formula);
