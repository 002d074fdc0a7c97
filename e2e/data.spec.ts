import { readFileSync, writeFileSync } from 'node:fs';
import { type Page, expect, test } from './test';

// What is stored stays, what comes in harms nothing, and what fails is stated.

/** From now on every write of this page fails, as on a full disk. */
const failWrites = (page: Page) =>
  page.evaluate(() => {
    const full = () => {
      throw new DOMException('The disk is full', 'QuotaExceededError');
    };
    IDBObjectStore.prototype.put = full;
    IDBObjectStore.prototype.add = full;
  });

const letWritesThrough = (page: Page) =>
  page.evaluate(() => {
    const frame = document.body.appendChild(document.createElement('iframe'));
    const fresh = (frame.contentWindow as unknown as { IDBObjectStore: typeof IDBObjectStore })
      .IDBObjectStore.prototype;
    Object.assign(IDBObjectStore.prototype, {
      put: Object.getOwnPropertyDescriptor(fresh, 'put')?.value as unknown,
      add: Object.getOwnPropertyDescriptor(fresh, 'add')?.value as unknown,
    });
  });

test('a write that fails says so, keeps what was typed, and can be tried again', async ({
  page,
}) => {
  await page.goto('/batches/batch-encore');
  await page.getByRole('button', { name: 'Notes' }).click();
  const notes = page.getByLabel('Notes');
  await expect(notes).toBeVisible();
  await failWrites(page);
  await notes.fill('Louder at the bows');
  const alert = page.getByRole('alert');
  await expect(alert).toContainText('could not be saved: the disk is full');
  await expect(notes).toHaveValue('Louder at the bows');
  await letWritesThrough(page);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('The note is saved now.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Notes')).toHaveValue('Louder at the bows');
});

test('a file that asks for a thousand million drops is answered, and the book opens', async ({
  page,
}, info) => {
  const path = info.outputPath('absurd.json');
  writeFileSync(
    path,
    JSON.stringify({
      format: 'jubbet-blend',
      version: 1,
      name: 'Absurd',
      brief: { wearer: 'anyone', place: 'body-leave-on', use: 'leave-on', sun: 'exposed' },
      vessel: { id: 'jar-240' },
      by: 'weight',
      target: { percent: 99.9999 },
      oils: [{ id: 'lavender', parts: 1 }],
      bases: [
        { id: 'shea_butter', g: 300 },
        { id: 'jojoba', g: 200 },
      ],
    }),
  );
  await page.goto('/blends');
  await page.getByLabel('A blend file to import').setInputFiles(path);
  // It comes in as it was written, and its sheet says why nothing is worked out.
  const verdict = page.getByRole('status', { name: 'Verdict' });
  await expect(verdict).toContainText('litres, but at most 200');
  await page.reload();
  await expect(verdict).toContainText('litres, but at most 200');
  await page.goto('/blends');
  await expect(page.getByRole('heading', { name: 'Prompt desk' })).toBeVisible();
});

test('99.999 typed as strength is answered at once', async ({ page }) => {
  await page.goto('/blends/curtain-call');
  await page.getByRole('button', { name: /^Strength/ }).click();
  await page.getByLabel('Essential oil, in percent').fill('99.999');
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText(/fit|worked out/);
});

test('a record that breaks takes down no list, and can be saved and deleted there', async ({
  page,
}) => {
  await page.goto('/blends');
  await expect(page.getByRole('heading', { name: 'Prompt desk' })).toBeVisible();
  await page.evaluate(
    () =>
      new Promise<void>((done, fail) => {
        const open = indexedDB.open('jubbet');
        open.onerror = () => fail(new Error('not opened'));
        open.onsuccess = () => {
          const transaction = open.result.transaction('blends', 'readwrite');
          const store = transaction.objectStore('blends');
          const get = store.get('row-g');
          get.onsuccess = () => {
            const record = get.result as { recipe: { oils: unknown } };
            record.recipe.oils = 'poison';
            store.put(record);
          };
          transaction.oncomplete = () => {
            open.result.close();
            done();
          };
        };
      }),
  );
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Prompt desk' })).toBeVisible();
  const broken = page.getByRole('alert');
  await expect(broken).toContainText('The blend “Row G” cannot be shown');
  const download = page.waitForEvent('download');
  await broken.getByRole('button', { name: 'Export it' }).click();
  expect(readFileSync(await (await download).path(), 'utf8')).toContain('poison');
  await page.goto('/blends/row-g');
  await expect(page.getByRole('alert')).toContainText('cannot be shown');
  await page.goto('/blends');
  await page.getByRole('button', { name: 'Delete Row G', exact: true }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test.describe('on a first visit', () => {
  test.use({ stored: 'nothing' });

  test('put away, the example leaves what a visitor made, and comes back beside it', async ({
    page,
  }) => {
    await page.goto('/blends');
    await page.getByRole('button', { name: /^New blend/ }).click();
    await page.getByLabel('Name', { exact: true }).fill('My own');
    await page.getByRole('link', { name: 'Blends' }).click();
    await expect(page.getByRole('heading', { level: 2 })).toHaveCount(22);
    await page.getByRole('button', { name: 'Put the example away' }).click();
    await expect(page.getByRole('heading', { level: 2 })).toHaveCount(1);
    await expect(page.getByRole('heading', { name: 'My own' })).toBeVisible();
    await page.getByRole('link', { name: 'Batches' }).first().click();
    await expect(page.getByRole('heading', { name: 'Batches' })).toBeVisible();
    await expect(page.getByText(/\d in the log/)).toHaveCount(0);
    // What is said is reached by its key, and brings the example back beside what is theirs.
    await page.keyboard.press('u');
    await expect(page.getByRole('button', { name: 'Undo' })).toBeFocused();
    await page.keyboard.press('Enter');
    await page.getByRole('link', { name: 'Blends' }).first().click();
    await expect(page.getByRole('heading', { level: 2 })).toHaveCount(22);
  });
});

test('of two tabs on one sheet the later is told, and nothing of it is shown as stored', async ({
  page,
  context,
}) => {
  await page.goto('/blends/row-g');
  await expect(page.getByLabel('What it is for')).toBeVisible();
  const other = await context.newPage();
  await other.goto('/blends/row-g');
  await expect(other.getByLabel('What it is for')).toBeVisible();
  // Both type at the same moment, many letters each.
  await Promise.all([
    page.getByLabel('What it is for').pressSequentially(' for the left wing of the stage'),
    other.getByLabel('What it is for').pressSequentially(' for the right wing, by the ropes'),
  ]);
  const shown = async (tab: Page) => tab.getByLabel('What it is for').inputValue();
  await expect.poll(async () => (await shown(page)) === (await shown(other))).toBe(true);
  const both = await shown(page);
  await page.reload();
  await expect(page.getByLabel('What it is for')).toHaveValue(both);
});

test('the label of a long jar comes as a PDF, and the page stays on the screen', async ({
  page,
}) => {
  await page.goto('/blends/row-g');
  await page.getByRole('button', { name: /^Container/ }).click();
  await page.getByLabel('Kind').selectOption('jar');
  await page.getByLabel('Size', { exact: true }).selectOption('jar-240');
  await page.keyboard.press('Escape');
  await page.goto('/blends/row-g/label');
  await expect(page.getByRole('group', { name: 'Labels' })).toBeVisible();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(1280);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  await download;
  await expect(page.getByRole('status')).toContainText('Print it at 100 %');
});
