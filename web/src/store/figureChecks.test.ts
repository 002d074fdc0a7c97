import 'fake-indexeddb/auto';
import { readChecks, writeChecks } from '@jubbet/core/exchange';
import type { FigureCheck } from '@jubbet/core/catalog';
import { expect, test } from 'vitest';
import { figureChecksStore } from './figureChecks';
import { openDatabase } from './database';
import { readCatalog } from './houseCatalog';

const check = (
  figureId: string,
  percent: number,
  more: Partial<FigureCheck> = {},
): FigureCheck => ({
  kind: 'check',
  id: `check-${figureId}-mara quill`,
  figureId,
  work: 'Essential Oil Safety, 2nd ed.',
  page: '251',
  percent,
  by: 'Mara Quill',
  checkedOn: '2026-12-01',
  ...more,
});

test('a check that agrees is kept, and changes no figure', async () => {
  const db = openDatabase(crypto.randomUUID());
  const checks = figureChecksStore(db);
  await checks.save(check('maximum/clove-bud', 0.5));
  expect(await checks.list()).toHaveLength(1);
  expect((await readCatalog(db)).oil('clove-bud')?.own).toBeUndefined();
});

test('one that says something else counts as the maker’s own figure, and is taken back whole', async () => {
  const db = openDatabase(crypto.randomUUID());
  const checks = figureChecksStore(db);
  const undo = await checks.save(check('maximum/clove-bud', 0.4));
  const clove = (await readCatalog(db)).oil('clove-bud');
  expect(clove?.dermalMaximum.percent).toBe(0.4);
  expect(clove?.own?.figures[0]).toMatchObject({
    original: 0.5,
    source: 'Essential Oil Safety, 2nd ed., p. 251',
  });
  await undo();
  expect(await checks.list()).toEqual([]);
  expect((await readCatalog(db)).oil('clove-bud')?.dermalMaximum.percent).toBe(0.5);
});

test('a phototoxic limit that allows more never counts', async () => {
  const db = openDatabase(crypto.randomUUID());
  await figureChecksStore(db).save(check('light/bergamot', 5));
  expect((await readCatalog(db)).oil('bergamot')?.phototoxicLimitPercent).toBe(0.4);
});

test('checks go out and come in: the later of one person stays, others are added', async () => {
  const db = openDatabase(crypto.randomUUID());
  const checks = figureChecksStore(db);
  await checks.save(check('cap/eugenol', 0.5));
  const theirs = [
    check('cap/eugenol', 0.6, { checkedOn: '2026-01-01' }),
    check('maximum/clove-bud', 0.4, { by: 'Ines Vale' }),
    check('maximum/ylang-ylang', 5, { by: 'Ines Vale' }),
    check('maximum/no-such-oil', 1),
  ];
  const read = readChecks(writeChecks(theirs));
  if (!read.ok) throw new Error(read.problem.code);
  expect(read.unknown).toEqual(['maximum/no-such-oil']);
  expect(await checks.addAll(read.checks)).toEqual({ added: 2, here: 1 });
  expect((await checks.list()).map(({ figureId, percent }) => [figureId, percent]).sort()).toEqual([
    ['cap/eugenol', 0.5],
    ['maximum/clove-bud', 0.4],
    ['maximum/ylang-ylang', 5],
  ]);
  // What somebody else found counts where it is the stricter, and never where it loosens.
  const catalog = await readCatalog(db);
  expect(catalog.oil('clove-bud')?.dermalMaximum.percent).toBe(0.4);
  expect(catalog.oil('ylang-ylang')?.dermalMaximum.percent).toBe(0.8);
});

test.each([
  ['no JSON', 'file: is no JSON'],
  ['{"format":"jubbet-blend","version":1,"checks":[]}', 'format'],
  ['{"format":"jubbet-checks","version":1,"checks":[{"figureId":"cap/eugenol"}]}', 'work'],
])('%s is refused with what is wrong', (text, at) => {
  const read = readChecks(text);
  expect(read.ok).toBe(false);
  if (!read.ok)
    expect(['file', ...read.problem.path.map(String)].join(' ')).toContain(at.slice(0, 4));
});
