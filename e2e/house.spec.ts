import { readFileSync, writeFileSync } from 'node:fs';
import { type Page, expect, test } from './test';

const drops = (page: Page, oil: string) => page.getByLabel(`Drops of ${oil}`, { exact: true });

test('a mending offer is one press, and one undo', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  await drops(page, 'Ylang ylang').fill('2');
  const verdict = page.getByRole('status', { name: 'Verdict' });
  await expect(verdict).toContainText('1 limit exceeded');
  await page.getByRole('button', { name: /^Ylang ylang: 2 drops to 1 drop/ }).click();
  await expect(verdict).toContainText('Within limits');
  await expect(drops(page, 'Ylang ylang')).toHaveValue('1');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(drops(page, 'Ylang ylang')).toHaveValue('2');
  await page.keyboard.press('Control+Shift+z');
  await expect(drops(page, 'Ylang ylang')).toHaveValue('1');
  await page.keyboard.press('Control+z');
  await expect(drops(page, 'Ylang ylang')).toHaveValue('2');
  await page.reload();
  await expect(drops(page, 'Ylang ylang')).toHaveValue('2');
});

test('somebody moves in, and the sentence picks them', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'New person' }).click();
  await page.getByRole('button', { name: 'Add person' }).click();
  const name = page.getByLabel('Name');
  await expect(name).toBeFocused();
  await expect(name).toHaveAccessibleDescription('Type a name, or what you call them.');
  await name.fill('Odile');
  const born = page.getByLabel('Month of birth');
  await born.fill('2098-02');
  await expect(born).toHaveAccessibleDescription('The date of birth can’t be in the future.');
  await born.fill('1990-02');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.getByLabel('sensitive: reacts easily').check();
  await page.getByRole('button', { name: 'Add person' }).click();
  await expect(page.getByRole('link', { name: /Odile, \d\d, sensitive skin/ })).toBeVisible();
  await page.goto('/blends/row-g');
  await page.getByRole('button', { name: /^Person/ }).click();
  await page.getByLabel(/^Odile/).check();
  await expect(page.getByRole('button', { name: /^Person: Odile/ })).toBeVisible();
  await expect(page.getByText('Whole blend, sensitive skin', { exact: true })).toBeVisible();
});

test('anything is found by its name, from any room', async ({ page }) => {
  await page.goto('/batches');
  await expect(page.getByRole('heading', { name: 'Batches' })).toBeVisible();
  await page.keyboard.press('/');
  await page.getByLabel('Find', { exact: true }).fill('third');
  await expect(page.getByRole('option').first()).toContainText('Third mouse');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/blends\/third-mouse/);
  for (const [query, hit, address] of [
    ['lv-118', /Lavender.*lot LV-118/, /\/shelf\/lavender-1/],
    ['raffle fr', /Raffle frost.*12 ml roll-on/, /\/shelf\/containers\/frost/],
  ] as const) {
    await page.goto('/batches');
    await expect(page.getByRole('heading', { name: 'Batches' })).toBeVisible();
    await page.keyboard.press('/');
    await page.getByLabel('Find', { exact: true }).fill(query);
    await expect(page.getByRole('option').first()).toContainText(hit);
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(address);
  }
  await page.goto('/batches');
  await expect(page.getByRole('heading', { name: 'Batches' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Single-key shortcuts can be turned off');
});

test('single keys can be switched off', async ({ page }) => {
  await page.goto('/settings');
  await page.getByLabel(/Single-key shortcuts/).uncheck();
  await page.goto('/batches');
  await expect(page.getByRole('heading', { name: 'Batches' })).toBeVisible();
  await page.keyboard.press('?');
  await page.keyboard.press('/');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.goto('/make/batch-prompt-desk');
  await expect(page.getByRole('button', { name: /^Cardamom/ })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByTestId('count')).toHaveText('1');
});

test('all data go out to a file, and come in again where they are missing', async ({
  page,
}, info) => {
  await page.goto('/settings');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up everything' }).click();
  const path = await (await download).path();
  await page.getByRole('button', { name: 'Remove everything' }).click();
  await page.getByRole('button', { name: 'Yes, remove everything' }).click();
  await expect(page.getByText('Everything is removed.')).toBeVisible();
  await page.goto('/blends');
  await expect(page.getByText('A blend starts as a sentence')).toBeVisible();

  await page.goto('/settings');
  const broken = info.outputPath('broken.zip');
  writeFileSync(broken, readFileSync(path).subarray(0, 5000));
  await page.getByLabel('A backup to restore').setInputFiles(broken);
  await expect(page.getByRole('alert')).toContainText('Nothing was changed');

  await page.getByLabel('A backup to restore').setInputFiles(path);
  await expect(page.getByRole('group', { name: 'Before anything changes' })).toContainText(
    '21 blends',
  );
  await page.getByRole('button', { name: 'Add to what is here' }).click();
  await expect(page.getByText(/is added\.$/)).toBeVisible();
  await page.goto('/blends');
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(21);
});

test('emptying the house can be undone', async ({ page }) => {
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Remove everything' }).click();
  await page.getByRole('button', { name: 'Yes, remove everything' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('link', { name: 'Blends' }).click();
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(21);
});

test('somebody is erased for good, and their batches stay for someone of their age', async ({
  page,
}) => {
  await page.goto('/people/bettina');
  await page.getByRole('button', { name: 'Erase Bettina for good' }).click();
  await page.getByRole('button', { name: 'Yes, erase Bettina' }).click();
  await expect(page.getByText(/Bettina is erased from your people, and from/)).toBeVisible();
  await page.goto('/batches/batch-leading-lady');
  await expect(page.getByText(/^someone, \d+/i).first()).toBeVisible();
  await page.goto('/settings');
  await expect(page.getByRole('button', { name: /^Go back to/ })).toHaveCount(0);
});
