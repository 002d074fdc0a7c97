// A frozen example of version 7 of the store, and of version 3 of the file of all data, with all
// that a draft could hold; and the same as it is now. The older one is never changed.

const at = '2026-11-25T10:00:00.000Z';
const kept = { createdAt: at, updatedAt: at, deletedAt: null };
const dropMl = { low: 0.03, likely: 0.04, high: 0.05 };
const frost = { kind: 'jar', nominalMl: 12, workingFillPercent: 90, name: 'Frost' };

const ines = {
  ageMonths: 492,
  pregnant: false,
  nursing: true,
  conditions: ['asthma'],
  allergies: [],
  skin: 'normal',
};
const inesNow = {
  ageMonths: 492,
  pregnant: false,
  breastfeeding: true,
  conditions: ['asthma'],
  allergies: [],
  skin: 'normal',
};

const draft = {
  name: 'Footlight balm',
  purpose: 'for dry hands',
  notes: 'Greener.',
  brief: {
    wearer: ines,
    personId: 'ines',
    place: 'hands-or-feet',
    use: 'leave-on',
    sun: 'covered',
    forSale: true,
  },
  vessel: { id: 'tin-15' },
  count: 2,
  more: [{ vessel: frost, count: 1 }],
  by: 'weight',
  dropSchool: 'insert',
  school: 'cautious',
  target: { percent: 1.5 },
  oils: [
    { id: 'petitgrain', parts: 3 },
    { id: 'vetiver', drops: 2, dropMl },
    { id: 'lavender', ml: 0.2 },
  ],
  bases: [
    { id: 'beeswax_yellow', loose: { value: 2, unit: 'tablespoon', form: 'pellets', ml: 29.57 } },
    { id: 'shea_butter', percent: 20 },
    { id: 'jojoba', parts: 1 },
  ],
  inOne: true,
  lossPercent: 4,
  whipPercent: 40,
  useMl: 0.5,
};

const recipe = {
  name: 'Footlight balm',
  purpose: 'for dry hands',
  notes: 'Greener.',
  tags: [],
  brief: {
    wearer: inesNow,
    personId: 'ines',
    place: 'hands-or-feet',
    use: 'leave-on',
    sun: 'covered',
    forSale: true,
    asked: [],
    timesPerDay: null,
  },
  containers: [
    { container: { id: 'tin-15' }, count: 2 },
    { container: frost, count: 1 },
  ],
  by: 'weight',
  guideline: 'cautious',
  // The name "insert" meant 30 drops to the ml.
  dropsPerMl: 30,
  target: { percent: 1.5 },
  oils: [
    { id: 'petitgrain', amount: { unit: 'parts', value: 3 } },
    { id: 'vetiver', amount: { unit: 'drops', value: 2 }, dropMl },
    { id: 'lavender', amount: { unit: 'ml', value: 0.2 } },
  ],
  bases: [
    {
      id: 'beeswax_yellow',
      amount: { unit: 'loose', value: 2, measure: 'tablespoon', form: 'pellets', ml: 29.57 },
    },
    { id: 'shea_butter', amount: { unit: 'percent', value: 20 } },
    { id: 'jojoba', amount: { unit: 'parts', value: 1 } },
  ],
  mixedInOne: true,
  lossPercent: 4,
  whipPercent: 40,
  useMl: 0.5,
  stepWords: {},
  parentVersion: null,
};

const person = {
  name: 'Ines',
  born: '1985-06',
  pregnant: false,
  conditions: ['asthma'],
  allergies: [],
  skin: 'normal',
};

const batch = {
  id: 'batch-footlight',
  number: '2026-001',
  blendId: 'footlight',
  file: {
    format: 'jubbet-blend',
    version: 1,
    name: 'Footlight balm',
    brief: {
      wearer: ines,
      place: 'hands-or-feet',
      use: 'leave-on',
      sun: 'covered',
      forSale: false,
    },
    vessel: { id: 'tin-15' },
    count: 2,
    dropSchool: 'insert',
    school: 'cautious',
    oils: [{ id: 'vetiver', drops: 2 }],
    bases: [{ id: 'jojoba', parts: 1 }],
  },
  askedPercent: 1.5,
  personId: 'ines',
  materials: [],
  analyses: {},
  reason: '',
  startedAt: at,
  finishedAt: null,
  notToBeUsed: false,
  madeOn: '2026-11-25',
  notes: '',
  deletedAt: null,
};

const version = { id: 'd', blendId: 'footlight', number: 1, name: '', good: '', at, batchId: null };
const rest = {
  events: [{ seq: 1, batchId: batch.id, at, event: { kind: 'drop', step: 'count/0/vetiver' } }],
  materials: [],
  bottles: [],
  vessels: [{ id: 'v', vessel: frost, ...kept }],
  settings: [{ key: 'maker', value: 'Dorrit Vane' }],
};

/** All data as version 7 had them. */
export const version7 = {
  blends: [{ id: 'footlight', draft, revision: 1, ...kept }],
  drafts: [{ ...version, draft }],
  people: [{ id: 'ines', person: { ...person, nursing: true }, ...kept }],
  batches: [
    {
      ...batch,
      verdict: 'mind',
      made: { verdict: 'mind', hard: false, percent: [1.4, 1.6], bestBefore: '2027-11-25' },
    },
  ],
  ...rest,
};

/** The same data now. What came of a batch is judged anew from its events. */
export const version7Now = {
  blends: [{ id: 'footlight', recipe, revision: 1, favourite: false, tags: [], ...kept }],
  drafts: [{ ...version, recipe, updatedAt: at }],
  people: [{ id: 'ines', person: { ...person, breastfeeding: true }, ...kept }],
  batches: [
    {
      ...batch,
      verdict: 'caution',
      made: null,
      bottles: {},
      review: null,
      updatedAt: at,
      log: null,
    },
  ],
  materials: rest.materials,
  bottles: rest.bottles,
  vessels: rest.vessels,
  settings: rest.settings,
  movements: [],
  recipients: [],
  patchTests: [],
  photos: [],
  benchEvents: [
    {
      batchId: batch.id,
      seq: 1,
      at,
      event: {
        kind: 'drop',
        step: 'count/0/vetiver',
        container: 0,
        ingredient: 'vetiver',
        bottleId: null,
        source: null,
        drops: 1,
      },
    },
  ],
};
