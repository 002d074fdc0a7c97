import type { PatchTest, SkinSign } from '@jubbet/core/batch';
import { addHours, formatISO, parseISO, subDays } from 'date-fns';
import type { PatchTestRecord, RecipientRecord } from './database';
import { people } from './exampleEntries';

// Who got what Wardrobe Lane has made, and how their skin took it.

interface Got {
  readonly id: string;
  readonly batch: string;
  /** Someone in the house, or a name or a place. */
  readonly to: keyof typeof people | (string & {});
  readonly pieces?: number;
  readonly which?: string;
  readonly daysAgo: number;
}

export const exampleRecipients: readonly Got[] = [
  { id: 'got-row-g', batch: 'batch-row-g-first', to: 'ines', daysAgo: 350 },
  { id: 'got-interval', batch: 'batch-interval-winter', to: 'aubrey', daysAgo: 316 },
  { id: 'got-get-out', batch: 'batch-get-out-spring', to: 'rufus', daysAgo: 211 },
  ...[1, 2, 3, 4].map((number) => ({
    id: `got-fete-${number}`,
    batch: 'batch-raffle-table-fete',
    to: `Village fete, ticket ${number * 11}`,
    daysAgo: 168,
  })),
  { id: 'got-summer', batch: 'batch-leading-lady-summer', to: 'bettina', daysAgo: 124 },
  { id: 'got-term', batch: 'batch-third-mouse-term', to: 'pip', daysAgo: 84 },
  { id: 'got-lady', batch: 'batch-leading-lady', to: 'bettina', daysAgo: 36 },
  ...[1, 2, 3, 4, 5, 6].map((number) => ({
    id: `got-raffle-${number}`,
    batch: 'batch-raffle-table',
    to: `Raffle table, ${number}`,
    daysAgo: 24,
  })),
];

interface Tested {
  readonly id: string;
  /** Id of the batch; its number and name are there. */
  readonly batch: string;
  readonly on: keyof typeof people | (string & {});
  /** Hours before ten in the morning of the day on which the house is opened. */
  readonly hoursAgo: number;
  readonly read: readonly (readonly [24 | 48, SkinSign, string])[];
}

export const exampleTests: readonly Tested[] = [
  {
    id: 'test-bettina',
    batch: 'batch-leading-lady',
    on: 'bettina',
    hoursAgo: 24 * 38,
    read: [
      [24, 'clear', ''],
      [48, 'clear', 'Nothing at all.'],
    ],
  },
  {
    id: 'test-box-office',
    batch: 'batch-raffle-table',
    on: 'Wilf, box office',
    hoursAgo: 24 * 22,
    read: [[24, 'red', 'Itched in the night. Washed off.']],
  },
  {
    id: 'test-ines',
    batch: 'batch-after-the-lift',
    on: 'ines',
    // Between 30 and 54 hours ago, at whatever time of the day it is.
    hoursAgo: 40,
    read: [],
  },
];

const isKnown = (to: string): to is keyof typeof people => Object.hasOwn(people, to);

const somebody = (to: string) =>
  isKnown(to) ? { personId: to, name: people[to].name } : { personId: null, name: to };

const opening = (day: string): Date => parseISO(`${day}T10:00:00`);

/** Who got what, as records. */
export const recipientsOf = (day: string): RecipientRecord[] =>
  exampleRecipients.map(({ id, batch, to, pieces = 1, which = '', daysAgo }) => {
    const at = subDays(opening(day), daysAgo);
    return {
      id,
      recipient: {
        batchId: batch,
        ...{ pieces, which },
        ...somebody(to),
        on: formatISO(at, { representation: 'date' }),
      },
      createdAt: at.toISOString(),
      updatedAt: at.toISOString(),
      deletedAt: null,
    };
  });

/** Patch tests, as records. */
export const testsOf = (
  day: string,
  batches: readonly { readonly id: string; readonly number: string; readonly name: string }[],
): PatchTestRecord[] =>
  exampleTests.flatMap(({ id, batch: batchId, on, hoursAgo, read }) => {
    const batch = batches.find((entry) => entry.id === batchId);
    if (!batch) return [];
    const begun = addHours(opening(day), -hoursAgo);
    const at = begun.toISOString();
    const { personId, name } = somebody(on);
    const test: PatchTest = {
      of: { kind: 'batch', batchId, number: batch.number, name: batch.name },
      personId,
      personName: name,
      startedAt: at,
      readings: read.map(([hours, skin, words]) => ({
        ...{ hours, skin, words },
        at: addHours(begun, hours).toISOString(),
      })),
      stopped: null,
    };
    return [{ id, test, createdAt: at, updatedAt: at, deletedAt: null }];
  });
