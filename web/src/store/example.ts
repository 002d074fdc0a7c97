import {
  emptyDraft,
  pouringSteps,
  settled,
  workOut,
  type BenchEvent,
  type BlendDraft,
  type Bottle,
  wearerOn,
  type Person,
} from '@jubbet/core';
import { addDays, formatISO, parseISO, subMonths } from 'date-fns';
import type {
  BatchRecord,
  BlendRecord,
  BottleRecord,
  Database,
  DraftRecord,
  EventRecord,
  PersonRecord,
} from './database';
import {
  born,
  makings,
  parts,
  people,
  pouring,
  shelved,
  told,
  type Shelved,
  type Told,
} from './exampleTold';
import { now } from './now';

const personOf = (id: keyof typeof people, day: string): Person => {
  const { years, ...rest } = people[id];
  const weeks = id === 'saskia' ? { pregnancy: { week: 24, on: day } } : {};
  return { ...rest, ...weeks, born: born(years, day) };
};

const wearerOf = (id: keyof typeof people | 'anyone', day: string) => {
  if (id === 'anyone') return id;
  const { conditions, allergies, ...rest } = wearerOn(personOf(id, day), day);
  return { ...rest, conditions: [...conditions], allergies: [...allergies] };
};

const draftOf = (entry: Told, day: string): BlendDraft => ({
  ...emptyDraft(),
  name: entry.name,
  purpose: entry.purpose,
  notes: entry.notes ?? '',
  brief: {
    wearer: wearerOf(entry.wearer, day),
    personId: entry.wearer === 'anyone' ? null : entry.wearer,
    place: entry.place ?? 'pulse-points',
    use: 'leave-on',
    sun: 'exposed',
    forSale: entry.forSale ?? false,
  },
  vessel: { id: entry.vessel ?? 'roll-on-10' },
  target: { percent: entry.percent },
  oils: entry.oils,
  bases: entry.bases,
  count: entry.count ?? 1,
});

const supplier = 'The Brass Still, Marlpit';

const bottleOf = (entry: Shelved, day: string): Bottle => ({
  materialId: entry.material,
  lot: entry.lot,
  supplier,
  openedOn:
    entry.openedAgo === undefined
      ? null
      : formatISO(subMonths(parseISO(day), entry.openedAgo), { representation: 'date' }),
  printedDate: null,
  sizeMl: entry.sizeMl,
  leftMl: entry.leftMl,
  price: entry.price,
  weighings: [...(entry.weighings ?? [])],
  analysis: null,
  finishedOn: null,
});

const startOf = (day: string): string => parseISO(`${day}T10:00:00`).toISOString();

/** Each batch was made of a draft; the prompt desk's first was another. */
const exampleDrafts = (
  blends: readonly BlendRecord[],
  batches: readonly BatchRecord[],
): DraftRecord[] =>
  batches.flatMap((batch) => {
    const blend = blends.find(({ id }) => id === batch.blendId);
    if (!blend) return [];
    const kept = (number: number, draft: BlendDraft, rest: Partial<DraftRecord>): DraftRecord => ({
      id: `draft-${batch.blendId}-${number}`,
      blendId: batch.blendId,
      number,
      name: '',
      good: '',
      draft,
      at: batch.startedAt,
      batchId: null,
      ...rest,
    });
    if (batch.blendId !== 'prompt-desk') return [kept(1, blend.draft, { batchId: batch.id })];
    const louder = parts({ petitgrain: 2, 'ylang-ylang': 1, patchouli: 1 });
    return [
      kept(
        1,
        { ...blend.draft, oils: louder, target: { percent: 2 } },
        {
          name: 'The loud one',
          good: 'The ylang lasts to the bows. Patchouli takes over after act one.',
        },
      ),
      kept(2, blend.draft, { batchId: batch.id, name: 'Greener' }),
    ];
  });

/** Who blends in the example house. */
export const exampleMaker = 'Dorrit Vane, Wardrobe Lane';

/** The records of the example house, dated back from a day. */
export const exampleHouse = (day: string) => {
  const before = (days: number): string =>
    formatISO(addDays(parseISO(day), -days), { representation: 'date' });

  const blends = [...told, ...pouring].map((entry): BlendRecord => ({
    id: entry.id,
    draft: draftOf(entry, day),
    createdAt: startOf(before(entry.daysAgo)),
    updatedAt: startOf(before(entry.daysAgo)),
    revision: 1,
    deletedAt: null,
  }));

  const serials = new Map<string, number>();
  const made = makings.map((making) => {
    const draft = blends.find(({ id }) => id === making.blend)?.draft ?? emptyDraft();
    const worked = workOut(draft);
    if (worked.state !== 'done') throw new Error(`the example ${making.blend} does not work out`);
    const madeOn = before(making.daysAgo);
    const year = madeOn.slice(0, 4);
    const serial = (serials.get(year) ?? 0) + 1;
    serials.set(year, serial);
    const steps = pouringSteps(
      worked.evaluation.mixture,
      draft.count,
      worked.blend.formula.vessel.kind,
    );
    const all = steps.flatMap((step): BenchEvent[] => {
      const fell =
        step.kind === 'count'
          ? step.drops + (step.oilId === making.extra && step.vessel === 0 ? 1 : 0)
          : 0;
      return [
        ...Array.from({ length: fell }, (): BenchEvent => ({ kind: 'drop', step: step.id })),
        { kind: 'done', step: step.id },
      ];
    });
    const batch: BatchRecord = {
      id: `batch-${making.blend}`,
      number: `${year}-${String(serial).padStart(3, '0')}`,
      blendId: making.blend,
      file: settled(worked.file, worked.evaluation, worked.blend.formula),
      askedPercent: draft.target?.percent ?? null,
      verdict: worked.evaluation.verdict,
      reason: '',
      startedAt: startOf(madeOn),
      finishedAt: making.stopAfter === undefined ? startOf(madeOn) : null,
      madeOn,
      notes: making.notes ?? '',
    };
    return { batch, events: all.slice(0, making.stopAfter ?? all.length) };
  });

  const folk = Object.keys(people) as (keyof typeof people)[];
  return {
    people: folk.map((id): PersonRecord => {
      const person = personOf(id, day);
      return {
        id,
        person: {
          ...person,
          conditions: [...person.conditions],
          allergies: [...person.allergies],
        },
        createdAt: startOf(before(60)),
        updatedAt: startOf(before(60)),
        deletedAt: null,
      };
    }),
    blends,
    batches: made.map(({ batch }) => batch),
    drafts: [
      ...exampleDrafts(
        blends,
        made.map(({ batch }) => batch),
      ),
    ],
    materials: [],
    bottles: shelved.map((entry): BottleRecord => ({
      id: entry.id,
      bottle: bottleOf(entry, day),
      createdAt: startOf(before(60)),
      updatedAt: startOf(before(60)),
      deletedAt: null,
    })),
    events: made.flatMap(({ batch, events }) =>
      events.map((event): Omit<EventRecord, 'seq'> => ({
        batchId: batch.id,
        at: batch.startedAt,
        event,
      })),
    ),
  };
};

/** Furnishes a store that was never used, in one transaction. */
export const seedOnce = (store: Database, day: string): Promise<void> =>
  store.transaction('rw', store.tables, async () => {
    const seeded = await store.settings.get('seeded');
    if (seeded?.value === true) return;
    await store.settings.bulkPut([
      { key: 'seeded', value: true },
      { key: 'openedAt', value: now() },
    ]);
    if ((await store.blends.count()) + (await store.batches.count()) > 0) return;
    const house = exampleHouse(day);
    await store.blends.bulkAdd(house.blends);
    await store.batches.bulkAdd(house.batches);
    await store.drafts.bulkAdd(house.drafts);
    await store.people.bulkAdd(house.people);
    await store.bottles.bulkAdd(house.bottles);
    await store.events.bulkAdd(house.events);
    await store.settings.put({ key: 'maker', value: exampleMaker });
  });
