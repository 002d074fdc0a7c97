import { isObject } from './fields';

// How what was stored before becomes what is stored now. Read by migrations of the store and
// by the reader of files; never changed once it is in use.

/** Up to version 5 of the store, and 1 of the file, every bottle was measured in ml. */
export const bottleWithUnit = (record: unknown): unknown => {
  if (!isObject(record) || !isObject(record['bottle'])) return record;
  const { sizeMl, leftMl, ...bottle } = record['bottle'];
  if (sizeMl === undefined && leftMl === undefined) return record;
  return { ...record, bottle: { ...bottle, unit: 'ml', size: sizeMl, left: leftMl } };
};

/**
 * Up to version 11 of the store, and 7 of the file, what was left in a bottle was typed over; from
 * then on it is what the bottle began with, and its ledger goes on from there.
 */
export const bottleWithLedger = (record: unknown): unknown => {
  if (!isObject(record) || !isObject(record['bottle'])) return record;
  const { left, ...bottle } = record['bottle'];
  if (left === undefined) return record;
  return { ...record, bottle: { ...bottle, atStart: left, boughtOn: null, first: false } };
};

/**
 * Up to version 11 of the store, and 7 of the file, nobody was asked how a batch was, and what a
 * finished one took had been typed over in its bottles: it is not taken once more.
 */
export const batchBeforeLedger = (record: unknown): unknown =>
  isObject(record) && !('review' in record)
    ? { ...record, review: null, ...(record['log'] ? { beforeLedger: true } : {}) }
    : record;

const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? value : []);

const idsOf = (entries: unknown): unknown[] =>
  listOf(entries).map((entry) => (isObject(entry) ? entry['id'] : undefined));

/** Ids of the oils in a ready-made blend. */
const insideOf = (own: Record<string, unknown>): unknown[] =>
  own['kind'] === 'ready-made' ? idsOf(own['parts']) : [];

/**
 * Up to version 6 of the store, and 2 of the file, a batch read materials of the house's own as
 * they stood there, and for whom it was stood with its draft alone.
 *
 * @param materials all records of them
 * @param drafts all drafts
 */
export const batchOfItsOwn = (materials: readonly unknown[], drafts: readonly unknown[]) => {
  const own = materials.flatMap((record) =>
    isObject(record) && isObject(record['own']) ? [record['own']] : [],
  );
  const people = new Map(
    drafts.flatMap((record) => {
      if (!isObject(record) || !isObject(record['draft'])) return [];
      const { brief } = record['draft'];
      return isObject(brief) ? [[record['batchId'], brief['personId'] ?? null] as const] : [];
    }),
  );
  return (record: unknown): unknown => {
    if (!isObject(record) || 'materials' in record || !isObject(record['file'])) return record;
    const { oils, bases } = record['file'];
    const ids = [...idsOf(oils), ...idsOf(bases)];
    const named = own.filter(({ kind, id }) => kind !== 'figure' && ids.includes(id));
    const inside = new Set([...ids, ...named.flatMap(insideOf)]);
    return {
      ...record,
      personId: people.get(record['id']) ?? null,
      materials: [
        ...named,
        ...own.filter(({ kind, oilId }) => kind === 'figure' && inside.has(oilId)),
      ],
      analyses: {},
      made: null,
      notToBeUsed: false,
      deletedAt: null,
    };
  };
};
