import { more } from './sheet';
import { expect, test } from './test';

test('a bottle on the shelf tells every blend its drop, its age and its chemistry', async ({
  page,
}) => {
  await page.goto('/shelf/new');
  await page.getByLabel('What is in it').fill('lemong');
  await page.getByRole('option', { name: /Lemongrass/ }).click();
  await page.getByLabel('Lot').fill('LG-1');
  await page.getByLabel('Opened on').fill('2015-03-01');
  await page.getByRole('button', { name: 'Add a weighing' }).click();
  await page.getByLabel('Mass of weighing 1, in g').fill('0.712');
  // 0.712 g / (20 x 0.89 g/ml) = 0.04 ml.
  await expect(page.getByText(/One drop is 0\.04\sml/)).toBeVisible();
  await page.getByLabel('or paste it').fill('geranial; 20\nneral; 10\nzingabarol; 1');
  await page.getByRole('button', { name: 'Read it' }).click();
  // Shown before it counts.
  await expect(page.getByRole('group', { name: 'What was read' })).toContainText('geranial');
  await page.getByRole('button', { name: 'Use these figures' }).click();
  await expect(
    page.getByText('Known by name: 30 %. Not known, so no limit checks it: zingabarol (1 %).'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Add to shelf' }).click();
  await expect(page.getByText(/past its date since/).first()).toBeVisible();

  await page.goto('/blends/third-mouse');
  await page.getByLabel('Add an oil').fill('lemongrass');
  await page
    .getByRole('option', { name: /Lemongrass/ })
    .first()
    .click();
  const limits = page.getByRole('region', { name: 'Limits that apply' });
  await expect(limits.getByText(/Lemongrass, lot LG-1, has been open too long/)).toBeVisible();
});

test('a bottle put on the shelf in another tab leaves the field in which one types alone', async ({
  page,
  context,
}) => {
  await page.goto('/blends/third-mouse');
  const notes = page.getByRole('textbox', { name: 'Notes' });
  await notes.fill('Half a sen');
  const other = await context.newPage();
  await other.goto('/shelf/new');
  await other.getByLabel('What is in it').fill('mandarin');
  await other
    .getByRole('option', { name: /Mandarin/ })
    .first()
    .click();
  await other.getByLabel('Lot').fill('MD-1');
  await other.getByLabel('Opened on').fill('2010-03-01');
  await other.getByRole('button', { name: 'Add to shelf' }).click();
  // The sheet is reported of it, and what is typed goes on where it was.
  await expect(page.getByText(/lot MD-1, has been open too long/).first()).toBeVisible();
  await expect(notes).toBeFocused();
  await notes.pressSequentially('tence.');
  await expect(notes).toHaveValue('Half a sentence.');
});

test('a figure of one’s own is marked, counts, and can be taken back', async ({ page }) => {
  await page.goto('/materials/ylang-ylang');
  await page.getByText('Use a figure of my own').click();
  await page.getByLabel('Your dermal maximum').fill('0.7');
  await page.getByLabel('Source of its figures').fill('the sheet of May');
  await page.getByRole('button', { name: 'Use my figure' }).click();
  await expect(
    page.getByText('Yours: dermal maximum 0.7 %, from the sheet of May. The library says 0.8 %.'),
  ).toBeVisible();

  await page.goto('/blends/prompt-desk');
  // One drop of it in 9.5 ml is 0.6 %.
  const own = page.getByRole('listitem').filter({ hasText: 'your own figure' });
  await own.getByText('Why').click();
  await expect(own.getByText('the sheet of May').first()).toBeVisible();

  await page.goto('/materials/ylang-ylang');
  await page.getByRole('button', { name: 'Use the library’s' }).click();
  await expect(page.getByText('Yours: dermal maximum')).toHaveCount(0);
});

test('a ready-made blend of unknown strength can’t be checked', async ({ page }) => {
  await page.goto('/materials/new/ready-made');
  await page.getByLabel('Name', { exact: true }).fill('Curtain calm');
  await page.getByLabel('Source of its figures').fill('its label');
  await page.getByLabel('Keeps, once opened, in years').fill('2');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Curtain calm' })).toBeVisible();

  await page.goto('/blends/third-mouse');
  await page.getByLabel('Add an oil').fill('curtain');
  await page.getByRole('option', { name: /Curtain calm/ }).click();
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('can’t be checked');
  await expect(
    page.getByText(/how much of it is essential oil is not known, so it can’t be checked/).first(),
  ).toBeVisible();
});

test('one table says who must not get a blend', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  await more(page, 'Who can use it');
  await expect(page.getByRole('row', { name: /Pip, 8/ })).toContainText('do not use');
  await expect(page.getByRole('row', { name: /Ines, 41/ })).toContainText('within limits');
  await expect(page.getByRole('row', { name: /Someone breastfeeding/ })).toContainText('over');
  await expect(page.getByRole('row', { name: /A child of two/ })).toContainText('over');
});

test('a finding explains itself, and leads to its chapter', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  const limits = page.getByRole('region', { name: 'Limits that apply' });
  await limits.getByText('Why').first().click();
  await expect(limits.getByText('Ylang ylang: 1 drop × 0.05 ml = 0.05 ml.')).toBeVisible();
  await limits.getByRole('link', { name: 'In the handbook' }).first().click();
  await expect(page.getByRole('heading', { name: 'Each oil and its maximum' })).toBeInViewport();
});

test('the handbook is searched by every word', async ({ page }) => {
  await page.goto('/handbook');
  await page.getByLabel('Search the handbook').fill('methyl eugenol');
  await expect(page.getByRole('heading', { name: 'Constituents and why' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Pets' })).toHaveCount(0);
  await page.getByLabel('Search the handbook').fill('zeppelin');
  await expect(page.getByText('Nothing in the handbook about “zeppelin”.')).toBeVisible();
});

test('weeks of a pregnancy and past reactions reach every blend', async ({ page }) => {
  await page.goto('/people/saskia');
  await expect(page.getByLabel('Week of pregnancy today')).toHaveValue('24');
  await page.getByLabel('Their skin reacted to').fill('petitgr');
  await page
    .getByRole('option', { name: /Petitgrain/ })
    .first()
    .click();
  await page.getByLabel('What happened').fill('red and itching');
  await page.goto('/blends/pins-and-hems');
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('Petitgrain');
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('allergic');
});

test('what is for sale is held against the law of goods', async ({ page }) => {
  await page.goto('/blends/leading-lady');
  await page.getByLabel('Add an oil').fill('rose otto, 1 drop');
  await page.getByRole('option', { name: /Rose otto/ }).click();
  await page.getByRole('button', { name: /^Person/ }).click();
  await page.getByLabel(/for sale/).check();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Person: .*for sale$/ })).toBeVisible();
  await expect(
    page
      .getByRole('region', { name: 'Limits that apply' })
      .getByText('Methyl eugenol, for sale', { exact: true }),
  ).toBeVisible();
});
