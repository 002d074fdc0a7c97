import { execFile } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { checkBlend } from '@jubbet/core/exchange';
import { describe, expect, test } from 'vitest';

interface Checked {
  readonly stdout: string;
  readonly stderr: string;
  readonly status: number;
}

const run = (
  script: 'check' | 'read' | 'pack' | 'plan' | 'scent',
  ...files: string[]
): Promise<Checked> =>
  new Promise((done) => {
    const args = ['scripts/run.mjs', `scripts/${script}.ts`, ...files];
    execFile(process.execPath, args, (error, stdout, stderr) => {
      done({ stdout, stderr, status: typeof error?.code === 'number' ? error.code : 0 });
    });
  });

const check = (...files: string[]): Promise<Checked> => run('check', ...files);

test('npm run read prints what a text holds, nothing of nonsense, and one sentence of no file', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'jubbet-'));
  const read = (name: string, text?: string): Promise<Checked> => {
    const path = join(folder, name);
    if (text !== undefined) writeFileSync(path, text);
    return run('read', path);
  };
  const [recipe, nonsense, none] = await Promise.all([
    read('one.txt', 'neroli 3 drops\njojoba 10 ml'),
    read('two.html', '<p>Good morning'),
    read('three.txt'),
  ]);
  expect(JSON.parse(recipe.stdout)).toMatchObject({
    recipes: [
      {
        ingredients: [
          { materialId: 'neroli', amount: { unit: 'drops', value: 3 } },
          { materialId: 'jojoba', amount: { unit: 'ml', value: 10 } },
        ],
        issues: [],
        leftOver: [],
      },
    ],
  });
  expect([nonsense.status, JSON.parse(nonsense.stdout)]).toEqual([0, { recipes: [] }]);
  expect([none.status, none.stdout]).toEqual([2, '']);
  expect(none.stderr).toMatch(/^file: .*three\.txt cannot be opened\.\n$/);
}, 60_000);

test('npm run plan and npm run scent print one report, and one sentence of what cannot be read', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'jubbet-'));
  const given = readFileSync('docs/formats/examples/plan/interval-table.json', 'utf8');
  const wrong = join(folder, 'wrong.json');
  writeFileSync(wrong, given.replace('"pieces": 12', '"pieces": 0'));
  const [plan, badPlan, scent, noOil] = await Promise.all([
    run('plan', 'docs/formats/examples/plan/interval-table.json'),
    run('plan', wrong),
    run('scent', 'docs/formats/examples/within.json'),
    run('scent', 'docs/formats/examples/plan/interval-table.json'),
  ]);
  expect(plan.status).toBe(0);
  expect(JSON.parse(plan.stdout)).toMatchObject({ feasible: true, proved: true });
  expect([badPlan.status, badPlan.stdout]).toEqual([2, '']);
  expect(badPlan.stderr).toMatch(/^lines\.0\.pieces: .*1.*\n$/);
  expect(scent.status).toBe(0);
  expect(JSON.parse(scent.stdout)).toMatchObject({
    minutes: [0, 1, 2, 5, 10, 20, 40, 60, 120, 240, 480],
  });
  expect([noOil.status, noOil.stdout]).toEqual([2, '']);
  expect(noOil.stderr).toMatch(/^format: /);
}, 60_000);

test('npm run pack prints what a pack must bear by region and day, and one sentence of a bad word', async () => {
  const file = 'docs/formats/examples/within.json';
  const [eu, us, bad] = await Promise.all([
    run('pack', file, '--on', '2026-12-01'),
    run('pack', file, '--region', 'us'),
    run('pack', file, '--region', 'fr'),
  ]);
  expect(eu.status).toBe(0);
  expect(JSON.parse(eu.stdout)).toMatchObject({
    region: 'eu',
    on: '2026-12-01',
    ingredients: expect.arrayContaining(['Simmondsia Chinensis Seed Oil', 'Linalool']),
    allergens: expect.arrayContaining([
      expect.objectContaining({ label: 'Lavandula Oil/Extract', from: ['lavender'], whole: true }),
    ]),
    must: expect.arrayContaining([{ what: 'Batch', missing: true }]),
    notForSale: [],
  });
  expect(JSON.parse(us.stdout)).toMatchObject({ allergens: [] });
  expect([bad.status, bad.stdout]).toEqual([2, '']);
  expect(bad.stderr).toMatch(/^--region: is one of eu, ni, gb, us\.\n$/);
}, 60_000);

// Each waits for a process of its own most of the time.
describe.concurrent('npm run check', () => {
  test.each([
    ['within', 0],
    ['over', 1],
  ])(
    '%s',
    async (verdict, code) => {
      const { stdout, stderr, status } = await check(`docs/formats/examples/${verdict}.json`);
      expect(stderr).toBe('');
      expect(status).toBe(code);
      expect(JSON.parse(stdout)).toMatchObject({ verdict });
    },
    60_000,
  );

  test('a file that cannot be read leaves with 2 and one sentence that names the field', async () => {
    const path = join(mkdtempSync(join(tmpdir(), 'jubbet-')), 'later.json');
    writeFileSync(path, '{"format":"jubbet-blend","version":4}');
    const { stdout, stderr, status } = await check(path);
    expect([stdout, status]).toEqual(['', 2]);
    expect(stderr).toMatch(/^version: 4 cannot be read.*\.\n$/);
  }, 60_000);

  test('what is nested without end leaves with 2 and one sentence', async () => {
    const path = join(mkdtempSync(join(tmpdir(), 'jubbet-')), 'deep.json');
    const depth = 20_000;
    writeFileSync(
      path,
      `{"format":"jubbet-blend","version":3,"name":${'['.repeat(depth)}${']'.repeat(depth)}}`,
    );
    const { stdout, stderr, status } = await check(path);
    expect([stdout, status]).toEqual(['', 2]);
    expect(stderr).toMatch(/^file: .*\.\n$/);
  }, 60_000);

  test('a file in UTF-16 is read as one in UTF-8', async () => {
    const path = join(mkdtempSync(join(tmpdir(), 'jubbet-')), 'wide.json');
    const text = readFileSync('docs/formats/examples/within.json', 'utf8');
    writeFileSync(path, `\ufeff${text}`, 'utf16le');
    const { stdout, status } = await check(path);
    expect(status).toBe(0);
    expect(JSON.parse(stdout)).toMatchObject({ verdict: 'within' });
  }, 60_000);

  test('a file that is not there, too', async () => {
    const { stderr, status } = await check('no/such/file.json');
    expect(stderr).toMatch(/^file: no\/such\/file\.json cannot be opened\.\n$/);
    expect(status).toBe(2);
  }, 60_000);
});

test.each(['within', 'caution', 'unknown', 'over'])(
  'the example of %s comes to that',
  (verdict) => {
    const text = readFileSync(`docs/formats/examples/${verdict}.json`, 'utf8');
    expect(checkBlend(text, '2026-12-01')).toMatchObject({ ok: true, report: { verdict } });
  },
);
