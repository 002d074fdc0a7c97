import { more } from './sheet';
import { expect, test } from './test';

test('a making keeps a version; two stand side by side; one goes back', async ({ page }) => {
  await page.goto('/blends/row-g');
  await page.getByLabel('Drops of Lavender', { exact: true }).fill('2');
  await more(page, 'Versions');
  await expect(page.getByRole('heading', { level: 2, name: 'Version 1' })).toBeVisible();
  await page.getByLabel('compare Version 1').check();
  const table = page.getByRole('region', { name: 'Side by side' });
  await expect(table.getByRole('row', { name: /Lavender/ })).toContainText('2 drops ·');
  await expect(page.getByRole('region', { name: 'Drops of each oil' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'How much of each limit' })).toBeVisible();
  await page.getByLabel('Name of version 1').fill('The first');
  await page.getByRole('button', { name: 'Restore The first' }).click();
  await expect(page.getByLabel('Drops of Lavender', { exact: true })).toHaveValue('1');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByLabel('Drops of Lavender', { exact: true })).toHaveValue('2');
});

test('the strength may be typed as percent, ml or drops, of one oil or of all', async ({
  page,
}) => {
  await page.goto('/blends/prompt-desk');
  await page.getByLabel('Percent in total').fill('2');
  // One drop of each at the least is 2.6 %: both are there.
  await expect(page.getByRole('button', { name: 'Strength: 2.6 % (target 2 %)' })).toBeVisible();
  await page.getByLabel('Drops in total').fill('8');
  // 8 drops of 0.05 ml in 9.5 ml; over 3 : 2 : 1 : 1 seven lie nearest.
  await expect(page.getByRole('button', { name: 'Strength: 3.7 % (target 4.21 %)' })).toBeVisible();
  await page.getByLabel('Percent of Petitgrain').fill('1.5');
  await expect(page.getByLabel('ml of Petitgrain')).toHaveValue('0.14');
  await page.reload();
  await expect(page.getByLabel('Percent of Petitgrain')).toHaveValue('1.5');
});

test('people and blends stand in a grid: who can use what, by shape and word', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'Who can use what' }).click();
  const grid = page.getByRole('region', { name: 'People and blends' });
  await expect(page.getByRole('status')).toContainText('A frame marks whom it was made for');
  const prompt = grid.getByRole('row', { name: /^Prompt desk/ });
  // Pip is eight, and 3.2 % is more than twice what is set for that age.
  await expect(prompt).toContainText('within limits, made for them');
  await expect(prompt).toContainText('do not use');
  await expect(grid.getByRole('row')).toHaveCount(22);
  await prompt.getByRole('link', { name: 'Prompt desk' }).click();
  await expect(page.getByRole('heading', { name: 'Who can use Prompt desk' })).toBeVisible();
});
