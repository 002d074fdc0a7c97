import { type Page, expect, test } from './test';

// What is in the bottle is what is judged, printed and made again.

/** All oils out of the sheet that is open. */
const takeOilsOut = async (page: Page) => {
  const outs = page.getByRole('region', { name: 'Oils' }).getByRole('button', { name: /^Remove/ });
  await expect(outs.first()).toBeVisible();
  for (let left = await outs.count(); left > 0; left -= 1) {
    await outs.first().click();
    await expect(outs).toHaveCount(left - 1);
  }
};

/** A roll-on for a child of three with one drop of lavender, begun. */
const beginForChild = async (page: Page) => {
  await page.goto('/blends/third-mouse');
  await page.getByRole('button', { name: /^Person/ }).click();
  await page.getByLabel('someone else').check();
  await page.getByLabel('Name, for the label').fill('Wren');
  await page.getByLabel('Age', { exact: true }).fill('3');
  await page.keyboard.press('Escape');
  await takeOilsOut(page);
  await page.getByLabel('Add an oil').fill('lavender');
  await expect(page.getByRole('option').first()).toContainText('Lavender');
  await page.keyboard.press('Enter');
  // For a small child it matters which lavender it is.
  await page
    .getByRole('group', { name: /^Which lavender/ })
    .getByRole('button', { name: /^Lavender · / })
    .click();
  await page.getByLabel('Drops of Lavender', { exact: true }).fill('1');
  await expect(page.getByRole('button', { name: /^Person: Wren/ })).toBeVisible();
  await page.getByRole('link', { name: /Make this/ }).click();
  await page.getByRole('button', { name: 'To the bench' }).click();
  await expect(page.getByRole('button', { name: /^Wipe/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Lavender/ })).toBeVisible();
};

const press = async (page: Page, key: string, times: number) => {
  for (let n = 0; n < times; n += 1) await page.keyboard.press(key);
};

const stop = (page: Page) => page.getByRole('alert', { name: 'Stop' });

test('twelve drops for a child of three go no further, and end as not to be used', async ({
  page,
}) => {
  await beginForChild(page);
  await press(page, 'Space', 12);
  await expect(page.getByTestId('count')).toHaveText('12');
  await expect(stop(page)).toContainText('Do not use on Wren');
  await expect(stop(page)).toContainText('You can’t override this');
  // Neither by key, nor by press, nor by keeping it.
  await press(page, 'Enter', 3);
  await expect(page.getByRole('button', { name: /^Lavender: 12/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Accept 12, next/ })).toBeDisabled();
  await expect(page.getByRole('button', { name: /^Accept it/ })).toBeDisabled();
  // Nor after the page was opened again.
  await page.reload();
  await expect(page.getByTestId('count')).toHaveText('12');
  await press(page, 'Enter', 3);
  await expect(page.getByRole('button', { name: /^Lavender: 12/ })).toBeVisible();
  // The label of what is in it so far says the same.
  const bench = page.url();
  const batch = bench.replace('/make/', '/batches/');
  await page.goto(`${batch}/label`);
  await expect(page.getByRole('group', { name: 'Labels' })).toHaveText(/^DO NOT USE/);
  await page.goto(batch);
  await expect(page.getByText(/do not use on the person it is for/)).toBeVisible();
  await page.goto(bench);
  await expect(page.getByTestId('count')).toHaveText('12');
  await page.getByRole('button', { name: 'Finish as not to be used' }).click();
  await page.getByRole('button', { name: 'Yes, not to be used' }).click();
  await expect(page).toHaveURL(/\/batches\//);
  await expect(page.getByRole('region', { name: 'In short' })).toContainText('do not use');
  // The bench is closed, by its address too.
  await page.goto(bench);
  await expect(page.getByText('This batch is closed')).toBeVisible();
  await page.goto('/batches');
  await expect(page.getByRole('row', { name: /Third mouse.*do not use/ })).toBeVisible();
  await page.goto(`${batch}/label`);
  await expect(page.getByRole('group', { name: 'Labels' })).toHaveText(/^DO NOT USE/);
});

test('drops that were counted by mistake are taken back, and it goes on', async ({ page }) => {
  await beginForChild(page);
  await press(page, 'Space', 12);
  await expect(stop(page)).toBeVisible();
  await press(page, 'Backspace', 11);
  await expect(page.getByTestId('count')).toHaveText('1');
  await expect(stop(page)).toBeHidden();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Smell/ })).toBeVisible();
});

test('past a limit that may be passed it asks for a reason in words', async ({ page }) => {
  await page.goto('/make/batch-prompt-desk');
  await expect(page.getByRole('button', { name: /^Cardamom/ })).toBeVisible();
  await press(page, 'Space', 12);
  await expect(stop(page)).toContainText('Over the limit');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Cardamom: 12/ })).toBeVisible();
  const go = page.getByRole('button', { name: 'Continue with this reason' });
  await page.getByLabel(/Why go past this limit/).fill('ok');
  await expect(go).toBeDisabled();
  await page.getByLabel(/Why go past this limit/).fill('For the stage, washed off at once');
  await go.click();
  await expect(stop(page)).toBeHidden();
  await page.getByRole('button', { name: /^Accept 12, next/ }).click();
  await expect(page.getByRole('button', { name: /^Ylang ylang/ })).toBeVisible();
  await page.goto('/batches/batch-prompt-desk');
  await expect(page.getByText('For the stage, washed off at once')).toBeVisible();
});

test('log and label say what fell, into what it went, and every oil in ml', async ({ page }) => {
  await page.goto('/make/batch-prompt-desk');
  await expect(page.getByRole('button', { name: /^Cardamom/ })).toBeVisible();
  await press(page, 'Space', 4);
  await page.getByRole('button', { name: /Move to a larger bottle/ }).click();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Ylang ylang/ })).toBeVisible();
  await page.keyboard.press('Space');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Vetiver/ })).toBeVisible();
  await page.keyboard.press('Space');
  for (let step = 0; step < 5; step += 1) await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/batches\/batch-prompt-desk$/);
  // 8 drops of 0.05 ml in a 15 ml roll-on filled to 14.25 ml: 2.8 %, not the 3.2 % planned.
  await expect(page.getByText('15 ml roll-on', { exact: false }).first()).toBeVisible();
  await expect(page.getByText('2.8 %').first()).toBeVisible();
  const row = page
    .getByRole('region', { name: 'What went in' })
    .getByRole('row', { name: /Cardamom/ });
  await expect(row).toContainText('▲ 4 drops');
  await page.getByRole('link', { name: 'Label', exact: true }).click();
  const label = page.getByRole('group', { name: 'Labels' });
  await expect(label).toContainText('2.8 %');
  await expect(label).toContainText('14.3 ml');
  // Made again, it starts from that.
  await page.goto('/batches/batch-prompt-desk');
  await page.getByRole('button', { name: 'Make again' }).click();
  await expect(page.getByLabel('Drops of Cardamom', { exact: true })).toHaveValue('4');
  await expect(page.getByRole('button', { name: 'Container: 15 ml roll-on' })).toBeVisible();
  await page.goto('/batches/batch-prompt-desk');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Make again, as planned' }).click();
  await expect(page.getByLabel('Drops of Cardamom', { exact: true })).toHaveValue('2');
});

test('with nothing counted there is no label', async ({ page }) => {
  await page.goto('/blends/row-g');
  await page.getByRole('link', { name: /Make this/ }).click();
  await page.getByRole('button', { name: 'To the bench' }).click();
  await expect(page.getByRole('button', { name: /^Wipe/ })).toBeVisible();
  await page.goto(`${page.url().replace('/make/', '/batches/')}/label`);
  await expect(page.getByText('Nothing is in it yet')).toBeVisible();
  await expect(page.getByRole('group', { name: 'Labels' })).toHaveCount(0);
});

test('made again it is judged for the person as they are today, and says what has changed', async ({
  page,
}) => {
  await page.goto('/people/ines');
  await page.getByText('Conditions and medicines').click();
  await page.getByLabel('epilepsy').check();
  await page.goto('/batches/batch-encore');
  await page.getByRole('button', { name: 'Make again' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Encore, again');
  await expect(page.getByText(/Ines has changed since then: now: epilepsy/)).toBeVisible();
});

test('an empty sheet has no verdict, and an empty bottle neither', async ({ page }) => {
  await page.goto('/blends/row-g');
  await takeOilsOut(page);
  const verdict = page.getByRole('status', { name: 'Verdict' });
  await expect(verdict).toContainText('Nothing in it yet');
  await expect(verdict).not.toContainText('●');
});
