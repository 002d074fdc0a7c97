import { type Page, expect, test } from './test';

const verdict = (page: Page) => page.getByRole('status', { name: 'Verdict' });

const add = async (page: Page, oil: string): Promise<void> => {
  await page.getByLabel('Add an oil').fill(oil);
  await page.getByRole('option').first().click();
};

test('what was not asked is asked, answered with one press, and stays answered for that person', async ({
  page,
}) => {
  await page.goto('/blends/understudy');
  await add(page, 'wintergreen');
  const questions = page.getByRole('region', { name: 'Not asked yet' });
  await expect(questions.getByRole('heading')).toHaveText('Ask Rufus');
  await page.getByRole('link', { name: /^Label/ }).click();
  const asks = page
    .getByText(/Ask a pharmacist or doctor first with: .*blood thinners/)
    .filter({ visible: true });
  await expect(asks.first()).toBeVisible();
  await page.goBack();
  await questions.getByRole('button', { name: /^No: Blood thinners/ }).click();
  await expect(questions.getByText(/Blood thinners/)).toHaveCount(0);
  await expect(page.getByText('Noted for Rufus.')).toBeVisible();
  await page.getByText('Undo', { exact: true }).click();
  await expect(questions.getByText(/Blood thinners/)).toBeVisible();
  await questions.getByRole('button', { name: 'Nothing applies' }).click();
  await expect(questions).toHaveCount(0);
  await page.getByRole('link', { name: /^Label/ }).click();
  const everywhere = page.getByText(/external use only/).filter({ visible: true });
  await expect(everywhere.first()).toBeVisible();
  await expect(page.getByText(/Ask first with/)).toHaveCount(0);
});

test('yes is one press too: the blend is judged by it, before the bench as well', async ({
  page,
}) => {
  await page.goto('/blends/understudy');
  await add(page, 'wintergreen');
  await page.getByRole('link', { name: /^Make this/ }).click();
  // The sheet asks the same, and is there until the next screen is drawn.
  await expect(page.getByRole('heading', { name: 'Before you make Understudy' })).toBeVisible();
  const questions = page.getByRole('region', { name: 'Not asked yet' });
  await questions.getByRole('button', { name: /^Yes: Blood thinners/ }).click();
  await questions.getByRole('button', { name: 'blood thinners', exact: true }).click();
  await expect(page.getByRole('heading', { name: /Do not use on Rufus/ })).toBeVisible();
  await expect(page.getByText('You can’t override this', { exact: false })).toBeVisible();
  await expect(page.getByRole('button', { name: 'To the bench' })).toHaveCount(0);
  // It is in his record, for every blend of his.
  await page.goto('/people');
  await page.getByRole('link', { name: /^Rufus/ }).click();
  await expect(page.getByLabel('blood thinners')).toBeChecked();
});

test('when a person changes, their blends are judged anew, and it says so', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: /^Ines/ }).click();
  await page.getByLabel('breastfeeding').check();
  await page.goto('/blends/prompt-desk');
  await expect(
    page.getByText(/Ines has changed since you wrote this blend: now breastfeeding/),
  ).toBeVisible();
  await expect(verdict(page)).toContainText('Do not use on Ines');
  await page.getByRole('button', { name: 'OK' }).click();
  await expect(page.getByText(/Ines has changed/)).toHaveCount(0);
  await page.reload();
  await expect(verdict(page)).toContainText('Do not use on Ines');
  await expect(page.getByText(/Ines has changed/)).toHaveCount(0);
});

test('a forbidden name gets its reason and a page, never another oil', async ({ page }) => {
  await page.goto('/blends/understudy');
  const field = page.getByLabel('Add an oil');
  await field.fill('massoia');
  await expect(page.getByText(/must never go on skin/)).toBeVisible();
  await expect(page.getByRole('option')).toHaveCount(0);
  await field.press('Enter');
  await expect(page.getByRole('region', { name: 'Oils' }).getByRole('row')).toHaveCount(4);
  await field.fill('sassafras');
  await page.getByRole('link', { name: /what to use instead/ }).click();
  await expect(page.getByRole('heading', { name: 'Sassafras' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Ho wood' })).toBeVisible();
});

test('an own oil that bears a forbidden name is stopped, also at the address of the bench', async ({
  page,
}) => {
  await page.goto('/materials/new/oil');
  await page.getByLabel('Name', { exact: true }).fill('Organic sassafras oil');
  await page.getByLabel('Source of its figures').fill('a bottle from a market');
  await page.getByLabel('Dermal maximum').fill('5');
  await page.getByLabel('Keeps, once opened, in years').fill('2');
  await page.getByLabel('or paste it').fill('limonene, 95');
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByRole('button', { name: 'Use these figures' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(
    page.getByRole('heading', { level: 1, name: 'Organic sassafras oil' }),
  ).toBeVisible();
  await page.goto('/blends/understudy');
  await add(page, 'organic sass');
  await expect(verdict(page)).toContainText('Do not use on Rufus');
  await page.goto('/blends/understudy/make');
  await expect(page.getByRole('heading', { name: /Do not use on Rufus/ })).toBeVisible();
});

test('an oil of one’s own is judged by what is in it', async ({ page }) => {
  await page.goto('/materials/new/oil');
  await page.getByLabel('Name', { exact: true }).fill('Alpine air');
  await page.getByLabel('Source of its figures').fill('its sheet');
  await page.getByLabel('Keeps, once opened, in years').fill('2');
  await page.getByLabel('or paste it').fill('1,8-cineole; 70\nlimonene; 20');
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByRole('button', { name: 'Use these figures' }).click();
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Alpine air' })).toBeVisible();
  // Pip is eight, and wrists and neck are near the face.
  await page.goto('/blends/third-mouse');
  await add(page, 'alpine');
  await expect(verdict(page)).toContainText('Do not use on Pip');
  await expect(verdict(page)).toContainText(/Alpine air \(.*cineole/);
});

test('one drop of each is too much: a pre-dilution of all, in one press', async ({ page }) => {
  await page.goto('/blends/raffle-table');
  await page
    .getByRole('button', { name: /^Pre-dilute it: mix 6 drops of furanocoumarin-free bergamot/ })
    .click();
  await expect(verdict(page)).toContainText('Within limits');
  await expect(page.getByRole('region', { name: 'Oils' })).toContainText('Pre-dilution');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(verdict(page)).toContainText('caution');
  await page.getByRole('button', { name: 'Redo' }).click();
  // Read again later, it still says how it is mixed, and the bench begins with it.
  await page.reload();
  await expect(page.getByText(/first mix 6 drops of furanocoumarin-free bergamot/)).toContainText(
    /goes in/,
  );
  await page.goto('/blends/raffle-table/card');
  await expect(page.getByRole('region', { name: 'Steps' })).toContainText('Mix the pre-dilution');
});

test('what does not fit is judged, with what would hold it', async ({ page }) => {
  await page.goto('/blends/understudy');
  await page.getByLabel('Parts of jojoba').fill('40 ml');
  await expect(verdict(page)).toContainText('It does not fit');
  const changes = page.getByRole('region', { name: 'Suggested changes' });
  await expect(changes.getByRole('button', { name: /^Use a 50 ml dropper bottle/ })).toBeVisible();
  await changes.getByRole('button').first().click();
  await expect(verdict(page)).toContainText('Within limits');
});

test('a larger bottle of what must not be used is not offered', async ({ page }) => {
  await page.goto('/blends/encore');
  await page.getByLabel('ml of Lavender', { exact: true }).fill('150');
  await expect(verdict(page)).toContainText('In a large enough container: over the limit');
  await expect(page.getByRole('region', { name: 'Suggested changes' })).toHaveCount(0);
});

test('the drop size stands on the sheet, with the same drops in every other', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  await page.getByText('20 drops per ml').click();
  await expect(page.getByText(/30 per ml: 2\.1\s%/)).toBeVisible();
});

test('a target may be a range, and what lies in it is on target', async ({ page }) => {
  await page.goto('/blends/encore');
  await page.getByRole('button', { name: /^Strength/ }).click();
  await page.getByLabel('Up to, in percent').fill('1.5');
  await expect(page.getByText('It must be more than 2.')).toBeVisible();
  await page.getByLabel('Up to, in percent').fill('2.5');
  await page.keyboard.press('Escape');
  await expect(page.getByText('Total (target 2 to 2.5 %)')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Strength: 2\.\d+ %$/ })).toBeVisible();
});

test('a batch goes into another blend as what is in it', async ({ page }) => {
  await page.goto('/batches');
  const finished = page
    .getByRole('row')
    .filter({ has: page.getByRole('link', { name: /^Label of batch/ }) });
  await finished.first().getByRole('link').first().click();
  await expect(page.getByRole('heading', { level: 1, name: /, batch 2026-/ })).toBeVisible();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Use as an ingredient' }).click();
  await expect(page.getByRole('heading', { name: 'Made of' })).toBeVisible();
  await expect(page.getByText(/From batch .*, best before/)).toBeVisible();
});
