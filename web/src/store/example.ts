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
import { now } from './now';

// Wardrobe Lane, the back room of the Marlpit Players: made-up people, made-up
// blends. All numbers come from the core.

/** Born in June, so many years before the house is opened or one more. */
const born = (years: number, day: string): string => {
  const year = Number(day.slice(0, 4)) - years - (Number(day.slice(5, 7)) > 6 ? 0 : 1);
  return `${year}-06`;
};

const person = (name: string, years: number, more: Partial<Person> = {}) => ({
  name,
  years,
  pregnant: false,
  nursing: false,
  conditions: [...(more.conditions ?? [])],
  allergies: [...(more.allergies ?? [])],
  skin: more.skin ?? ('normal' as const),
  ...(more.pregnant ? { pregnant: true, trimester: more.trimester } : {}),
});

const people = {
  ines: person('Ines', 41),
  teo: person('Teo', 27, { allergies: ['tree nut'] }),
  bettina: person('Bettina', 63, { skin: 'sensitive' }),
  saskia: person('Saskia', 31, { pregnant: true, trimester: 2 }),
  aubrey: person('Aubrey', 70, { conditions: ['anticoagulants'] }),
  pip: person('Pip', 8),
  rufus: person('Rufus', 35),
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
  readonly wearer: keyof typeof people | 'anyone';
  readonly place?: BlendDraft['brief']['place'];
  readonly vessel?: string;
  readonly percent: number;
  readonly oils: BlendDraft['oils'];
  readonly bases: BlendDraft['bases'];
  readonly count?: number;
  readonly forSale?: true;
  /** Days before the house is opened on which it was written. */
  readonly daysAgo: number;
}

const told: readonly Told[] = [
  {
    id: 'prompt-desk',
    name: 'Prompt desk',
    purpose: 'to stay awake through act three',
    notes: 'Ines wants it greener than the last one, and no louder.',
    wearer: 'ines',
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
    wearer: 'teo',
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
    wearer: 'pip',
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
    wearer: 'saskia',
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
    forSale: true,
    daysAgo: 26,
  },
  {
    id: 'row-g',
    name: 'Row G',
    purpose: 'for Aubrey’s wrists on a matinee day',
    wearer: 'aubrey',
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
    wearer: 'bettina',
    vessel: 'roll-on-15',
    percent: 0.5,
    oils: parts({ geranium: 1, 'sandalwood-australian': 1 }),
    bases: bases({ squalane: 1, jojoba: 1 }),
    daysAgo: 40,
  },
];

const pouring: readonly Told[] = [
  {
    id: 'understudy',
    name: 'Understudy',
    purpose: 'a beard oil, while it grows for the part',
    wearer: 'rufus',
    place: 'beard',
    vessel: 'dropper-30',
    percent: 1,
    oils: parts({ 'cedarwood-virginian': 2, 'bergamot-fcf': 1 }),
    bases: bases({ jojoba: 66, argan: 33, vitamin_e: 1 }),
    daysAgo: 45,
  },
  {
    id: 'encore',
    name: 'Encore',
    purpose: 'a massage oil for the night after',
    wearer: 'ines',
    place: 'body-massage',
    vessel: 'pump-100',
    percent: 2,
    oils: parts({ lavender: 3, 'marjoram-sweet': 1, 'orange-sweet': 2 }),
    bases: bases({ fractionated_coconut: 1 }),
    daysAgo: 48,
  },
  {
    id: 'cold-cream',
    name: 'Cold cream',
    purpose: 'a facial oil, once the paint is off',
    wearer: 'ines',
    place: 'face',
    vessel: 'dropper-15',
    percent: 0.7,
    oils: parts({ frankincense: 1, geranium: 1 }),
    bases: bases({ squalane: 3, rosehip_seed: 1 }),
    daysAgo: 52,
  },
  {
    id: 'opening-night',
    name: 'Opening night',
    purpose: 'a perfume oil, a dab behind the ear',
    wearer: 'ines',
    place: 'perfume-small-area',
    vessel: 'dropper-10',
    percent: 5,
    oils: parts({ 'bergamot-fcf': 4, frankincense: 3, patchouli: 2, vetiver: 1 }),
    bases: bases({ fractionated_coconut: 1 }),
    daysAgo: 55,
  },
  {
    id: 'prop-room',
    name: 'Prop room',
    purpose: 'an oil spray for dry arms',
    wearer: 'anyone',
    place: 'body-leave-on',
    vessel: 'spray-60',
    percent: 0.8,
    oils: parts({ 'orange-sweet': 2, 'cedarwood-virginian': 1 }),
    bases: bases({ fractionated_coconut: 1 }),
    daysAgo: 58,
  },
];

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
  { blend: 'understudy', daysAgo: 44 },
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

interface Shelved {
  readonly id: string;
  readonly material: string;
  readonly lot: string;
  readonly sizeMl: number;
  readonly leftMl: number;
  readonly price: number;
  /** Months before the house is opened. */
  readonly openedAgo?: number;
  readonly weighings?: Bottle['weighings'];
}

const shelved: readonly Shelved[] = [
  {
    id: 'lavender-1',
    material: 'lavender',
    lot: 'LV-118',
    sizeMl: 30,
    leftMl: 17,
    price: 11,
    openedAgo: 5,
  },
  {
    id: 'petitgrain-1',
    material: 'petitgrain',
    lot: 'PG-07',
    sizeMl: 10,
    leftMl: 6,
    price: 7.5,
    openedAgo: 4,
  },
  {
    id: 'frankincense-1',
    material: 'frankincense',
    lot: 'FK-3',
    sizeMl: 10,
    leftMl: 4,
    price: 14,
    openedAgo: 9,
  },
  {
    id: 'pine-1',
    material: 'pine-scots',
    lot: 'PN-22',
    sizeMl: 10,
    leftMl: 8,
    price: 6,
    openedAgo: 30,
  },
  {
    id: 'sandalwood-1',
    material: 'sandalwood-east-indian',
    lot: 'SW-2',
    sizeMl: 5,
    leftMl: 3.5,
    price: 38,
    openedAgo: 14,
    weighings: [
      { drops: 20, massG: 0.79 },
      { drops: 20, massG: 0.83 },
    ],
  },
  { id: 'bergamot-1', material: 'bergamot-fcf', lot: 'BF-41', sizeMl: 10, leftMl: 10, price: 8 },
  {
    id: 'jojoba-1',
    material: 'jojoba',
    lot: 'JJ-5',
    sizeMl: 250,
    leftMl: 140,
    price: 19,
    openedAgo: 6,
  },
  {
    id: 'fco-1',
    material: 'fractionated_coconut',
    lot: 'FC-9',
    sizeMl: 500,
    leftMl: 320,
    price: 12,
    openedAgo: 3,
  },
];

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
