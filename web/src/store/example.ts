import {
  emptyDraft,
  rollOnSteps,
  settled,
  workOut,
  type BenchEvent,
  type BlendDraft,
  type Wearer,
} from '@jubbet/core';
import { addDays, formatISO, parseISO } from 'date-fns';
import type { BatchRecord, BlendRecord, Database, EventRecord } from './database';

// Wardrobe Lane, the back room of the Marlpit Players: made-up people, made-up
// blends. All numbers come from the core.

const years = (count: number): number => count * 12;

const person = (name: string, ageMonths: number, more: Partial<Wearer> = {}) => ({
  name,
  ageMonths,
  pregnant: false,
  nursing: false,
  conditions: [...(more.conditions ?? [])],
  allergies: [...(more.allergies ?? [])],
  skin: more.skin ?? ('normal' as const),
  ...(more.pregnant ? { pregnant: true, trimester: more.trimester } : {}),
});

const people = {
  ines: person('Ines', years(41)),
  teo: person('Teo', years(27), { allergies: ['tree nut'] }),
  bettina: person('Bettina', years(63), { skin: 'sensitive' }),
  saskia: person('Saskia', years(31), { pregnant: true, trimester: 2 }),
  aubrey: person('Aubrey', years(70), { conditions: ['anticoagulants'] }),
  pip: person('Pip', years(8)),
};

const parts = (list: Record<string, number>): BlendDraft['oils'] =>
  Object.entries(list).map(([id, count]) => ({ id, parts: count }));

const bases = (list: Record<string, number>): BlendDraft['bases'] =>
  Object.entries(list).map(([id, count]) => ({ id, parts: count }));

interface Told {
  readonly id: string;
  readonly name: string;
  readonly purpose: string;
  readonly notes?: string;
  readonly wearer: BlendDraft['brief']['wearer'];
  readonly place?: BlendDraft['brief']['place'];
  readonly vessel?: string;
  readonly percent: number;
  readonly oils: BlendDraft['oils'];
  readonly bases: BlendDraft['bases'];
  readonly count?: number;
  /** Days before the house is opened on which it was written. */
  readonly daysAgo: number;
}

const told: readonly Told[] = [
  {
    id: 'prompt-desk',
    name: 'Prompt desk',
    purpose: 'to stay awake through act three',
    notes: 'Ines wants it greener than the last one, and no louder.',
    wearer: people.ines,
    percent: 3,
    oils: parts({ petitgrain: 3, cardamom: 2, 'ylang-ylang': 1, vetiver: 1 }),
    bases: bases({ jojoba: 7, camellia_seed: 3 }),
    daysAgo: 2,
  },
  {
    id: 'after-the-lift',
    name: 'After the lift',
    purpose: 'a warm rub for calves, after rehearsal',
    notes: 'No nut oils for Teo.',
    wearer: people.teo,
    place: 'body-leave-on',
    vessel: 'roll-on-30',
    percent: 1.5,
    oils: parts({ 'black-pepper': 2, lavender: 3, ginger: 1, 'rosemary-verbenone': 1 }),
    bases: bases({ fractionated_coconut: 1 }),
    daysAgo: 9,
  },
  {
    id: 'third-mouse',
    name: 'Third mouse',
    purpose: 'for the wait in the wings',
    wearer: people.pip,
    vessel: 'roll-on-15',
    percent: 1,
    oils: parts({ mandarin: 1, lavender: 1 }),
    bases: bases({ jojoba: 1 }),
    daysAgo: 14,
  },
  {
    id: 'pins-and-hems',
    name: 'Pins and hems',
    purpose: 'something soft for long fittings',
    wearer: people.saskia,
    vessel: 'roll-on-30',
    percent: 0.9,
    oils: parts({ 'orange-sweet': 1, petitgrain: 1 }),
    bases: bases({ jojoba: 4, argan: 1 }),
    daysAgo: 20,
  },
  {
    id: 'raffle-table',
    name: 'Raffle table',
    purpose: 'a gift from the Marlpit Players',
    wearer: 'anyone',
    percent: 1,
    oils: parts({ 'bergamot-fcf': 2, lavender: 1, 'cedarwood-virginian': 1 }),
    bases: bases({ fractionated_coconut: 1 }),
    count: 6,
    daysAgo: 26,
  },
  {
    id: 'row-g',
    name: 'Row G',
    purpose: 'for Aubrey’s wrists on a matinee day',
    wearer: people.aubrey,
    percent: 1,
    oils: parts({ frankincense: 1, lavender: 1 }),
    bases: bases({ jojoba: 1 }),
    daysAgo: 33,
  },
  {
    id: 'leading-lady',
    name: 'Leading lady',
    purpose: 'a whisper of roses',
    notes: 'Her skin minds everything. Half a percent, and a patch test first.',
    wearer: people.bettina,
    vessel: 'roll-on-15',
    percent: 0.5,
    oils: parts({ geranium: 1, 'sandalwood-australian': 1 }),
    bases: bases({ squalane: 1, jojoba: 1 }),
    daysAgo: 40,
  },
];

const draftOf = (entry: Told): BlendDraft => ({
  ...emptyDraft(),
  name: entry.name,
  purpose: entry.purpose,
  notes: entry.notes ?? '',
  brief: {
    wearer: entry.wearer,
    place: entry.place ?? 'pulse-points',
    use: 'leave-on',
    sun: 'exposed',
  },
  vessel: { id: entry.vessel ?? 'roll-on-10' },
  target: { percent: entry.percent },
  oils: entry.oils,
  bases: entry.bases,
  count: entry.count ?? 1,
});

interface Making {
  readonly blend: string;
  readonly daysAgo: number;
  /** An oil of which one drop too many fell into the first bottle. */
  readonly extra?: string;
  /** Stops after so many events: a batch that is still on the bench. */
  readonly stopAfter?: number;
  readonly notes?: string;
}

const makings: readonly Making[] = [
  { blend: 'leading-lady', daysAgo: 39, notes: 'Bettina: nothing after 48 hours. She likes it.' },
  { blend: 'row-g', daysAgo: 32 },
  { blend: 'raffle-table', daysAgo: 25, notes: 'All six went at the raffle.' },
  { blend: 'third-mouse', daysAgo: 13 },
  {
    blend: 'after-the-lift',
    daysAgo: 8,
    extra: 'black-pepper',
    notes: 'One pepper too many. Kept it.',
  },
  { blend: 'prompt-desk', daysAgo: 0, stopAfter: 5 },
];

const startOf = (day: string): string => parseISO(`${day}T10:00:00`).toISOString();

/** The records of the example house, dated back from a day. */
export const exampleHouse = (day: string) => {
  const before = (days: number): string =>
    formatISO(addDays(parseISO(day), -days), { representation: 'date' });

  const blends = told.map((entry): BlendRecord => ({
    id: entry.id,
    draft: draftOf(entry),
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
    const steps = rollOnSteps(worked.evaluation.mixture, draft.count);
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
      file: settled(worked.file, worked.evaluation),
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

  return {
    blends,
    batches: made.map(({ batch }) => batch),
    events: made.flatMap(({ batch, events }) =>
      events.map((event): Omit<EventRecord, 'seq'> => ({
        batchId: batch.id,
        at: batch.startedAt,
        event,
      })),
    ),
  };
};

/** Puts the example house into a store that was never used, in one transaction. */
export const seedOnce = (store: Database, day: string): Promise<void> =>
  store.transaction('rw', store.tables, async () => {
    const seeded = await store.settings.get('seeded');
    if (seeded?.value === true) return;
    await store.settings.put({ key: 'seeded', value: true });
    if ((await store.blends.count()) + (await store.batches.count()) > 0) return;
    const house = exampleHouse(day);
    await store.settings.put({ key: 'maker', value: 'Dorrit Vane, Wardrobe Lane' });
    await store.blends.bulkAdd(house.blends);
    await store.batches.bulkAdd(house.batches);
    await store.events.bulkAdd(house.events);
  });
