import 'fake-indexeddb/auto';
import { shippedCatalog } from '@jubbet/core/catalog';
import { readShelf } from '@jubbet/core/reading';
import { beforeAll, expect, test } from 'vitest';
import { batches } from './batches';
import { bottles } from './bottles';
import { db } from './database';
import { logFields, logRow, shelfFields, shelfRows } from './houseTables';
import { today } from './now';
import { seedOnce } from './seed.testing';

beforeAll(() => seedOnce(db, today()));

const loggedAs = async (id: string): Promise<Record<string, string | number>> => {
  const [batch] = await batches.some([id]);
  if (!batch) throw new Error(id);
  const row = logRow(shippedCatalog, batch);
  return Object.fromEntries(logFields.map((field, n) => [field, row[n] ?? '']));
};

test('a batch in the log says what came of it, with its lots', async () => {
  const line = await loggedAs('batch-curtain-call');
  expect(line).toMatchObject({
    batch: '2026-024',
    blend: 'Curtain call',
    verdict: 'within limits',
  });
  // 0.89 % by weight is less by volume: what is judged is in the log.
  expect(Number(line['weakest %'])).toBeGreaterThan(0.7);
  expect(line['weakest %']).toBe(line['strongest %']);
  expect(line['lots']).toContain('BW-12');
});

test('what is not to be used says so, whatever its figures', async () => {
  const [batch] = await batches.some(['batch-curtain-call']);
  if (!batch) throw new Error('no batch');
  const row = logRow(shippedCatalog, { ...batch, notToBeUsed: true });
  expect(row[logFields.indexOf('verdict')]).toBe('do not use');
});

test('the shelf as a table can be imported again, every bottle with what is left', async () => {
  const records = await bottles.list();
  const lines = shelfRows(shippedCatalog, records);
  const read = readShelf(
    [shelfFields, ...lines.map((line) => line.map(String))],
    shippedCatalog,
    today(),
  );
  if (!read.ok) throw new Error(read.code);
  // What is the same as another bottle is asked about; nothing else is wrong with any.
  expect(read.unread).toEqual([]);
  const wrong = read.lines.flatMap((line) => (line.ok ? [] : [line.problem.code]));
  expect(wrong.filter((code) => code !== 'twice')).toEqual([]);
  expect(read.lines).toHaveLength(records.length);
});
