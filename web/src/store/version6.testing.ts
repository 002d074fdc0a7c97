// A frozen example of version 6 of the store with everything that it could hold: every kind of
// event, a batch that is finished and one on the bench, materials and figures of one's own, people,
// vessels, a bottle with weighings and an analysis. It is never changed.

const at = (minute: number) => `2026-11-20T10:${String(minute).padStart(2, '0')}:00.000Z`;
const kept = { createdAt: at(0), updatedAt: at(1), deletedAt: null };

const wearer = {
  name: 'Ines',
  ageMonths: 496,
  pregnant: false,
  nursing: true,
  conditions: ['asthma'],
  allergies: ['nuts'],
  skin: 'sensitive',
};

const draft = {
  name: 'Row G',
  purpose: 'for the matinee',
  notes: 'Greener.',
  brief: {
    wearer,
    personId: 'ines',
    place: 'pulse-points',
    use: 'leave-on',
    sun: 'exposed',
    forSale: false,
  },
  vessel: { id: 'roll-on-10' },
  count: 2,
  dropSchool: 'pharmacy',
  school: 'clinical',
  target: { percent: 1.5 },
  oils: [
    { id: 'lavender', parts: 3 },
    { id: 'own-night-jasmine', drops: 1 },
  ],
  bases: [{ id: 'jojoba', parts: 1 }],
};

const file = {
  format: 'jubbet-blend',
  version: 1,
  name: 'Row G',
  brief: { wearer, place: 'pulse-points', use: 'leave-on', sun: 'exposed', forSale: false },
  vessel: { id: 'roll-on-10' },
  count: 2,
  dropSchool: 'pharmacy',
  school: 'clinical',
  oils: [
    { id: 'lavender', drops: 2 },
    { id: 'own-night-jasmine', drops: 1 },
  ],
  bases: [{ id: 'jojoba', parts: 1 }],
};

const batch = (id: string, number: string, finishedAt: string | null) => ({
  id,
  number,
  blendId: 'row-g',
  file,
  askedPercent: 1.5,
  verdict: 'mind',
  reason: '',
  startedAt: at(2),
  finishedAt,
  madeOn: '2026-11-20',
  notes: 'as it was',
});

const fell = (step: string, count: number) =>
  Array.from({ length: count }, () => ({ kind: 'drop', step }));

/** What happened, batch by batch, in the order in which it was pressed in both. */
const happened: readonly (readonly [string, object])[] = [
  ['finished', { kind: 'done', step: 'wipe' }],
  ['open', { kind: 'done', step: 'wipe' }],
  ['finished', { kind: 'done', step: 'lay-out' }],
  ...fell('count/0/lavender', 3).map((event) => ['finished', event] as const),
  ['open', { kind: 'drop', step: 'count/0/lavender' }],
  ['finished', { kind: 'take-back', step: 'count/0/lavender' }],
  ['finished', { kind: 'done', step: 'count/0/lavender' }],
  ['finished', { kind: 'reopened', step: 'count/0/lavender' }],
  ['finished', { kind: 'asked', step: 'count/0/lavender', drops: 4 }],
  ...fell('count/0/lavender', 2).map((event) => ['finished', event] as const),
  ['finished', { kind: 'moved', vessel: 0, vesselId: 'roll-on-15' }],
  ['open', { kind: 'filled', vessel: 0, percent: 98 }],
  ['finished', { kind: 'discarded', vessel: 1 }],
  [
    'finished',
    {
      kind: 'reason',
      step: 'count/0/lavender',
      words: 'worn for one evening',
      over: [{ rule: 'whole-blend', subject: 'blend', value: 2.4 }],
    },
  ],
  ['open', { kind: 'drop', step: 'count/0/lavender' }],
];

const own = (material: { readonly id: string }) => ({ id: material.id, own: material, ...kept });

/** All data as version 6 had them, table by table. */
export const version6 = {
  blends: [{ id: 'row-g', draft, revision: 3, ...kept }],
  drafts: [
    {
      id: 'd',
      blendId: 'row-g',
      number: 1,
      name: 'Greener',
      good: 'It lasts.',
      draft,
      at: at(2),
      batchId: 'finished',
    },
  ],
  batches: [batch('finished', '2026-001', at(30)), batch('open', '2026-002', null)],
  events: happened.map(([batchId, event], n) => ({ seq: n + 1, batchId, at: at(n + 3), event })),
  people: [
    {
      id: 'ines',
      person: {
        name: 'Ines',
        born: '1985-06',
        pregnant: false,
        nursing: true,
        conditions: ['asthma'],
        allergies: ['nuts'],
        skin: 'sensitive',
      },
      ...kept,
    },
  ],
  materials: [
    own({
      kind: 'oil',
      id: 'own-night-jasmine',
      name: 'Night jasmine',
      botanical: '',
      densityGPerMl: 0.95,
      shelfYears: 2,
      note: 'base',
      viscosity: 'thin',
      source: 'my notes',
      maximumPercent: 5,
      lightPercent: null,
      contents: [],
    } as { readonly id: string }),
    own({
      kind: 'figure',
      id: 'figure-lavender-maximum',
      oilId: 'lavender',
      figure: 'maximum',
      value: 3,
      source: 'a sheet',
    } as { readonly id: string }),
  ],
  bottles: [
    {
      id: 'lavender-1',
      bottle: {
        materialId: 'lavender',
        lot: 'LV-118',
        supplier: 'the market',
        openedOn: '2026-06-01',
        printedDate: '2028-06-01',
        unit: 'ml',
        size: 30,
        left: 17.5,
        price: 11,
        weighings: [{ drops: 40, massG: 1.42 }],
        analysis: { source: 'sheet 7', contents: [] },
        finishedOn: null,
      },
      ...kept,
    },
  ],
  vessels: [
    {
      id: 'frost',
      vessel: { name: 'Frost', kind: 'jar', nominalMl: 12, workingFillPercent: 90 },
      ...kept,
    },
  ],
  settings: [
    { key: 'maker', value: 'Dorrit Vane' },
    { key: 'serial/2026', value: 2 },
  ],
};
