// A frozen example of version 11 of the store: a bottle whose amount was typed over, and a batch that
// was made of it. Never changed.

const at = '2026-11-25T10:00:00.000Z';

export const version11 = {
  bottle: {
    id: 'lavender-1',
    bottle: {
      materialId: 'lavender',
      lot: 'LV-118',
      supplier: 'The Brass Still',
      openedOn: '2026-06-25',
      printedDate: null,
      unit: 'ml',
      size: 30,
      left: 17.5,
      price: 11,
      weighings: [{ drops: 20, massG: 0.79 }],
      analysis: null,
      finishedOn: null,
    },
    createdAt: at,
    updatedAt: at,
    deletedAt: null,
  },
  batch: {
    id: 'batch-1',
    number: '2026-001',
    blendId: 'row-g',
    file: {
      format: 'jubbet-blend',
      version: 2,
      name: 'Row G',
      brief: { wearer: 'anyone', place: 'pulse-points', use: 'leave-on', sun: 'covered' },
      containers: [{ container: { id: 'roll-on-10' }, count: 1 }],
      dropsPerMl: 20,
      oils: [{ id: 'lavender', amount: { unit: 'drops', value: 2 } }],
      bases: [{ id: 'jojoba', amount: { unit: 'parts', value: 1 } }],
    },
    askedPercent: 1,
    verdict: 'within',
    personId: null,
    materials: [],
    analyses: {},
    bottles: { lavender: { id: 'lavender-1', lot: 'LV-118' } },
    reason: '',
    startedAt: at,
    finishedAt: at,
    updatedAt: at,
    made: null,
    log: [
      {
        event: {
          kind: 'drop',
          step: 'count/0/lavender',
          container: 0,
          ingredient: 'lavender',
          bottleId: 'lavender-1',
          source: 'tap',
          drops: 1,
        },
        at: [at, at],
      },
    ],
    notToBeUsed: false,
    madeOn: '2026-11-25',
    notes: 'as it was',
    deletedAt: null,
  },
};
