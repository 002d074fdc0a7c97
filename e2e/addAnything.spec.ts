import { expect, test } from './test';

test.beforeEach(async ({ page }) => {
  await page.goto('/blends/raffle-table');
  await expect(page.getByRole('heading', { name: 'Raffle table' })).toBeVisible();
});

test('an oil with its amount in one go, and a share of the bottle', async ({ page }) => {
  const field = page.getByLabel('Add an oil', { exact: true });
  await field.fill('geranium 10 to 15 drops');
  await page
    .getByRole('option', { name: /^Geranium/ })
    .first()
    .click();
  await expect(page.getByLabel('Drops of Geranium')).toHaveValue('10–15');
  await field.fill('a tenth of the bottle petitgrain');
  await page
    .getByRole('option', { name: /^Petitgrain/ })
    .first()
    .click();
  // A tenth of what a roll-on of 10 ml takes, 9.5 ml.
  await expect(page.getByLabel('ml of Petitgrain')).toHaveValue('0.95');
});

test('a base with spoons asks whose, and takes the answer', async ({ page }) => {
  const field = page.getByLabel('Add a base', { exact: true });
  await field.fill('2 tbsp shea butter');
  await page
    .getByRole('option', { name: /^Shea butter/ })
    .first()
    .click();
  const asked = page.getByRole('group', { name: 'The amount' });
  await expect(asked).toContainText('Whose measure is it?');
  await expect(field).toHaveValue('2 tbsp shea butter');
  await asked
    .getByRole('button', { name: /metric/ })
    .first()
    .click();
  await expect(page.getByRole('region', { name: 'Bases' })).toContainText('Shea butter');
  // Two metric spoons are 30 ml; two of the United States would be 29.6.
  await expect(page.getByRole('region', { name: 'Bases' })).toContainText('2 tablespoons');
  await expect(page.getByRole('region', { name: 'Bases' })).toContainText('30');
});

test('what nobody knows is added as one’s own, from where it was typed, and changed later', async ({
  page,
}) => {
  await page.getByLabel('Add an oil', { exact: true }).fill('moonpetal 4 drops');
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'an oil', exact: true }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('moonpetal');
  await page.getByLabel('Source of its figures').fill('its label');
  await page.getByLabel('Keeps, once opened, in years').fill('2');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  // Back in the blend, with its drops; nothing is known of it, and that is the verdict.
  await expect(page.getByRole('heading', { name: 'Raffle table' })).toBeVisible();
  await expect(page.getByLabel('Drops of moonpetal')).toHaveValue('4');
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('limit exceeded');
  await page.getByLabel('Drops of moonpetal').fill('1');
  await page.getByRole('button', { name: 'Remove Lavender' }).click();
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('be checked');
  await page.reload();
  await expect(page.getByLabel('Drops of moonpetal')).toHaveValue('1');
});
