// How a house of twenty years opens, beside one of a day, and how it is read in.
import { readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Browser, BrowserContext, Page } from '@playwright/test';
import { strFromU8, unzipSync } from 'fflate';
import { bigHouse } from './bigHouse';

const dexie = readFileSync('node_modules/dexie/dist/dexie.min.js', 'utf8');

const median = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? 0;

/** Lists, each by a row that shows that the list is there. */
const lists: readonly (readonly [string, string])[] = [
  ['/blends', 'main article h2'],
  ['/batches', 'main tbody tr th'],
  ['/today', 'main h1'],
  ['/people', 'main li h2'],
  ['/shelf', 'main li a'],
];

/** From the press to the first row and the frame after it, and how many nodes there are then. */
const openList = (page: Page, path: string, row: string) =>
  page.evaluate(
    async ([to, selector]) => {
      const go = (address: string): void => {
        window.history.pushState({ key: address }, '', address);
        window.dispatchEvent(new PopStateEvent('popstate', { state: { key: address } }));
      };
      const frame = () => new Promise((done) => requestAnimationFrame(done));
      go('/handbook');
      while (document.querySelector('main h1')?.textContent !== 'Handbook') await frame();
      await frame();
      const start = performance.now();
      go(to);
      while (
        document.querySelector('main h1')?.textContent === 'Handbook' ||
        document.querySelector(selector) === null
      ) {
        await frame();
      }
      await frame();
      const ms = performance.now() - start;
      return { ms, nodes: document.querySelectorAll('*').length };
    },
    [path, row] as const,
  );

const openLists = async (page: Page) => {
  const found: { path: string; ms: number; nodes: number }[] = [];
  for (const [path, row] of lists) {
    const times: { ms: number; nodes: number }[] = [];
    // The first time fetches the screen.
    for (let n = 0; n < 8; n += 1) times.push(await openList(page, path, row));
    found.push({
      path,
      ms: median(times.slice(1).map(({ ms }) => ms)),
      nodes: Math.max(...times.map(({ nodes }) => nodes)),
    });
  }
  return found;
};

/** From the press in its menu that deletes the first blend to the frame in which it is gone. */
const deleteBlend = async (page: Page): Promise<number> => {
  await page
    .getByRole('button', { name: /^More for / })
    .first()
    .click();
  return page.getByRole('menuitem', { name: 'Delete', exact: true }).evaluate(async (item) => {
    const frame = () => new Promise((done) => requestAnimationFrame(done));
    const first = () => document.querySelector('main article h2 a')?.getAttribute('href');
    const before = first();
    const start = performance.now();
    (item as HTMLElement).click();
    while (first() === before) await frame();
    return performance.now() - start;
  });
};

const deleteSome = async (page: Page): Promise<number> => {
  await page.goto(new URL('/blends', page.url()).href);
  await page.locator('main article h2').first().waitFor();
  await page.waitForTimeout(1500);
  const times: number[] = [];
  for (let n = 0; n < 9; n += 1) {
    times.push(await deleteBlend(page));
    await page.waitForTimeout(150);
  }
  return median(times);
};

/** Reads a file in by the screen of settings; how long it took, and the longest task of the page. */
const readIn = async (page: Page, path: string): Promise<{ ms: number; longest: number }> => {
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('heading', { name: 'Settings' }).waitFor();
  await page.waitForTimeout(1000);
  await page.evaluate(() => {
    const tasks: number[] = [];
    (window as unknown as { tasks: number[] }).tasks = tasks;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) tasks.push(duration);
    }).observe({ entryTypes: ['longtask'] });
  });
  const start = Date.now();
  await page.getByLabel('A backup to restore').setInputFiles(path);
  await page.getByRole('button', { name: 'Replace everything here' }).click({ timeout: 600_000 });
  await page.getByText(/has replaced everything/).waitFor({ timeout: 600_000 });
  const ms = Date.now() - start;
  const longest = await page.evaluate(() =>
    Math.max(0, ...(window as unknown as { tasks: number[] }).tasks),
  );
  return { ms, longest };
};

/** As much of the package as is used without the application. */
type BareDexie = new (
  name: string,
  options: object,
) => {
  version: (number: number) => { stores: (indexes: Record<string, string>) => void };
  open: () => Promise<unknown>;
  tables: unknown[];
  table: (name: string) => { bulkAdd: (rows: unknown[]) => Promise<unknown> };
  transaction: (mode: string, tables: unknown[], act: () => Promise<void>) => Promise<void>;
};

/** The same rows parsed and put into a bare database of the same tables, by the same package. */
const bareWrites = async (context: BrowserContext, house: string, path: string) => {
  const page = await context.newPage();
  await page.goto(`${house}/icon.svg`);
  await page.evaluate(dexie);
  const texts = Object.fromEntries(
    Object.entries(unzipSync(readFileSync(path)))
      .filter(([name]) => name !== 'house.json')
      .map(([name, data]) => [name.replace('.json', ''), strFromU8(data)]),
  );
  const ms = await page.evaluate(async (given: Record<string, string>) => {
    const { Dexie } = window as unknown as { Dexie: BareDexie };
    const db = new Dexie('bare', { chromeTransactionDurability: 'strict' });
    db.version(1).stores({
      materials: 'id',
      blends: 'id, updatedAt, deletedAt, recipe.name, recipe.purpose',
      people: 'id, person.name, deletedAt',
      bottles: 'id, bottle.materialId, bottle.finishedOn, deletedAt',
      containers: 'id',
      batches:
        'id, &number, blendId, startedAt, finishedAt, deletedAt, personId, made.judgedOn, file.name',
      drafts: 'id, blendId',
      benchEvents: '[batchId+seq]',
      movements: 'id, bottleId',
      recipients: 'id, recipient.batchId, recipient.personId',
      patchTests: 'id, test.of.batchId, test.personId',
      photos: 'id, photo.of.id',
      settings: 'key',
    });
    await db.open();
    const start = performance.now();
    await db.transaction('rw', db.tables, async () => {
      for (const [table, text] of Object.entries(given)) {
        await db.table(table).bulkAdd(JSON.parse(text) as unknown[]);
      }
    });
    return performance.now() - start;
  }, texts);
  await page.close();
  return ms;
};

/** One line of the table: what was measured, beside what, and whether it misses its goal. */
export type Row = (
  what: string,
  ours: string,
  reference: string,
  reached: string,
  reach: string,
  misses?: boolean,
) => void;

const short = (value: number): string => value.toPrecision(3);

/** Measures a house of 2,000 blends, 20,000 batches and 567,000 events beside the example's. */
export const benchHouse = async (browser: Browser, house: string, row: Row): Promise<void> => {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(`${house}/blends`);
  await page.getByRole('heading', { name: 'Prompt desk' }).waitFor();
  await page.waitForTimeout(6000);
  const small = await openLists(page);
  const smallDelete = await deleteSome(page);

  await page.getByRole('link', { name: 'Settings' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up everything' }).click();
  const saved = readFileSync(await (await download).path());
  const made = bigHouse(saved, 2000, 20_000, 567_000);
  const path = join(tmpdir(), 'jubbet-big.zip');
  writeFileSync(path, made.file);
  const bare = await bareWrites(context, house, path);
  const read = await readIn(page, path);
  row(
    `a backup read in: 2,000 blends, 20,000 batches, ${made.events.toLocaleString('en-GB')} events`,
    `${short(read.ms / 1000)} s`,
    `${short(bare / 1000)} s \`JSON.parse\` and bare Dexie writes`,
    `${short(read.ms / bare)} times`,
    'at most 2.2 times',
    read.ms / bare > 2.2,
  );
  row(
    'the longest task of the page meanwhile',
    `${short(read.longest)} ms`,
    '',
    '',
    'at most 100 ms',
    read.longest > 100,
  );
  // What came in is judged in a worker: lists are measured beside a house at rest.
  await page.waitForTimeout(120_000);
  const big = await openLists(page);
  big.forEach(({ path: list, ms, nodes }, n) => {
    const before = small[n]?.ms ?? 1;
    row(
      `\`${list}\` of that house opens, median of 7`,
      `${short(ms)} ms, ${nodes} nodes`,
      `${short(before)} ms with the example house`,
      `${short(ms / before)} times`,
      'at most 1.5 times, under 3,000 nodes',
      ms / before > 1.5 || nodes >= 3000,
    );
  });
  const bigDelete = await deleteSome(page);
  row(
    'one blend deleted, until its row is gone, median of 9',
    `${short(bigDelete)} ms`,
    `${short(smallDelete)} ms with the example house`,
    `${short((bigDelete - smallDelete) / 16.7)} frames more`,
    'at most two frames more',
    bigDelete - smallDelete > 2 * 16.7,
  );
  await context.close();
};
