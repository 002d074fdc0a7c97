import { looseDensity, type Base } from '../catalog';
import {
  densityOf,
  dropOf,
  mlOfGrams,
  type AskedOil,
  type BaseMeasure,
  type FormulaOil,
} from '../mixture';
import type { BaseAmount, Recipe } from '../recipe';

// What a recipe asks for, in the terms in which bases are settled.

export const measureOfBase = (amount: BaseAmount | null, base: Base): BaseMeasure => {
  if (amount === null) return { by: 'g', g: 0 };
  switch (amount.unit) {
    case 'parts':
      return { by: 'parts', parts: amount.value };
    case 'percent':
      return { by: 'percent', percent: amount.value };
    case 'ml':
      return { by: 'ml', ml: amount.value };
    case 'g':
      return { by: 'g', g: amount.value };
    case 'loose': {
      // Spoons of something loose, in g as they most likely weigh.
      const per = looseDensity(base.id, amount.form)?.likely ?? base.densityGPerMl;
      return { by: 'g', g: amount.ml * per };
    }
  }
};

/** An oil whose amount is fixed, with its place in the recipe. */
export type FixedOil = AskedOil & { readonly index: number };

/** The oils whose amounts are fixed: all but those by parts, which share what is left. */
export const fixedOils = (
  { oils, dropsPerMl }: Recipe,
  there: readonly Omit<FormulaOil, 'measure'>[],
): FixedOil[] =>
  oils.flatMap(({ amount }, index): FixedOil[] => {
    const oil = there[index];
    if (!oil || amount === null || amount.unit === 'parts') return [];
    const densityGPerMl = densityOf(oil.oil).likely;
    const ml = (value: number): FixedOil[] => [
      { index, densityGPerMl, amount: { by: 'ml', ml: value } },
    ];
    switch (amount.unit) {
      case 'drops':
        return ml(dropOf(oil, dropsPerMl).likely * amount.value);
      case 'ml':
        return ml(amount.value);
      case 'g':
        return ml(mlOfGrams(amount.value, oil.oil).likely);
      case 'percent':
        return [{ index, densityGPerMl, amount: { by: 'share', share: amount.value / 100 } }];
    }
  });
