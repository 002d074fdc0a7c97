import { readFileSync } from 'node:fs';
import { type Page, expect, test } from './test';
import { expectAccessible } from './axe';

const open = async (page: Page): Promise<void> => {
  await page.goto('/blends/prompt-desk/share');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Share Prompt desk');
};

const saved = async (page: Page, button: string): Promise<string> => {
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: button }).click();
  return (await waiting).path();
};

/** Another browser, with a house of its own. */
const another = async (page: Page): Promise<Page> => {
  const browser = page.context().browser();
  if (!browser) throw new Error('no browser');
  const other = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await other.goto(new URL('/blends', page.url()).href);
  await expect(other.getByRole('button', { name: 'Import' })).toBeEnabled();
  return other;
};

const give = async (page: Page, name: string, mimeType: string, buffer: Buffer): Promise<void> => {
  await page.getByLabel('A blend file to import').setInputFiles({ name, mimeType, buffer });
};

test('a code on one screen is a blend in another browser, without the person', async ({ page }) => {
  await open(page);
  await expectAccessible(page);
  const code = page.getByRole('img', { name: 'QR code of Prompt desk' });
  const photograph = await code.screenshot();
  const other = await another(page);
  await give(other, 'photograph.png', 'image/png', photograph);
  await expect(other.getByRole('heading', { level: 1 })).toContainText('Prompt desk');
  await expect(other).toHaveURL(/\/blends\/(?!prompt-desk)/);
  await expect(other.getByRole('button', { name: /^Person:|^Who/ }).first()).toContainText(
    'anyone',
  );
  await expect(other.getByText('Petitgrain').first()).toBeVisible();
  await other.context().close();
});

test('a blend of twenty oils with notes is read from a picture of the screen', async ({ page }) => {
  await page.goto('/blends');
  const ids =
    'lavender frankincense geranium bergamot-fcf cedarwood-atlas patchouli vetiver petitgrain palmarosa cypress juniper-berry neroli rose-otto ylang-ylang clary-sage marjoram-sweet black-pepper ginger myrtle spearmint'.split(
      ' ',
    );
  const blend = {
    format: 'jubbet-blend',
    version: 3,
    name: 'Full orchestra',
    notes:
      'Smells of the pit on the first night: resin, a little smoke, and the flowers at the end.',
    brief: { wearer: 'anyone', place: 'body-massage', use: 'leave-on', sun: 'exposed' },
    containers: [{ container: { id: 'dropper-100' }, count: 1 }],
    oils: ids.map((id, n) => ({ id, amount: { unit: 'drops', value: 1 + (n % 3) } })),
    bases: [{ id: 'jojoba', amount: { unit: 'parts', value: 1 } }],
  };
  await give(page, 'orchestra.json', 'application/json', Buffer.from(JSON.stringify(blend)));
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Full orchestra');
  await page.goto(`${page.url()}/share`);
  const picture = await page.getByRole('img', { name: 'QR code of Full orchestra' }).screenshot();
  const other = await another(page);
  await give(other, 'screen.png', 'image/png', picture);
  await expect(other.getByRole('heading', { level: 1 })).toContainText('Full orchestra');
  await expect(other.getByText('Spearmint').first()).toBeVisible();
  await other.context().close();
});

test('a picture without a code says so, and a camera that is not there too', async ({ page }) => {
  await page.goto('/blends');
  await give(page, 'empty.png', 'image/png', await page.screenshot());
  await expect(page.getByRole('alert')).toContainText('No code can be read in empty.png');
  await page.getByRole('link', { name: 'Scan a code' }).click();
  await expect(page.getByRole('alert')).toContainText('The camera can’t be used');
});

test('what goes out as a file or as a picture comes in again', async ({ page }) => {
  await open(page);
  const formats = [
    ['Markdown', 'blend.md', 'text/markdown'],
    ['JSON-LD', 'blend.jsonld', 'application/ld+json'],
    ['CSV of the formula', 'blend.csv', 'text/csv'],
    ['Picture of a card', 'card.png', 'image/png'],
  ] as const;
  const out: Buffer[] = [];
  for (const [button] of formats) out.push(readFileSync(await saved(page, button)));
  for (const [n, [, file, type]] of formats.entries()) {
    await page.goto('/blends');
    await give(page, file, type, out[n]!);
    await expect(page).toHaveURL(/\/blends\/[\w-]{20,}/);
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Prompt desk');
    await expect(page.getByText('Petitgrain').first()).toBeVisible();
  }
});

test('a text file that is somebody’s recipe is read over first', async ({ page }) => {
  await page.goto('/blends');
  await give(page, 'friend.txt', 'text/plain', Buffer.from('neroli 3 drops\njojoba 10 ml'));
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Read a recipe');
  await expect(page.getByRole('region', { name: 'What goes in' })).toContainText('3 drops');
});

test('one blend for each of the house in one press, with labels for all, and undone', async ({
  page,
}) => {
  await page.goto('/blends/prompt-desk/who');
  await page.getByRole('link', { name: 'Make one for each' }).click();
  const family = page.getByRole('region', { name: 'One for each' });
  const pip = family.getByRole('row', { name: /^Pip, 8/ });
  await expect(pip.getByRole('checkbox')).toBeChecked();
  await expect(family.getByRole('row', { name: /^Saskia/ })).toContainText(/%|No change/);
  await family
    .getByRole('row', { name: /^Rufus/ })
    .getByRole('checkbox')
    .uncheck();
  const sheet = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Labels of all on one sheet' }).click();
  expect((await sheet).suggestedFilename()).toBe('Prompt desk, labels.pdf');
  await page.getByRole('button', { name: /^Save \d blends/ }).click();
  await expect(page.getByText(/blends added, one for each/)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Prompt desk for Pip' }).first()).toBeVisible();
  await expect(page.getByRole('link', { name: 'Prompt desk for Rufus' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Prompt desk for Pip' })).toHaveCount(0);
});

test('a photograph of a batch is made small, loses what the camera wrote, and is told of', async ({
  page,
}) => {
  await page.goto('/batches/batch-raffle-table');
  await page.getByRole('button', { name: 'Photographs' }).click();
  const photographs = page.getByRole('region', { name: /^Photographs of batch/ });
  await expect(photographs).toBeVisible();
  const shot = await page.screenshot({ type: 'jpeg', fullPage: true });
  // As a camera writes it: a segment of its own, with place and device.
  const exif = Buffer.from('Exif\0\0GPS 51.5 N 0.1 W, Camera of Wardrobe Lane');
  const length = Buffer.from([0xff, 0xe1, (exif.length + 2) >> 8, (exif.length + 2) & 0xff]);
  const photograph = Buffer.concat([shot.subarray(0, 2), length, exif, shot.subarray(2)]);
  await photographs
    .getByLabel(/^A photograph of/)
    .setInputFiles({ name: 'IMG_1.jpg', mimeType: 'image/jpeg', buffer: photograph });
  const picture = photographs.getByRole('img');
  await expect(picture).toBeVisible();
  const kept = await page.evaluate(async () => {
    const house = await new Promise<IDBDatabase>((done, refused) => {
      const opened = indexedDB.open('jubbet');
      opened.onsuccess = () => done(opened.result);
      opened.onerror = () => refused(new Error('the house cannot be opened'));
    });
    const [record] = await new Promise<{ photo: { jpeg: string; width: number } }[]>((done) => {
      const all = house.transaction('photos').objectStore('photos').getAll();
      all.onsuccess = () => done(all.result as { photo: { jpeg: string; width: number } }[]);
    });
    house.close();
    return { text: atob(record?.photo.jpeg ?? ''), wide: record?.photo.width ?? 0 };
  });
  expect(kept.text.length).toBeGreaterThan(1000);
  expect(kept.text).not.toMatch(/Exif|GPS|Camera/);
  expect(kept.wide).toBeLessThanOrEqual(1200);
  await photographs.getByLabel(/shows$/).fill('six on the table');
  // Kept while it is typed: no one has left the field.
  await expect(photographs.getByRole('img', { name: 'six on the table' })).toBeVisible();
  await page.reload();
  await expect(photographs.getByRole('img', { name: 'six on the table' })).toBeVisible();
  await expect(photographs.getByLabel('Include in backups')).not.toBeChecked();
  await photographs.getByRole('button', { name: 'Delete' }).click();
  await expect(photographs.getByRole('img')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(photographs.getByRole('img')).toBeVisible();
});

test('the drawing of the container is a file with its own colours', async ({ page }) => {
  await open(page);
  const svg = readFileSync(await saved(page, 'Save as SVG'), 'utf8');
  expect(svg).toMatch(/^<svg [^>]*xmlns="http:\/\/www\.w3\.org\/2000\/svg"/);
  expect(svg).toContain('fill="rgb(');
  expect(svg).not.toContain('class=');
});

test('what is no picture is not kept as one', async ({ page }) => {
  await page.goto('/batches/batch-raffle-table');
  await page.getByRole('button', { name: 'Photographs' }).click();
  const photographs = page.getByRole('region', { name: /^Photographs of batch/ });
  await photographs
    .getByLabel(/^A photograph of/)
    .setInputFiles({ name: 'x.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(page.getByText(/can’t be read as a picture/)).toBeVisible();
});
