import { type Page, expect, test } from './test';
import { readTables, writeTables } from './houseFile';

// Files of all data with something wrong in them: whatever of one is taken in, every screen opens.
// MUTANTS and SEED make it longer or repeat it.

const mutants = Number(process.env['MUTANTS'] ?? 5);
const seed = Number(process.env['SEED'] ?? 1);

const random = (() => {
  let state = seed >>> 0;
  return (): number => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
})();

const entry = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;

const poison: readonly unknown[] = [
  null,
  '',
  'garbage',
  '2026-02-31',
  '0000-00-00',
  '<img src=x onerror=alert(1)>',
  -1,
  0,
  1e-9,
  99.9999,
  1e308,
  2 ** 53 - 1,
  true,
  [],
  {},
  ['lavender'],
  'constructor',
  'own-nothing',
];

type Json = Record<string, unknown> | unknown[];

const isJson = (value: unknown): value is Json => typeof value === 'object' && value !== null;

/** A random place in the data, and what happens there: another value, one less, one twice. */
const mutated = (house: Json): void => {
  let at = house;
  for (;;) {
    const keys = Object.keys(at);
    if (keys.length === 0) return;
    const key = entry(keys);
    const inner = (at as Record<string, unknown>)[key];
    if (isJson(inner) && Object.keys(inner).length > 0 && random() < 0.9) {
      at = inner;
      continue;
    }
    const act = random();
    if (act < 0.7) (at as Record<string, unknown>)[key] = entry(poison);
    else if (Array.isArray(at)) at.push(inner);
    else Reflect.deleteProperty(at, key);
    return;
  }
};

/** From screen to screen without loading the page again. */
const visit = async (page: Page, path: string): Promise<void> => {
  await page.evaluate((to) => {
    window.history.pushState({ key: to }, '', to);
    window.dispatchEvent(new PopStateEvent('popstate', { state: { key: to } }));
  }, path);
};

const screens = [
  '/blends',
  '/blends/prompt-desk',
  '/blends/prompt-desk/make',
  '/blends/prompt-desk/versions',
  '/blends/prompt-desk/label',
  '/blends/prompt-desk/who',
  '/blends/curtain-call',
  '/today',
  '/make/batch-prompt-desk',
  '/batches',
  '/batches/batch-after-the-lift',
  '/batches/batch-curtain-call/label',
  '/people',
  '/people/bettina',
  '/shelf',
  '/shelf/sandalwood-1',
  '/settings',
];

test(`every screen opens with what was taken of ${mutants} broken files, seed ${seed}`, async ({
  page,
}, info) => {
  test.setTimeout(60_000 + mutants * 20_000);
  await page.goto('/settings');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up everything' }).click();
  const good = await (await download).path();
  const failures: string[] = [];
  page.on('pageerror', (error) => failures.push(error.message));
  let taken = 0;
  for (let n = 0; n < mutants; n += 1) {
    const tables = readTables(good);
    // Several at once, so that one file shows more than one weakness.
    for (let times = 0; times < 8; times += 1) mutated(tables);
    const path = info.outputPath('mutant.zip');
    writeTables(path, good, tables);
    await visit(page, '/settings');
    await page.getByLabel('A backup to restore').setInputFiles(path);
    const replace = page.getByRole('button', { name: 'Replace everything here' });
    const refused = page.getByRole('alert').filter({ hasText: 'Nothing was changed' });
    await expect(replace.or(refused)).toBeVisible();
    if ((await refused.count()) > 0) {
      await page.reload();
      continue;
    }
    taken += 1;
    await replace.click();
    await expect(page.getByText(/has replaced everything/)).toBeVisible();
    for (const screen of screens) {
      await visit(page, screen);
      const heading = page.getByRole('heading', { level: 1 });
      await expect(heading, `mutant ${n}, ${screen}, seed ${seed}`).toBeAttached();
      await expect(
        page.getByText(/This page stopped working|cannot be shown/),
        `mutant ${n}, ${screen}, seed ${seed}`,
      ).toHaveCount(0);
    }
    expect(failures, `mutant ${n}, seed ${seed}`).toEqual([]);
  }
  expect(taken).toBeGreaterThan(mutants / 4);
});
