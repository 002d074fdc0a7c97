import { fillMl, type Container } from '../catalog';
import { preDilutedIn, type FormulaOil, type OilMeasure, type SettledBases } from '../mixture';
import type { Blend } from './blend';
import type { SettleInput } from './settleInput';

/** What is mixed at once: one jug, or the first container filled to what the amounts give. */
const containerOf = ({ inOne, firstContainer }: SettleInput, wholeMl: number): Container => {
  if (inOne) {
    return { id: null, kind: firstContainer.kind, nominalMl: wholeMl, workingFillPercent: 100 };
  }
  return wholeMl === fillMl(firstContainer)
    ? firstContainer
    : { ...firstContainer, workingFillPercent: (100 * wholeMl) / firstContainer.nominalMl };
};

const measureOf = (
  { recipe, fixed }: SettleInput,
  oilMl: readonly number[],
  index: number,
): OilMeasure => {
  const amount = recipe.oils[index]?.amount ?? null;
  switch (amount?.unit) {
    case 'drops':
      return {
        by: 'drops',
        drops: amount.value,
        ...(amount.from === undefined ? {} : { atLeast: amount.from }),
      };
    case 'ml':
      return { by: 'ml', ml: amount.value };
    case 'g':
      return { by: 'g', g: amount.value };
    case 'parts':
      return { by: 'parts', parts: amount.value };
    default:
      return { by: 'ml', ml: oilMl[fixed.findIndex((oil) => oil.index === index)] ?? 0 };
  }
};

/**
 * The blend of amounts that are settled.
 *
 * @param perMl essential oil in a ml of the whole, by the target
 */
export const blendFrom = (
  input: SettleInput,
  { wholeMl, oilMl, bases, grain }: SettledBases,
  perMl: number,
): Blend => {
  const { catalog, recipe, by, fillings, inOne, targetPercent, made } = input;
  const mixed = preDilutedIn(catalog, recipe, made !== null);
  return {
    catalog,
    name: recipe.name.trim(),
    purpose: recipe.purpose,
    brief: input.brief,
    guideline: recipe.guideline,
    count: input.count,
    fillings,
    inOne,
    lossPercent: inOne ? recipe.lossPercent : 0,
    gainPercent: recipe.whipPercent ?? 0,
    grain,
    ...(mixed.length > 0 ? { preDilutions: mixed } : {}),
    ...(recipe.notUnderstood.length > 0 ? { notUnderstood: recipe.notUnderstood } : {}),
    ...(recipe.useMl === null ? {} : { useMl: recipe.useMl }),
    ...(recipe.useCount === undefined ? {} : { useCount: recipe.useCount }),
    formula: {
      container: containerOf(input, wholeMl),
      ...(inOne ? { into: [...new Set(fillings.map(({ container }) => container.kind))] } : {}),
      by,
      dropsPerMl: recipe.dropsPerMl,
      ...(targetPercent === undefined
        ? {}
        : {
            targetPercent: by === 'weight' ? 100 * perMl : targetPercent,
            ...(recipe.target?.upTo === undefined
              ? {}
              : {
                  targetUpToPercent:
                    by === 'weight'
                      ? (100 * perMl * recipe.target.upTo) / targetPercent
                      : recipe.target.upTo,
                }),
          }),
      oils: input.oils.map((oil, index): FormulaOil => ({
        ...oil,
        measure: measureOf(input, oilMl, index),
      })),
      bases: bases.map(({ base, ml }, index) => {
        const entry = recipe.bases[index];
        const bottle = made ? entry?.bottle : catalog.openBottle(base.id)?.bottle;
        return {
          base,
          parts: ml,
          ...(entry?.amount?.unit === 'loose' ? { loose: entry.amount } : {}),
          ...(bottle ? { bottle } : {}),
        };
      }),
    },
  };
};
