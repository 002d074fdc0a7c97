import { fillMl } from '../catalog';
import { wholeDrops, type Calculated } from '../drops';
import { densityOf, essentialMl, essentialShare } from '../mixture';
import { isIn, type OilAmount, type Recipe } from '../recipe';
import type { SuggestedChange } from './change';

/** To a hundredth, and not past it. */
const down = (value: number): number => Math.floor(100 * value + 1e-9) / 100;

/** An amount in the unit in which an oil was measured; null where nothing of it is left. */
const inUnit = (
  unit: OilAmount['unit'],
  ml: number,
  drops: number,
  densityGPerMl: number,
  wholeMl: number,
): OilAmount | null => {
  switch (unit) {
    case 'drops':
      return drops > 0 ? { unit, value: drops } : null;
    case 'ml':
      return down(ml) > 0 ? { unit, value: down(ml) } : null;
    case 'g':
      return down(ml * densityGPerMl) > 0 ? { unit, value: down(ml * densityGPerMl) } : null;
    case 'percent': {
      const percent = down((100 * ml) / wholeMl);
      return percent > 0 ? { unit, value: percent } : null;
    }
    case 'parts':
      return null;
  }
};

/**
 * The same oils in the same proportions at a lower strength, as strong as the limits allow: the
 * solver's own question. None where one would be left out, or where nothing changes.
 *
 * @param of which oils are made less; the others are
 * @param atMostPercent of essential oil in all, by volume
 */
export const lessStrong = (
  recipe: Recipe,
  { blend, evaluation }: Calculated,
  of: (id: string) => boolean = () => true,
  atMostPercent = Infinity,
): SuggestedChange | null => {
  const { formula, brief, guideline } = blend;
  const poured = evaluation.mixture.oils;
  const whole = fillMl(formula.container);
  const isLess = poured.map(({ oil, ml }) => of(oil.id) && ml.likely > 0);
  if (!isLess.some(Boolean)) return null;
  const now = (100 * essentialMl(poured)) / whole;
  const planAt = (targetPercent: number) =>
    wholeDrops(
      {
        ...formula,
        targetPercent,
        oils: formula.oils.map((entry, i) => {
          const ml = poured[i]?.ml.likely ?? 0;
          if (isLess[i]) return { ...entry, measure: { by: 'parts', parts: ml } };
          return entry.measure.by === 'parts' ? { ...entry, measure: { by: 'ml', ml } } : entry;
        }),
      },
      brief,
      guideline,
    );
  const first = planAt(Math.min(now, atMostPercent));
  // Where one oil meets a maximum of its own the others come down with it: the smell stays.
  const shares = poured.flatMap(({ ml }, i) =>
    isLess[i] ? [(first.aimedMl[i] ?? 0) / ml.likely] : [],
  );
  const least = Math.min(...shares);
  const plan =
    isLess.every(Boolean) && least > 0 && Math.max(...shares) > least + 1e-9
      ? planAt(now * least)
      : first;
  const amounts: Record<string, OilAmount> = {};
  for (const [i, { id, amount }] of recipe.oils.entries()) {
    const oil = poured[i]?.oil;
    if (!isLess[i] || amount === null || !oil || isIn(amount, 'parts')) continue;
    const less = inUnit(
      amount.unit,
      plan.aimedMl[i] ?? 0,
      plan.drops[i] ?? 0,
      densityOf(oil).likely,
      whole,
    );
    if (less === null) return null;
    if (less.value < amount.value) amounts[id] = less;
  }
  const hasParts = recipe.oils.some(({ amount }, i) => isLess[i] && isIn(amount, 'parts'));
  const reached = poured.reduce(
    (total, { oil, ml }, i) =>
      total + essentialShare(oil) * (isLess[i] ? (plan.aimedMl[i] ?? 0) : ml.likely),
    0,
  );
  const percent = Math.floor((1000 * reached) / whole + 1e-6) / 10;
  const target: SuggestedChange[] =
    hasParts && recipe.target !== null && percent > 0 && percent < recipe.target.percent
      ? [{ kind: 'target', percent }]
      : [];
  const changes: SuggestedChange[] = [
    ...target,
    ...(Object.keys(amounts).length > 0 ? [{ kind: 'amounts', amounts } as const] : []),
  ];
  const [only] = changes;
  return changes.length > 1 ? { kind: 'several', changes } : (only ?? null);
};
