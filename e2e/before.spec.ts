import { expect, test } from './test';

test('before the bench: containers, what is on the table, from which bottle, how long', async ({
  page,
}) => {
  await page.goto('/blends/prompt-desk/make');
  await expect(page.getByRole('heading', { name: 'Before you make Prompt desk' })).toBeVisible();
  const table = page.getByRole('region', { name: 'On the table' });
  const petitgrain = table.getByRole('row', { name: /Petitgrain/ });
  await expect(petitgrain).toContainText('2 drops');
  await expect(petitgrain).toContainText(/lot PG-07, [\d.]+\sml left/);
  const leftMl = Number(/([\d.]+)\sml left/.exec(await petitgrain.innerText())?.[1]);
  await expect(table.getByRole('row', { name: /Camellia/ })).toContainText('not on the shelf');
  await expect(table).toContainText(/About \d+ minutes at the table, by our estimate/);

  // 2 drops of 0.05 ml in each: 0.1 ml for each roll-on.
  const enough = Math.floor(leftMl / 0.1 + 1e-6);
  await page.getByRole('button', { name: 'One bottle more' }).click();
  await expect(petitgrain).toContainText(/4 drops, 0\.2\sml/);
  await page.getByLabel('How many bottles').fill(String(enough));
  await expect(petitgrain).not.toContainText('enough for');
  await page.getByRole('button', { name: 'One bottle more' }).click();
  await expect(petitgrain).toContainText(`enough for ${enough} of ${enough + 1}`);

  await page.getByLabel('How many bottles').fill('3');
  await page.getByRole('button', { name: 'To the bench' }).click();
  await expect(page.getByText(/3 roll-ons of 10 ml/).first()).toBeVisible();
});
