import { z } from 'zod';
import { wearerShape, type Trimester, type Wearer } from './wearer';
import { dayMs, nameSchema } from '../quantity';

/** A month of the calendar, `1985-03`. */
export type Month = string;

/** Someone in the house: a wearer whose age follows the calendar. */
export type Person = Omit<Wearer, 'ageMonths' | 'name'> & {
  readonly name: string;
  readonly born: Month;
  /** How far along a pregnancy was on a day; weeks move on by the calendar. */
  readonly pregnancy?: { readonly week: number; readonly on: string } | undefined;
  /** What their skin did not bear, by id of the material: as an allergy from then on. */
  readonly reactions?: readonly Reaction[] | undefined;
  /** Ids of the questions that were answered with no: what is not in it was not asked. */
  readonly asked?: readonly string[] | undefined;
  /** Whether and how they agreed that this is written down. */
  readonly consent?: string | undefined;
  /** The day on which they agreed, `2026-05-03`. */
  readonly consentOn?: string | undefined;
};

/** A past reaction to one material. */
export interface Reaction {
  readonly materialId: string;
  /** A day, `2026-11-25`. */
  readonly on: string;
  readonly what: string;
  /** It was one of several in a blend: a caution, until it is tested alone. */
  readonly suspected?: true | undefined;
}

/** Someone in the house, as stored and as carried by the file of all data. */
export const personSchema = z
  .strictObject({
    ...wearerShape,
    name: nameSchema(80),
    born: z.string().regex(/^(19|20)\d\d-(0[1-9]|1[0-2])$/, { error: 'month-form' }),
    pregnancy: z
      .strictObject({ week: z.number().int().min(1).max(42), on: z.iso.date() })
      .optional(),
    reactions: z
      .array(
        z.strictObject({
          materialId: z.string().min(1).max(200),
          on: z.iso.date(),
          what: z.string().max(500),
          suspected: z.literal(true).optional(),
        }),
      )
      .max(100)
      .optional(),
    asked: z.array(z.string().max(200)).max(200).optional(),
    consent: z.string().max(500).optional(),
    consentOn: z.iso.date().optional(),
  })
  .omit({ ageMonths: true });

/**
 * The week of pregnancy on a day, 1 to 42; null where no week was reported, or the weeks are
 * over and someone should ask.
 */
export const pregnancyWeek = ({ pregnant, pregnancy }: Person, day: string): number | null => {
  if (!pregnant || !pregnancy) return null;
  const weeks = Math.floor((Date.parse(day) - Date.parse(pregnancy.on)) / (7 * dayMs));
  const now = pregnancy.week + weeks;
  return now >= 1 && now <= 42 ? now : null;
};

/** Weeks 1 to 13, 14 to 27, and from 28. */
const trimesterOf = (week: number): Trimester => (week < 14 ? 1 : week < 28 ? 2 : 3);

const monthsOf = (text: string): number => {
  const [year, month] = text.split('-').map(Number);
  return (year ?? 0) * 12 + (month ?? 1) - 1;
};

/**
 * Full months since the month of birth. The day is not known, so the month itself
 * counts as not yet full: the younger age is the careful one.
 *
 * @param day today, `2026-11-25`; before the birth gives 0
 */
export const ageInMonths = (born: Month, day: string): number =>
  Math.max(0, monthsOf(day) - monthsOf(born) - 1);

/** A person as the wearer that they are on this day. */
export const wearerOn = (person: Person, day: string): Wearer => {
  const {
    born,
    pregnancy,
    reactions,
    consent: _consent,
    consentOn: _on,
    asked: _asked,
    ...rest
  } = person;
  const week = pregnancyWeek(person, day);
  const certain = (reactions ?? []).filter(({ suspected }) => !suspected);
  const allergies = [
    ...new Set([...rest.allergies, ...certain.map(({ materialId }) => materialId)]),
  ];
  const suspected = [
    ...new Set(
      (reactions ?? [])
        .filter((reaction) => reaction.suspected && !allergies.includes(reaction.materialId))
        .map(({ materialId }) => materialId),
    ),
  ];
  return {
    ...rest,
    // Weeks that were told and have run out say nothing any more: counted as the first third.
    ...(pregnancy ? { trimester: week === null ? undefined : trimesterOf(week) } : {}),
    allergies,
    ...(suspected.length > 0 ? { suspected } : {}),
    ageMonths: ageInMonths(born, day),
  };
};
