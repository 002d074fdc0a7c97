// npm run fixtures: writes the stored house of the browser tests again, from the example house as it is
// now. The fixture is frozen apart from that, so that a change of the example breaks no test.
import 'fake-indexeddb/auto';
import { writeFileSync } from 'node:fs';
import { openDatabase } from '../web/src/store/database';
import { seedFirst } from '../web/src/store/seed';
import { seedBatches } from '../web/src/store/seedBatches';

/** The day on which the frozen house is still; tests move its dates to today. */
const day = '2026-11-25';

const db = openDatabase('fixture');
await seedFirst(db, day);
await seedBatches(db, day);
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
const fixture = { day, version: db.verno * 10, stores, rows: Object.fromEntries(tables) };
writeFileSync('e2e/fixtures/house.json', `${JSON.stringify(fixture)}\n`);
