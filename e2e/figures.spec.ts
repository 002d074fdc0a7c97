import { expect, test } from './test';

test('a figure is checked in two presses from a verdict, bears a sign, and is counted', async ({
  page,
}) => {
  await page.goto('/blends/prompt-desk');
  const ylang = page
    .getByRole('region', { name: 'Limits that apply' })
    .getByRole('listitem')
    .filter({ hasText: 'Ylang ylang' })
    .first();
  await ylang.getByText('Why').click();
  await ylang.getByRole('link', { name: 'I checked this figure' }).click();
  const form = page.getByRole('region', { name: 'I checked this: Ylang ylang' });
  await expect(form).toContainText('the library says 0.8 %');
  // Nothing is saved until the book has said something.
  await form.getByRole('button', { name: 'Save the check' }).click();
  await expect(form.getByText('Is needed.').first()).toBeVisible();
  await form.getByLabel('What stands there').fill('0.6');
  await form.getByLabel('Edition or paper').fill('The green book, 3rd ed.');
  await form.getByLabel('Page').fill('112');
  await form.getByLabel('Checked by').fill('Mara Quill');
  await form.getByRole('button', { name: 'Save the check' }).click();
  await expect(page.getByText('Ylang ylang: checked. The book says 0.6 %.')).toBeVisible();
  await expect(page.getByText(/^1 of \d+ maxima checked$/)).toBeVisible();

  // What differs counts as the maker’s own figure from then on, with its source.
  await page.goto('/materials/ylang-ylang');
  await expect(page.getByText(/≠ the book says otherwise/)).toBeVisible();
  await expect(
    page.getByText('Yours: dermal maximum 0.6 %, from The green book, 3rd ed., p. 112.'),
  ).toBeVisible();
  await page.goto('/handbook');
  await expect(
    page.getByRole('link', { name: /^Check the figures \(1 of \d+ checked\)$/ }),
  ).toBeVisible();
});

test('checks are handed on as a file, and a bad file says what is wrong', async ({ page }) => {
  await page.goto('/handbook/figures');
  const file = (name: string, text: string) => ({
    name,
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  });
  const input = page.getByLabel('Add checks from a file');
  await input.setInputFiles(file('torn.json', '{"format":'));
  await expect(page.getByRole('alert')).toBeVisible();
  const check = {
    figureId: 'cap/eugenol',
    work: 'The green book',
    page: '9',
    percent: 0.5,
    by: 'The guild',
    checkedOn: '2026-11-30',
  };
  const checks = { format: 'jubbet-checks', version: 1, checks: [check] };
  await input.setInputFiles(file('guild.json', JSON.stringify(checks)));
  await expect(page.getByText('1 check added; 0 were here already.')).toBeVisible();
  await page.getByLabel('Show', { exact: true }).selectOption('checked');
  const row = page.getByRole('row', { name: /^Eugenol/ });
  await expect(row).toContainText('✓ 0.5 % in The green book, p. 9, by The guild');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the checks as a file' }).click();
  expect((await download).suggestedFilename()).toMatch(/^jubbet-checks-.*\.json$/);
});
