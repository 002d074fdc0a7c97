import 'fake-indexeddb/auto';
import { exampleMaker } from './exampleBlends';
import { openDatabase } from './database';
import { seedOnce } from './seed.testing';

/** The day on which the frozen house stands still; tests move its dates to today. */
const day = '2026-11-25';

/** The example house as it is stored, tables and all, for the browser tests to put into a browser. */
export const storedFixture = async () => {
  const db = openDatabase('fixture');
  await seedOnce(db, day);
  // A house that is lived in: its maker is known, and nothing offers to take the example out.
  await db.settings.delete('exampleHere');
  await db.settings.put({ key: 'maker', value: exampleMaker });
  await db.settings.put({ key: 'openedAt', value: `${day}T09:00:00.000Z` });
  const tables = await Promise.all(
    db.tables.map(async (table) => [table.name, await table.toArray()] as const),
  );
  const stores = db.tables.map(({ name, schema }) => ({
    name,
    keyPath: schema.primKey.keyPath ?? null,
    autoIncrement: schema.primKey.auto ?? false,
    indexes: schema.indexes.map(({ name: index, keyPath, unique, multi }) => ({
      name: index,
      keyPath,
      unique: unique ?? false,
      multiEntry: multi ?? false,
    })),
  }));
  return { day, version: db.verno * 10, stores, rows: Object.fromEntries(tables) };
};
