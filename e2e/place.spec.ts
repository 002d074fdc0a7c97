import { expect, test } from './test';

test('the place is pointed at on a body, and the list says the same', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  await page.getByRole('button', { name: /^Place:/ }).click();
  const panel = page.getByRole('dialog', { name: 'Place' });
  await expect(panel.getByLabel('wrists and neck')).toBeChecked();
  await panel.locator('path').filter({ hasText: 'chest or back' }).first().click();
  await expect(panel.getByLabel('chest or back')).toBeChecked();
  await panel
    .locator('path')
    .filter({ hasText: 'beard' })
    .click({ position: { x: 30, y: 40 } });
  await expect(page.getByRole('button', { name: 'Place: the beard' })).toBeVisible();
  // Where nothing may go nothing can be chosen.
  await panel
    .locator('path')
    .filter({ hasText: 'takes no essential oil' })
    .first()
    .click({ force: true });
  await expect(panel.getByLabel('beard')).toBeChecked();
  // Whoever does not point chooses by key.
  await panel.getByLabel('beard').press('ArrowDown');
  await expect(panel.getByLabel('body, as a massage')).toBeChecked();
});
