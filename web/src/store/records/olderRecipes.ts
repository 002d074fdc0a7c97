import { isObject } from './fields';

// Up to version 7 of the store, and 3 of the file of all data, a blend held a draft in the form of
// its file, and terms were others. Read by migrations of the store and by the reader of files;
// never changed once it is in use.

type Fields = Readonly<Record<string, unknown>>;

/** Up to version 2 of the store nobody lived in the house. */
export const briefOfPerson = (record: unknown): unknown =>
  withBrief(record, (brief) => ({ personId: null, ...brief }));

/** Up to version 4 of the store nothing was for sale. */
export const notForSale = (record: unknown): unknown =>
  withBrief(record, (brief) => ({ forSale: false, ...brief }));

const withBrief = (record: unknown, to: (brief: Fields) => Fields): unknown => {
  if (!isObject(record) || !isObject(record['draft']) || !isObject(record['draft']['brief'])) {
    return record;
  }
  const { draft } = record;
  return { ...record, draft: { ...draft, brief: to(record['draft']['brief']) } };
};

const listOf = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);

const wearerInTerms = (wearer: unknown): unknown => {
  if (!isObject(wearer) || !('nursing' in wearer)) return wearer;
  const { nursing, ...rest } = wearer;
  return { ...rest, breastfeeding: nursing };
};

const units = ['drops', 'ml', 'g', 'parts', 'percent'];

const amountOf = (entry: Fields): unknown => {
  const { loose } = entry;
  if (isObject(loose)) {
    const { unit: measure, ...rest } = loose;
    return { unit: 'loose', measure, ...rest };
  }
  const unit = units.find((one) => entry[one] !== undefined);
  return unit === undefined ? null : { unit, value: entry[unit] };
};

const ingredientOf = (entry: unknown): unknown =>
  isObject(entry)
    ? {
        id: entry['id'],
        amount: amountOf(entry),
        ...(entry['dropMl'] === undefined ? {} : { dropMl: entry['dropMl'] }),
      }
    : entry;

/** Drops to the ml by the names that drop sizes had. */
const dropsPerMl: Readonly<Record<string, number>> = {
  leaflet: 17,
  pharmacy: 20,
  middle: 25,
  insert: 30,
  fine: 35,
};

/** A draft as the recipe that it is; what cannot be read stays as it is. */
const recipeOfDraft = (draft: unknown): unknown => {
  if (!isObject(draft) || !isObject(draft['brief'])) return draft;
  const { wearer, ...brief } = draft['brief'];
  return {
    name: draft['name'],
    purpose: draft['purpose'],
    notes: draft['notes'],
    tags: [],
    brief: { ...brief, wearer: wearerInTerms(wearer), asked: [], timesPerDay: null },
    containers: [
      { container: draft['vessel'], count: draft['count'] },
      ...listOf(draft['more']).map((line) =>
        isObject(line) ? { container: line['vessel'], count: line['count'] } : line,
      ),
    ],
    by: draft['by'] ?? 'volume',
    guideline: draft['school'],
    dropsPerMl: dropsPerMl[String(draft['dropSchool'])] ?? dropsPerMl['pharmacy'],
    target: draft['target'],
    oils: listOf(draft['oils']).map(ingredientOf),
    bases: listOf(draft['bases']).map(ingredientOf),
    mixedInOne: draft['inOne'] ?? false,
    lossPercent: draft['lossPercent'] ?? 0,
    whipPercent: draft['whipPercent'] ?? null,
    useMl: draft['useMl'] ?? null,
    stepWords: {},
    parentVersion: null,
  };
};

/** A blend, or one that was kept, with its recipe. */
export const recordWithRecipe = (record: unknown): unknown => {
  if (!isObject(record) || !('draft' in record)) return record;
  const { draft, ...rest } = record;
  return { ...rest, recipe: recipeOfDraft(draft) };
};

/** Somebody in the house. */
export const personInTerms = (record: unknown): unknown =>
  isObject(record) ? { ...record, person: wearerInTerms(record['person']) } : record;

const verdicts: Readonly<Record<string, string>> = {
  holds: 'within',
  mind: 'caution',
  over: 'over',
  'not-known': 'unknown',
};

/** A batch: what came of it is judged anew from its events. Its file stays as it was written. */
export const batchInTerms = (record: unknown): unknown =>
  isObject(record)
    ? {
        ...record,
        verdict: verdicts[String(record['verdict'])] ?? record['verdict'],
        made: null,
      }
    : record;
