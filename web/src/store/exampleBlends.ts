import { now, today } from './now';
import { emptyRecipe, type Recipe } from '@jubbet/core/recipe';
import { wearerOn, type Person } from '@jubbet/core/brief';
import type { Bottle } from '@jubbet/core/stock';
import { addDays, formatISO, parseISO, subMonths } from 'date-fns';
import type { BlendRecord, BottleRecord, PersonRecord } from './database';
import { born, people, pouring, exampleEntries, type ExampleEntry } from './exampleEntries';
import { shelved, type Shelved } from './exampleShelf';
import { melts } from './exampleMelts';

const personOf = (id: keyof typeof people, day: string): Person => {
  const { years, ...rest } = people[id];
  const weeks = id === 'saskia' ? { pregnancy: { week: 24, on: day } } : {};
  return { ...rest, ...weeks, born: born(years, day) };
};

const wearerOf = (id: keyof typeof people | 'anyone', day: string) => {
  if (id === 'anyone') return id;
  return wearerOn(personOf(id, day), day);
};

const draftOf = (entry: ExampleEntry, day: string): Recipe => ({
  ...emptyRecipe(),
  name: entry.name,
  purpose: entry.purpose,
  notes: entry.notes ?? '',
  brief: {
    ...emptyRecipe().brief,
    wearer: wearerOf(entry.wearer, day),
    personId: entry.wearer === 'anyone' ? null : entry.wearer,
    asked: entry.wearer === 'anyone' ? [] : people[entry.wearer].asked,
    place: entry.place ?? 'pulse-points',
    use: entry.use ?? 'leave-on',
    forSale: entry.forSale ?? false,
  },
  containers: [
    { container: { id: entry.container ?? 'roll-on-10' }, count: entry.count ?? 1 },
    ...(entry.more ?? []),
  ],
  target: { percent: entry.percent },
  oils: entry.oils,
  bases: entry.bases,
  ...entry.mixing,
});

const supplier = 'The Brass Still, Marlpit';

/** A day, so many months before another; null for none. */
const monthsBefore = (day: string, months: number | undefined): string | null =>
  months === undefined
    ? null
    : formatISO(subMonths(parseISO(day), months), { representation: 'date' });

const bottleOf = (entry: Shelved, day: string): Bottle => ({
  materialId: entry.material,
  lot: entry.lot,
  supplier,
  openedOn: monthsBefore(day, entry.openedAgo),
  printedDate: null,
  unit: entry.unit ?? 'ml',
  size: entry.size,
  atStart: entry.atStart,
  boughtOn: null,
  first: false,
  price: entry.price,
  weighings: [...(entry.weighings ?? [])],
  analysis: null,
  finishedOn: monthsBefore(day, entry.finishedAgo),
});

/** A day, so many days before another. */
export const daysBefore = (day: string, days: number): string =>
  formatISO(addDays(parseISO(day), -days), { representation: 'date' });

/** Ten in the morning of a day; of today earlier, while it is not ten yet. */
export const startOf = (day: string): string => {
  const ten = parseISO(`${day}T10:00:00`).getTime();
  const most = day === today() ? Date.parse(now()) - sinceBegunMs : ten;
  return new Date(Math.min(ten, most)).toISOString();
};

/** What is on the bench was begun so long ago at the least, in ms: before ten as well as after. */
const sinceBegunMs = 25 * 60_000;

/** What Dorrit looks for often, and what she calls it. */
const favourites = new Set(['prompt-desk', 'keepsake', 'encore']);
const tags: Readonly<Record<string, readonly string[]>> = {
  keepsake: ['gifts'],
  'curtain-call': ['gifts', 'stall'],
  'raffle-table': ['gifts', 'stall'],
  'third-mouse': ['children'],
  interval: ['massage'],
  'get-out': ['massage'],
};

/** Who blends in the example house. */
export const exampleMaker = 'Dorrit Vane, Wardrobe Lane';

/** People, blends and bottles of the example house, dated back from a day. */
export const exampleBlends = (day: string) => {
  const before = (days: number): string => daysBefore(day, days);
  const folk = Object.keys(people) as (keyof typeof people)[];
  const blends = [...exampleEntries, ...pouring, ...melts].map((entry): BlendRecord => ({
    id: entry.id,
    recipe: draftOf(entry, day),
    createdAt: startOf(before(entry.daysAgo)),
    updatedAt: startOf(before(entry.daysAgo)),
    revision: 1,
    favourite: favourites.has(entry.id),
    tags: [...(tags[entry.id] ?? [])],
    deletedAt: null,
  }));

  return {
    people: folk.map((id): PersonRecord => {
      const person = personOf(id, day);
      return {
        id,
        person: {
          ...person,
          conditions: [...person.conditions],
          allergies: [...person.allergies],
          asked: [...(person.asked ?? [])],
        },
        createdAt: startOf(before(60)),
        updatedAt: startOf(before(60)),
        deletedAt: null,
      };
    }),
    blends,
    bottles: shelved.map((entry): BottleRecord => ({
      id: entry.id,
      bottle: bottleOf(entry, day),
      createdAt: startOf(before(60)),
      updatedAt: startOf(before(60)),
      deletedAt: null,
    })),
  };
};
