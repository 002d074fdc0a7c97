import {
  isMelted,
  looseDensity,
  looseUnits,
  measures,
  usualForm,
  type Base,
  type Form,
  largestContainerMl,
  forms,
} from '../catalog';
import {
  endsOf,
  readAmount,
  spoonsIn,
  type AmountProblem,
  type Range,
  type SpoonCountry,
} from '../quantity';
import { mostDrops, type BaseAmount, type OilAmount } from './amount';

/** Why what was said cannot be the amount of something. */
export type SaidProblem =
  | {
      readonly code: AmountProblem | 'a-range';
      readonly text: string;
      /** The ways of reading it, each to be read without doubt. */
      readonly readings: readonly string[];
    }
  /** More than any container takes; no parts; past all of it; nothing. */
  | { readonly code: 'too-much' | 'no-parts' | 'past-all' | 'no-percent' | 'nothing' }
  /** Spoons of what lies in a heap; of something of unknown density; parts, drops or percent. */
  | { readonly code: 'a-heap' }
  | { readonly code: 'density-unknown' | 'other-unit'; readonly unit: 'ml' | 'g' }
  /** Drops of something that does not pour. */
  | { readonly code: 'drops-of-solid' }
  /** No one knows what so much of this weighs as it lies. */
  | { readonly code: 'weight-unknown'; readonly baseId: string };

/** An amount as it was said, read. */
export type Said<A> =
  { readonly ok: true; readonly amount: A } | { readonly ok: false; readonly problem: SaidProblem };

const no = (problem: SaidProblem): { readonly ok: false; readonly problem: SaidProblem } => ({
  ok: false,
  problem,
});

/** To a ten-thousandth of a ml or a g: finer than anybody measures. */
const toFinest = (amount: number): number => Math.round(10_000 * amount) / 10_000;

/** A range where one amount is needed: each end, to be taken. */
export const aRange = (text: string): SaidProblem => ({
  code: 'a-range',
  text: text.trim(),
  readings: endsOf(text),
});

const dropsOf = ({ drops, upTo }: { readonly drops: number; readonly upTo?: number }) =>
  upTo === undefined
    ? { unit: 'drops' as const, value: drops }
    : { unit: 'drops' as const, value: upTo, from: drops };

/**
 * Reads an amount of an oil in words: `10 to 15 drops`, `2 tsp`, `15 g`, `30 drops`, `3 parts`, `2 %`.
 *
 * @param country whose spoons, cups and fluid ounces are meant; null where no one has said
 * @param fillMl what the container takes, for a share of it
 */
export const readOilAmount = (
  text: string,
  { country, fillMl }: { readonly country: SpoonCountry | null; readonly fillMl: number },
): Said<OilAmount> => {
  const read = readAmount(text, country, measures, { fillMl, liquid: true });
  if (!read.ok) return no({ ...read, readings: read.readings ?? [] });
  const { amount } = read;
  // Only drops are counted, and may be right from here to there.
  if (amount.upTo !== undefined && amount.kind !== 'drops') return no(aRange(text));
  const asTyped = text.trim();
  switch (amount.kind) {
    case 'ml':
      return amount.ml > largestContainerMl
        ? no({ code: 'too-much' })
        : { ok: true, amount: { unit: 'ml', value: toFinest(amount.ml), asTyped } };
    case 'g':
      return amount.g > largestContainerMl
        ? no({ code: 'too-much' })
        : { ok: true, amount: { unit: 'g', value: toFinest(amount.g), asTyped } };
    case 'drops':
      return (amount.upTo ?? amount.drops) > mostDrops
        ? no({ code: 'too-much' })
        : { ok: true, amount: { ...dropsOf(amount), asTyped } };
    case 'parts':
      return amount.parts > 0
        ? { ok: true, amount: { unit: 'parts', value: amount.parts, asTyped } }
        : no({ code: 'no-parts' });
    case 'percent':
      return amount.percent > 100
        ? no({ code: 'past-all' })
        : { ok: true, amount: { unit: 'percent', value: amount.percent, asTyped } };
  }
};

/** To a hundredth: finer than a kitchen scale. */
const toScale = (amount: number): number => Math.round(100 * amount) / 100;

const saidForms: readonly (Form | 'melted')[] = [...forms, 'melted'];

/** A read amount of a base; of spoons of something loose, what it may weigh. */
export type SaidBase =
  | {
      readonly ok: true;
      readonly amount: BaseAmount;
      /** What so many spoons are taken as, in g, and what they may be; null where it is weighed. */
      readonly taken: { readonly g: number; readonly range: Range } | null;
    }
  | { readonly ok: false; readonly problem: SaidProblem };

const sized = (amount: BaseAmount, taken: Extract<SaidBase, { ok: true }>['taken']): SaidBase => {
  const size = amount.unit === 'loose' ? amount.ml : amount.value;
  if (size > largestContainerMl) return no({ code: 'too-much' });
  return size <= 0 ? no({ code: 'nothing' }) : { ok: true, amount, taken };
};

/**
 * A solid by volume: kept as it was typed, with what it may weigh as it lies. Melted it fills the
 * spoon, and weighs what its density says.
 */
const readLoose = (
  base: Base,
  spoons: ReturnType<typeof spoonsIn>,
  ml: number,
  form: Form | 'melted' | undefined,
  asTyped: string,
): SaidBase => {
  if (form === 'melted') {
    return sized({ unit: 'g', value: toScale(ml * base.densityGPerMl), asTyped }, null);
  }
  const loose = looseDensity(base.id, form);
  if (!loose && base.kind !== 'dry') return no({ code: 'weight-unknown', baseId: base.id });
  const { densityGPerMl: density } = base;
  const per = loose ?? { low: density, likely: density, high: density };
  const g = toScale(per.likely * ml);
  const measure = looseUnits.find((looseUnit) => looseUnit === spoons?.unit);
  return sized(
    {
      unit: 'loose',
      value: measure && spoons ? spoons.value : toScale(ml),
      measure: measure ?? 'ml',
      form: form ?? usualForm(base.id) ?? 'loose',
      ml: toScale(ml),
      asTyped,
    },
    { g, range: { low: per.low * ml, likely: g, high: per.high * ml } },
  );
};

/**
 * Reads an amount of a base in words: `2 tbsp`, `1/2 cup`, `30 g`, `1 tbsp grated`. A solid
 * by volume becomes what it weighs as it lies, with its range, where that is known.
 *
 * @param wholeMl what is mixed at once, for a share of it
 */
export const readBaseAmount = (
  text: string,
  base: Base,
  {
    country,
    wholeMl,
    dropsPerMl,
  }: {
    readonly country: SpoonCountry | null;
    readonly wholeMl: number;
    readonly dropsPerMl: number;
  },
): SaidBase => {
  const form = saidForms.find((saidForm) => new RegExp(`\\b${saidForm}\\b`, 'i').test(text));
  const plain = form ? text.replace(new RegExp(`\\b${form}\\b`, 'i'), '') : text;
  const solid = isMelted(base) || base.kind === 'dry';
  const read = readAmount(plain, country, measures, { fillMl: wholeMl, liquid: !solid });
  if (!read.ok) {
    return no({
      ...read,
      readings: (read.readings ?? []).map((entry) => (form ? `${entry} ${form}` : entry)),
    });
  }
  const { amount } = read;
  if (amount.upTo !== undefined) return no(aRange(text));
  const asTyped = text.trim();
  switch (amount.kind) {
    case 'ml':
      return solid
        ? readLoose(base, spoonsIn(plain, country, measures), amount.ml, form, asTyped)
        : sized({ unit: 'ml', value: toScale(amount.ml), asTyped }, null);
    case 'g':
      return sized({ unit: 'g', value: toScale(amount.g), asTyped }, null);
    case 'drops':
      return solid
        ? no({ code: 'drops-of-solid' })
        : sized({ unit: 'ml', value: toScale(amount.drops / dropsPerMl), asTyped }, null);
    case 'parts':
      return amount.parts > 0
        ? { ok: true, amount: { unit: 'parts', value: amount.parts, asTyped }, taken: null }
        : no({ code: 'no-parts' });
    case 'percent':
      return amount.percent > 0 && amount.percent <= 100
        ? { ok: true, amount: { unit: 'percent', value: amount.percent, asTyped }, taken: null }
        : no({ code: 'no-percent' });
  }
};
