import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { PDFDocument } from '@cantoo/pdf-lib';

const mm = 72 / 25.4;

test('the label comes as a PDF of its true size', async ({ page }) => {
  await page.goto('/batches/batch-raffle-table/label');
  await page.getByLabel('PDF on').selectOption('one label per page');
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
  await expect(page.getByRole('status')).toContainText('a second label for the back');
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
