import { expect, test } from './test';

test('Make refuses a blend that is over with no way past it', async ({ page }) => {
  await page.goto('/blends/third-mouse');
  await expect(page.getByLabel('Add an oil')).toBeVisible();
  await page.keyboard.press('/');
  await page.keyboard.type('wintergreen');
  await expect(page.getByRole('option').first()).toContainText('Wintergreen');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('Do not use on Pip');
  await page.getByRole('link', { name: /Make this/ }).click();
  await expect(page.getByText('You can’t override this')).toBeVisible();
  await expect(
    page.getByText('Wintergreen (methyl salicylate) is not for children under 16 years.'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'To the bench' })).toHaveCount(0);
});

test('a soft over asks for a written reason, which stays with the batch', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  await page.getByLabel('Drops of Ylang ylang', { exact: true }).fill('2');
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('1 limit exceeded');
  await page.getByRole('link', { name: /Make this/ }).click();
  const start = page.getByRole('button', { name: 'To the bench' });
  await expect(start).toBeDisabled();
  await page.getByLabel(/Why go past this limit/).fill('   ');
  await expect(start).toBeDisabled();
  await page.getByLabel(/Why go past this limit/).fill('Ines has worn this strength for years.');
  await start.click();
  await expect(page.getByRole('heading', { name: /Making: Prompt desk/ })).toBeVisible();
  await page.goto(page.url().replace('/make/', '/batches/'));
  await expect(page.getByText('Ines has worn this strength for years.')).toBeVisible();
});

test('a nut oil for Teo is over, and the verdict says whom it would hurt', async ({ page }) => {
  await page.goto('/blends/after-the-lift');
  await page.getByRole('button', { name: /^Carrier/ }).click();
  await page.getByLabel('Add a carrier').fill('sweet almond');
  await expect(page.getByRole('option', { name: /Sweet almond/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('allergic to tree nut');
});

test('words of one’s own are not known, by name', async ({ page }) => {
  await page.goto('/blends/row-g');
  await page.getByRole('button', { name: /^Person/ }).click();
  await page.getByLabel('someone else').check();
  await page.getByLabel('Age', { exact: true }).fill('70');
  await page.getByText('Conditions and medicines').click();
  await page.getByLabel(/Conditions and medicines: Another/).fill('a new hip');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('a new hip');
});
