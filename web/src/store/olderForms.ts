// How what was stored before becomes what is stored now. Read by migrations of the store and
// by the reader of files; never changed once it is in use.

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Up to version 5 of the store, and 1 of the file, every bottle was measured in ml. */
export const bottleWithUnit = (record: unknown): unknown => {
  if (!isObject(record) || !isObject(record['bottle'])) return record;
  const { sizeMl, leftMl, ...bottle } = record['bottle'];
  if (sizeMl === undefined && leftMl === undefined) return record;
  return { ...record, bottle: { ...bottle, unit: 'ml', size: sizeMl, left: leftMl } };
};

/** All data of a file of version 1 as version 2 has them: what cannot be read stays as it is. */
export const houseWithUnits = (house: unknown): unknown => {
  if (!isObject(house)) return house;
  const { bottles } = house;
  return Array.isArray(bottles) ? { ...house, bottles: bottles.map(bottleWithUnit) } : house;
};
