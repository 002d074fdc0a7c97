import { readFileSync } from 'node:fs';
import { expect, test } from './test';
import { PDFDocument } from '@cantoo/pdf-lib';

const mm = 72 / 25.4;

test('the label comes as a PDF of its true size', async ({ page }) => {
  await page.goto('/batches/batch-raffle-table/label');
  await page.getByLabel('Print on').selectOption('one label per page');
  await page.getByLabel('How many labels').fill('2');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe('Raffle table, label.pdf');
  const pdf = await PDFDocument.load(readFileSync(await file.path()));
  expect(pdf.getPageCount()).toBe(2);
  const { width, height } = pdf.getPage(0).getSize();
  // A 10 ml roll-on: 55 by 45 mm.
  expect(width).toBeCloseTo(55 * mm, 1);
  expect(height).toBeCloseTo(45 * mm, 1);
  await expect(page.getByRole('status')).toContainText('Print it at 100 %');
});

test('a label too small for all of it gets a second face, and says so', async ({ page }) => {
  await page.goto('/batches/batch-raffle-table/label');
  await page.getByLabel('Width of the label').fill('40');
  await page.getByLabel('Height of the label').fill('26');
  await page.getByLabel('How many labels').fill('1');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  await expect(page.getByRole('status')).toContainText('a second label is for the back');
});

test('a name in letters of more languages prints; one in another script says so', async ({
  page,
}) => {
  await page.goto('/batches/batch-raffle-table/label');
  await page.getByLabel('Made by').fill('Małgorzata Őry');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  await download;
  await page.getByLabel('Made by').fill('花子');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  await expect(page.getByRole('status')).toContainText('its typeface has no “花子”');
});

test('labels go onto a sheet that is sold, from the first free one on', async ({ page }) => {
  await page.goto('/blends/house-full/label');
  await page.getByLabel('Print on').selectOption('A4 sheet of 21, 63.5 × 38.1 mm');
  await expect(page.getByLabel('Width of the label')).toHaveCount(0);
  await page.getByLabel('How many labels').fill('3');
  await page.getByLabel('First free label of the sheet').fill('20');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  const pdf = await PDFDocument.load(readFileSync(await (await download).path()));
  // Two are left on the sheet, so a third begins another.
  expect(pdf.getPageCount()).toBe(2);
  expect(pdf.getPage(0).getSize().width).toBeCloseTo(210 * mm, 1);
});

test('a box of pieces has one label, which says what is in it', async ({ page }) => {
  await page.goto('/blends/keepsake/label');
  await page.getByLabel('For which containers').selectOption('the box with all 6 in it');
  await expect(page.getByLabel('How many labels')).toHaveValue('1');
  await expect(page.getByRole('group', { name: 'Labels' })).toContainText('6 lockets of 1 ml');
});
