import {
  amountProblemWords,
  dropsPerMl,
  formatG,
  formatRange,
  isMelted,
  looseDensity,
  looseUnits,
  measures,
  readAmount,
  spoonsIn,
  usualForm,
  type Base,
  type DropSchoolId,
  type Form,
  type SpoonCountry,
} from '@jubbet/core';
import type { Refusal } from '../../parts/readNumber';
import type { BaseAmount } from './changes';

const mostMl = 20_000;

/** To a hundredth: finer than a kitchen scale. */
const readable = (amount: number): number => Math.round(100 * amount) / 100;

const forms: readonly (Form | 'melted')[] = ['pellets', 'grated', 'soft', 'loose', 'melted'];

/** What was read of a base, or why it was not. */
type SaidBase =
  | { readonly ok: true; readonly amount: BaseAmount; readonly advice: string | null }
  | ({ readonly ok: false } & Refusal);

/**
 * Reads an amount of a base in words: `2 tbsp`, `1/2 cup`, `30 g`, `1 tbsp grated`. A solid
 * by volume becomes what it weighs as it lies, with its range, where that is known.
 *
 * @param wholeMl what is mixed at once, for a share of it
 */
export const saidBase = (
  text: string,
  base: Base,
  {
    country,
    wholeMl,
    dropSchool,
  }: {
    readonly country: SpoonCountry;
    readonly wholeMl: number;
    readonly dropSchool: DropSchoolId;
  },
): SaidBase => {
  const no = (sentence: string, readings: readonly string[] = []): SaidBase => ({
    ok: false,
    sentence,
    readings,
  });
  const yes = (amount: BaseAmount, advice: string | null = null): SaidBase => ({
    ok: true,
    amount,
    advice,
  });
  const form = forms.find((one) => new RegExp(`\\b${one}\\b`, 'i').test(text));
  const plain = form ? text.replace(new RegExp(`\\b${form}\\b`, 'i'), '') : text;
  const solid = isMelted(base) || base.kind === 'dry';
  const read = readAmount(plain, country, measures, { fillMl: wholeMl, liquid: !solid });
  if (!read.ok) return no(amountProblemWords(read), read.readings);
  const { amount } = read;
  switch (amount.kind) {
    case 'ml':
      return solid
        ? byVolume(base, spoonsIn(plain, country, measures), amount.ml, form)
        : checked(yes({ ml: readable(amount.ml) }));
    case 'g':
      return checked(yes({ g: readable(amount.g) }));
    case 'drops':
      return solid
        ? no('Drops are of what pours: say it in g.')
        : checked(yes({ ml: readable(amount.drops / dropsPerMl(dropSchool)) }));
    case 'parts':
      return amount.parts > 0 ? yes({ parts: amount.parts }) : no('More than 0 parts, please.');
    case 'percent':
      return amount.percent > 0 && amount.percent <= 100
        ? yes({ percent: amount.percent })
        : no('From 0 to 100 %, please.');
  }
};

const checked = (said: SaidBase): SaidBase => {
  if (!said.ok) return said;
  const { ml, g, loose } = said.amount;
  const size = ml ?? g ?? loose?.ml ?? 0;
  const no = (sentence: string): SaidBase => ({ ok: false, sentence, readings: [] });
  if (size > mostMl) return no('That is more than any vessel here takes.');
  if (size <= 0) return no('More than nothing, please.');
  return said;
};

/** Spoons and cups in which a solid may be measured. */
type Spoons = ReturnType<typeof spoonsIn>;

/**
 * A solid by volume: kept as it was typed, with what it may weigh as it lies. Melted it fills the
 * spoon, and weighs what its density says.
 */
const byVolume = (
  base: Base,
  spoons: Spoons,
  ml: number,
  form: Form | 'melted' | undefined,
): SaidBase => {
  if (form === 'melted') {
    return checked({ ok: true, amount: { g: readable(ml * base.densityGPerMl) }, advice: null });
  }
  const loose = looseDensity(base.id, form);
  if (!loose && base.kind !== 'dry') {
    return {
      ok: false,
      sentence: `Not known what that much ${base.name.toLowerCase()} weighs as it lies: weigh it, or say “melted”.`,
      readings: [],
    };
  }
  const per = loose ?? {
    low: base.densityGPerMl,
    likely: base.densityGPerMl,
    high: base.densityGPerMl,
  };
  const g = readable(per.likely * ml);
  const range = formatRange({ low: per.low * ml, likely: g, high: per.high * ml }, 'g');
  const unit = looseUnits.find((one) => one === spoons?.unit);
  return checked({
    ok: true,
    amount: {
      loose: {
        value: unit && spoons ? spoons.value : readable(ml),
        unit: unit ?? 'ml',
        form: form ?? usualForm(base.id) ?? 'loose',
        ml: readable(ml),
      },
    },
    advice: `Taken as ${formatG(g, 3)}; it may be ${range}, as it lies. Weigh it.`,
  });
};
