import { type Page, expect, test } from './test';

// What stands in the way of the data is said, with what to do; never a blank page.

/** Opens the store of this address in a version, as another Jubbet would. */
const openStore = (page: Page, version: number) =>
  page.evaluate(
    (to) =>
      new Promise<void>((done, failed) => {
        const asked = indexedDB.open('jubbet', to);
        asked.onupgradeneeded = () => {
          asked.result.createObjectStore('blends', { keyPath: 'id' });
        };
        asked.onsuccess = () => {
          // Held open, as a tab from before it was closed on demand.
          (window as unknown as { held: IDBDatabase }).held = asked.result;
          done();
        };
        asked.onerror = () => failed(new Error(asked.error?.message));
      }),
    version,
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
  await openStore(older, 10);
  await page.goto('/blends');
  await expect(page.getByRole('heading', { name: /open in another tab/ })).toBeVisible();
  await older.close();
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
