import { expect, test } from './test';

test('oils are chosen by note, smell, shelf and person, compared, and put in', async ({ page }) => {
  await page.goto('/blends/pins-and-hems');
  await page.getByRole('link', { name: 'Choose oils by note, smell and person' }).click();
  const filters = page.getByRole('search', { name: 'Filter the oils' });
  await expect(filters.getByRole('status')).toHaveText(/^\d+ oils$/);
  // Saskia is pregnant: what must not be used is hidden until it is asked for, and says why.
  await filters.getByLabel('Name').fill('hyssop');
  await expect(page.getByText('No matches')).toBeVisible();
  await filters.getByLabel('hide “do not use”').uncheck();
  const hyssop = page.getByRole('listitem').filter({ hasText: 'Hyssop' }).first();
  await expect(hyssop).toContainText('do not use');
  await expect(hyssop).toContainText(/pregnan/);
  await expect(hyssop.getByRole('button', { name: /^Add/ })).toBeDisabled();
  await filters.getByLabel('hide “do not use”').check();

  await filters.getByLabel('Name').fill('');
  await filters.getByLabel('Note').selectOption('base');
  await filters.getByLabel('Family of smell').selectOption('woody');
  await page.getByLabel('Compare Sandalwood, East Indian').check();
  await page.getByLabel('Compare Cedarwood, Atlas').check();
  const side = page.getByRole('region', { name: 'Side by side' });
  await expect(side.getByRole('row', { name: /^Dermal maximum/ })).toContainText('2 %');
  await page.getByRole('button', { name: 'Add Cedarwood, Atlas' }).click();
  await expect(page.getByRole('button', { name: 'Remove Cedarwood, Atlas' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to the blend' }).click();
  await expect(page.getByRole('row', { name: /Cedarwood, Atlas/ })).toBeVisible();
});

test('a name of several oils is asked where their limits differ, and Enter guesses nothing', async ({
  page,
}) => {
  await page.goto('/blends/row-g');
  const field = page.getByLabel('Add an oil');
  await field.fill('bergamot, 6 drops');
  await expect(page.getByRole('option').first()).toBeVisible();
  await field.press('Enter');
  const which = page.getByRole('group', { name: 'Which bergamot? Their limits differ.' });
  await expect(which).toBeVisible();
  await expect(page.getByLabel(/^Drops of Bergamot/)).toHaveCount(0);
  await which.getByRole('button', { name: /furanocoumarin-free/ }).click();
  await expect(page.getByLabel('Drops of Bergamot, furanocoumarin-free')).toHaveValue('6');
  await expect(which).toHaveCount(0);
  // Moved to with a key it is chosen; a name of one oil is asked nothing.
  await field.fill('peppermint');
  await expect(page.getByRole('option').first()).toBeVisible();
  await field.press('Enter');
  await expect(page.getByLabel('Drops of Peppermint', { exact: true })).toBeVisible();
});
