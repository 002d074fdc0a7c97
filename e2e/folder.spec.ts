import { expect, saved, test, type Page } from './test';

// The folder of a browser's own stands for one that two devices share.
const withFolder = async (page: Page): Promise<void> => {
  await page.addInitScript(() => {
    const shared = async () =>
      (await navigator.storage.getDirectory()).getDirectoryHandle('shared', { create: true });
    Object.assign(window, { showDirectoryPicker: shared });
  });
};

/** The backups in the folder, with how large each is. */
const inFolder = (page: Page) =>
  page.evaluate(async () => {
    const folder = await (
      await navigator.storage.getDirectory()
    ).getDirectoryHandle('shared', { create: true });
    const found: Record<string, number> = {};
    for await (const [name, handle] of folder.entries()) {
      if (handle instanceof FileSystemFileHandle) found[name] = (await handle.getFile()).size;
    }
    return found;
  });

/** The same backup as another device would have put it there. */
const asOtherDevice = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('shared');
    for await (const [name, handle] of folder.entries()) {
      if (!(handle instanceof FileSystemFileHandle)) continue;
      const file = await handle.getFile();
      const other = await folder.getFileHandle('jubbet-house-other000.zip', { create: true });
      const writable = await other.createWritable();
      await writable.write(await file.arrayBuffer());
      await writable.close();
      await folder.removeEntry(name);
    }
  });

test('a folder that two devices share keeps a backup, and offers what is newer on the other', async ({
  page,
}) => {
  await withFolder(page);
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Choose a folder' }).click();
  await expect(page.getByText(/A backup is kept in the folder “shared”/)).toBeVisible();
  await page.goto('/blends/row-g');
  await page.getByLabel('What it is for').fill('for the second row');
  await saved(page);
  // The page is left: what was changed goes into the folder.
  await page.evaluate(() => {
    Object.defineProperty(document, 'visibilityState', { value: 'hidden', configurable: true });
    document.dispatchEvent(new Event('visibilitychange'));
  });
  await expect.poll(async () => Object.keys(await inFolder(page))).toHaveLength(1);
  await page.evaluate(() => {
    Object.defineProperty(document, 'visibilityState', { value: 'visible', configurable: true });
  });

  await asOtherDevice(page);
  await page.goto('/blends');
  // Nothing of it is news here: it is not offered.
  await expect(page.getByRole('heading', { name: 'Row G' })).toBeVisible();
  await expect(page.getByText(/Your other device has/)).toHaveCount(0);
  await page.getByRole('link', { name: 'Settings' }).first().click();
  await page.getByRole('button', { name: 'Remove everything' }).click();
  await page.getByRole('button', { name: 'Yes, remove everything' }).click();
  await expect(page.getByText('Everything is removed.')).toBeVisible();
  await asAgain(page);
  await page.goto('/blends');
  await expect(page.getByText(/Your other device has \d+ newer records/)).toBeVisible();
  await page.getByRole('button', { name: 'Add them here' }).click();
  await expect(page.getByText('What is on the other device is here too.')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Row G' })).toBeVisible();
});

/** The other device has saved once more. */
const asAgain = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('shared');
    const handle = await folder.getFileHandle('jubbet-house-other000.zip');
    const bytes = await (await handle.getFile()).arrayBuffer();
    const writable = await handle.createWritable();
    await writable.write(bytes);
    await writable.close();
  });

test('a full disk is said in words, with the way out, and leaving asks first', async ({ page }) => {
  // As a browser does it: what was written is taken back, and the transaction says why.
  await page.addInitScript(() => {
    const { prototype } = IDBObjectStore;
    const put = Reflect.get(prototype, 'put') as (...args: unknown[]) => IDBRequest<IDBValidKey>;
    prototype.put = function (this: IDBObjectStore, ...args) {
      const request = put.apply(this, args);
      const { transaction } = this;
      if ((window as { full?: boolean }).full) {
        Object.defineProperty(transaction, 'error', {
          value: new DOMException('', 'QuotaExceededError'),
        });
        request.addEventListener('success', () => transaction.abort());
      }
      return request;
    };
  });
  await page.goto('/blends/row-g');
  await expect(page.getByLabel('What it is for')).toBeVisible();
  await page.evaluate(() => Object.assign(window, { full: true }));
  await page.getByLabel('What it is for').fill('for the second row');
  const alert = page.getByRole('alert').filter({ hasText: 'could not be saved' });
  await expect(alert).toContainText(/the disk is full \(save a backup in Settings/);
  await page.getByRole('link', { name: 'People' }).first().click();
  await page.getByRole('button', { name: 'Stay here' }).click();
  await expect(page).toHaveURL(/row-g$/);
  await page.evaluate(() => Object.assign(window, { full: false }));
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(alert).toHaveCount(0);
});
