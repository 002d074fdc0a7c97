import { readFile } from 'node:fs/promises';
import { type Page, expect, test } from './test';

// What is in the way of the data is stated, with what to do; never a blank page.

test.use({ stored: 'nothing' });

const tablesOf13: Record<string, string | string[]> = {
  ...Object.fromEntries(
    [
      ...['materials', 'blends', 'people', 'bottles', 'vessels', 'batches', 'drafts'],
      ...['movements', 'recipients', 'patchTests', 'photos', 'snapshots'],
    ].map((table) => [table, 'id']),
  ),
  benchEvents: ['batchId', 'seq'],
  settings: 'key',
};

/** Opens the store of this address in a version, as another Jubbet would. */
const openStore = (page: Page, version: number) =>
  page.evaluate(
    ({ to, tables }) =>
      new Promise<void>((done, failed) => {
        const request = indexedDB.open('jubbet', to);
        request.onupgradeneeded = () => {
          // The tables of version 13: what a migration reads is there.
          for (const [name, keyPath] of Object.entries(tables)) {
            request.result.createObjectStore(name, { keyPath });
          }
          request.result.createObjectStore('wayBack', { keyPath: 'n', autoIncrement: true });
        };
        request.onsuccess = () => {
          // Held open, as a tab from before it was closed on demand.
          (window as unknown as { held: IDBDatabase }).held = request.result;
          done();
        };
        request.onerror = () => failed(new Error(request.error?.message));
      }),
    { to: version, tables: tablesOf13 },
  );

test('data of a newer Jubbet are told as such, and left alone', async ({ page, context }) => {
  const other = await context.newPage();
  await other.goto('/icon.svg');
  await openStore(other, 9_990);
  await page.goto('/blends');
  await expect(
    page.getByRole('heading', { name: 'Your data are from a newer Jubbet' }),
  ).toBeVisible();
  await expect(page.getByRole('alert')).toContainText('close all tabs with Jubbet');
});

test('an older tab that holds the data is told, and once it is closed all goes on', async ({
  page,
  context,
}) => {
  const older = await context.newPage();
  await older.goto('/icon.svg');
  await openStore(older, 130);
  await page.goto('/blends');
  await expect(page.getByRole('heading', { name: /open in another tab/ })).toBeVisible();
  await older.close();
  await expect(page.getByRole('heading', { name: 'Prompt desk' })).toBeVisible();
});

test('data from before the first release are exported as JSON, and then one starts afresh', async ({
  page,
  context,
}) => {
  const other = await context.newPage();
  await other.goto('/icon.svg');
  await openStore(other, 120);
  await other.evaluate(
    () =>
      new Promise((done) => {
        const { held } = window as unknown as { held: IDBDatabase };
        const write = held.transaction('blends', 'readwrite');
        write.objectStore('blends').put({ id: 'row-g', draft: { name: 'Row G' } });
        write.oncomplete = done;
      }),
  );
  await other.close();
  await page.goto('/blends');
  await expect(page.getByRole('heading', { name: /from before the first release/ })).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export everything' }).click();
  const file = JSON.parse(await readFile(await (await saved).path(), 'utf8')) as object;
  expect(file).toMatchObject({ tables: { blends: [{ id: 'row-g', draft: { name: 'Row G' } }] } });
  await page.getByRole('button', { name: 'Delete these data and start afresh' }).click();
  await expect(page.getByRole('heading', { name: 'Prompt desk' })).toBeVisible();
});

test('a browser that keeps nothing is told what to do', async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('A mutation operation was attempted', 'InvalidStateError');
    };
  });
  await page.goto('/blends');
  await expect(page.getByRole('alert')).toContainText('Open Jubbet in an ordinary window');
});
