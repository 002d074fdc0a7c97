import { expect, test } from './test';

test('from brief to label by keyboard alone', async ({ page }) => {
  const { keyboard } = page;
  await page.goto('/blends');
  await expect(page.getByRole('heading', { name: 'Prompt desk' })).toBeVisible();
  await keyboard.press('n');
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('Not judged yet');

  const open = async (name: RegExp) => {
    await page.getByRole('button', { name }).focus();
    await keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toBeVisible();
  };
  const close = async () => {
    await keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  };

  await page.getByLabel('Name', { exact: true }).focus();
  await keyboard.type('First night');

  await open(/^Person/);
  await page.getByLabel('someone else').focus();
  await keyboard.press('Space');
  await page.getByLabel('Name, for the label').focus();
  await keyboard.type('Odile');
  await keyboard.press('Tab');
  await keyboard.type('34');
  await close();
  await expect(page.getByRole('button', { name: 'Person: Odile, 34' })).toBeVisible();

  await open(/^Place/);
  await page.getByLabel('wrists and neck').focus();
  await keyboard.press('Space');
  await close();

  await open(/^Strength/);
  await page.getByLabel('Essential oil, in percent').focus();
  await keyboard.type('2');
  await close();

  await open(/^Carrier/);
  await page.getByLabel('Add a carrier').focus();
  await keyboard.type('joj');
  await expect(page.getByRole('option', { name: /Jojoba/ })).toBeVisible();
  await keyboard.press('Enter');
  await expect(page.getByLabel('Parts of jojoba')).toBeVisible();
  await close();

  // An oil is three letters and enter.
  await keyboard.press('/');
  await keyboard.type('lav');
  await expect(page.getByRole('option').first()).toContainText('Lavender');
  await keyboard.press('Enter');
  await keyboard.type('pet');
  await expect(page.getByRole('option').first()).toContainText('Petitgrain');
  await keyboard.press('Enter');
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('Within limits');

  // 2 % of 9.5 ml is 0.19 ml: 3.8 drops over two oils, 1.9 each.
  await expect(page.getByLabel('Drops of Lavender', { exact: true })).toHaveValue('2');
  await page.getByLabel('Drops of Lavender', { exact: true }).focus();
  await keyboard.press('+');
  await expect(page.getByLabel('Drops of Lavender', { exact: true })).toHaveValue('3');
  await keyboard.press('ArrowDown');
  await expect(page.getByLabel('Drops of Petitgrain', { exact: true })).toBeFocused();

  await page.getByRole('link', { name: /Make this/ }).focus();
  await keyboard.press('Enter');
  await page.getByRole('button', { name: 'To the bench' }).focus();
  await keyboard.press('Enter');

  await expect(page.getByRole('button', { name: /Wipe bottle/ })).toBeVisible();
  await keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /Lay out the oils/ })).toBeVisible();
  await keyboard.press('Enter');
  await expect(page.getByTestId('count')).toHaveText('0');
  for (const count of ['1', '2', '3']) {
    await keyboard.press('Space');
    await expect(page.getByTestId('count')).toHaveText(count);
  }
  await keyboard.press('Backspace');
  await expect(page.getByTestId('count')).toHaveText('2');
  await keyboard.press('Space');
  await keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Petitgrain/ })).toBeVisible();
  await keyboard.press('Space');
  await expect(page.getByTestId('count')).toHaveText('1');
  for (let step = 0; step < 6; step += 1) await keyboard.press('Enter');

  await expect(page.getByRole('heading', { name: /First night, batch/ })).toBeVisible();
  await page.getByRole('link', { name: 'Label', exact: true }).focus();
  await keyboard.press('Enter');
  const label = page.getByRole('group', { name: 'Labels' });
  await expect(label).toContainText('First night');
  await expect(label).toContainText('For Odile');
  await expect(label).toContainText('Lavender; Petitgrain');
  await expect(label).toContainText(/Batch \d{4}-\d{3}/);

  // And the batch is in the log.
  await page.goto('/batches');
  await expect(page.getByRole('row', { name: /First night/ })).toBeVisible();
});
