import { z } from 'zod';
import { forms, largestContainerMl, looseUnits } from '../catalog';

/** Most drops of one oil in one container. */
export const mostDrops = 10_000;

const asTyped = z.string().max(120).optional();

const amountIn = <U extends string>(unit: U, value: z.ZodNumber) =>
  z.strictObject({ unit: z.literal(unit), value, /** As the maker typed it. */ asTyped });

const countedDrops = z.number().int().min(0).max(mostDrops);

/** Of `10 to 15 drops` the value is 15, the end at which it is judged, and `from` is 10. */
const dropsInRange = amountIn('drops', countedDrops)
  .extend({ from: countedDrops.optional() })
  .refine(({ value, from }) => from === undefined || from < value, {
    error: 'drops-range',
    path: ['from'],
  });

const parts = amountIn('parts', z.number().positive().max(1_000_000));

const measuredAmounts = [
  amountIn('ml', z.number().min(0).max(largestContainerMl)),
  amountIn('g', z.number().min(0).max(largestContainerMl)),
  parts,
  /** Of the whole, by what the recipe is measured by. */
  amountIn('percent', z.number().min(0).max(100)),
] as const;

/** How much of an oil: of one container, or of all that is mixed at once. */
export const oilAmountSchema = z.discriminatedUnion('unit', [dropsInRange, ...measuredAmounts]);

/** The same without ranges, as blend files before version 3 have it. */
export const exactOilAmountSchema = z.discriminatedUnion('unit', [
  amountIn('drops', countedDrops),
  ...measuredAmounts,
]);

export type OilAmount = z.infer<typeof oilAmountSchema>;
export type DropsAmount = Extract<OilAmount, { readonly unit: 'drops' }>;

/** A solid measured by volume: so many spoons, and what may lie in them. */
const looseAmountSchema = z.strictObject({
  unit: z.literal('loose'),
  /** So many of the measure. */
  value: z.number().positive().max(largestContainerMl),
  /** In what it is measured: `tablespoon`, or `ml`. */
  measure: z.enum(looseUnits),
  form: z.enum(forms),
  /** What it comes to, in ml as it lies. */
  ml: z.number().positive().max(largestContainerMl),
  asTyped,
});

/** How much of a base. */
export const baseAmountSchema = z.discriminatedUnion('unit', [
  parts,
  amountIn('percent', z.number().positive().max(100)),
  amountIn('ml', z.number().positive().max(largestContainerMl)),
  amountIn('g', z.number().positive().max(largestContainerMl)),
  looseAmountSchema,
]);

export type BaseAmount = z.infer<typeof baseAmountSchema>;
export type LooseAmount = z.infer<typeof looseAmountSchema>;
export type Unit = OilAmount['unit'] | BaseAmount['unit'];

/** The value of an amount where it is in this unit; undefined where it is in another, or none. */
export const valueIn = (
  amount: { readonly unit: Unit; readonly value: number } | null,
  unit: Unit,
): number | undefined => (amount?.unit === unit ? amount.value : undefined);

/** True where an amount is in this unit. */
export const isIn = (amount: { readonly unit: Unit } | null, unit: Unit): boolean =>
  amount?.unit === unit;
