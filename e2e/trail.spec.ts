import { more } from './sheet';
import { type Page, expect, test } from './test';
import { expectAccessible } from './axe';

const given = (page: Page) => page.getByRole('region', { name: 'Who has it' });

/** Makes a blend from start to end, counting every drop. */
const make = async (page: Page, blend: string): Promise<void> => {
  await page.goto(`/blends/${blend}/make`);
  await page.getByRole('button', { name: 'To the bench' }).click();
  await expect(page.locator('[data-pad]')).toBeVisible();
  for (let n = 0; n < 40 && /\/make\//.test(page.url()); n += 1) {
    const name = (await page.locator('[data-pad]').getAttribute('aria-label')) ?? '';
    const drops = Number(/: 0 of (\d+)/.exec(name)?.[1] ?? 0);
    for (let drop = 1; drop <= drops; drop += 1) {
      await page.locator('[data-pad]').click();
      await expect(page.getByTestId('count')).toHaveText(String(drop));
    }
    const counted = await page.locator('[data-pad]').getAttribute('aria-label');
    await page.keyboard.press('Enter');
    await expect
      .poll(async () =>
        /\/make\//.test(page.url())
          ? await page
              .locator('[data-pad]')
              .getAttribute('aria-label', { timeout: 2000 })
              .catch(() => '')
          : 'elsewhere',
      )
      .not.toBe(counted);
  }
};

test('three batches, run short, another bottle, a reaction comes in, recall', async ({ page }) => {
  await page.goto('/blends');
  await expect(page.getByRole('link', { name: /Row G/ }).first()).toBeVisible();
  // Nearly all of the frankincense is gone: it is counted again, with a reason.
  await page.goto('/shelf/frankincense-1');
  const ledger = page.getByRole('region', { name: 'What is left' });
  await ledger.getByLabel('Left in it now, in ml').fill('0.02');
  await ledger.getByLabel('Why').fill('the cap was loose');
  await page.keyboard.press('Enter');
  await expect(ledger).toContainText('0.02 ml left');
  await page.goto('/shelf/new?of=frankincense');
  await page.getByLabel('Lot').fill('FK-9');
  await page.getByLabel('Opened on').fill('');
  await page.getByRole('button', { name: 'Add to shelf' }).click();
  // Run short: the other bottle is opened and taken.
  await page.goto('/blends/row-g/make');
  const row = page.getByRole('row', { name: /Frankincense/ });
  await expect(row).toContainText('not enough');
  await row.getByRole('button', { name: /take lot FK-9/ }).click();
  await expect(row).toContainText('lot FK-9, 10 ml left');
  await make(page, 'row-g');
  await make(page, 'row-g');
  await make(page, 'row-g');
  const batch = page.url();
  await page.goto('/shelf');
  await page
    .getByRole('link', { name: /Frankincense/ })
    .first()
    .click();
  await expect(ledger.getByText(/used in/)).toHaveCount(3);
  // Someone outside the house gets a piece of the last, and their skin reacts.
  await page.goto(batch);
  await given(page).getByRole('button', { name: 'Give some away' }).click();
  await given(page).getByLabel('To').fill('Choir, third row');
  await given(page).getByRole('button', { name: 'Save who got it' }).click();
  await expect(given(page)).toContainText('0 of 1 piece still here');
  const tests = page.getByRole('region', { name: 'Patch tests' });
  await tests.getByRole('button', { name: 'Begin a patch test' }).click();
  await tests.getByLabel('On whom').fill('Choir, first row');
  await tests.getByRole('button', { name: 'Begin the test' }).click();
  const card = tests.getByRole('region', { name: 'Patch test on Choir, first row' });
  await card.getByLabel('red, or it itches').check();
  await card.getByRole('button', { name: 'Save the reading' }).click();
  await expect(card).toContainText('a reaction');
  // Not to them, whatever comes.
  await given(page).getByRole('button', { name: 'Give some away' }).click();
  await given(page).getByLabel('To').fill('choir, FIRST row');
  await given(page).getByRole('button', { name: 'Save who got it' }).click();
  await expect(page.getByText(/can’t be given to them/)).toBeVisible();
  await expectAccessible(page);
  // Every other piece that shares a bottle, and who has it.
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Batches from the same bottles' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText(
    'Batches from the same bottles',
  );
  await expect(page.getByRole('row', { name: /Row G.*Choir, third row/ })).toBeVisible();
  await expect(page.getByRole('row', { name: /Row G.*lot FK-9/ })).toHaveCount(2);
  await expectAccessible(page);
});

test('a patch test is read after two days, and lets the batch go', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-25T10:00:00') });
  await page.goto('/blends');
  await page.goto('/batches/batch-curtain-call');
  const tests = page.getByRole('region', { name: 'Patch tests' });
  await tests.getByRole('button', { name: 'Begin a patch test' }).click();
  await tests.getByLabel('On whom').fill('Ines');
  await tests.getByRole('button', { name: 'Begin the test' }).click();
  await given(page).getByRole('button', { name: 'Give some away' }).click();
  await given(page).getByLabel('To').fill('Ines');
  await given(page).getByRole('button', { name: 'Save who got it' }).click();
  await expect(page.getByText(/once it is read clear after 48 hours/)).toBeVisible();
  await page.clock.setFixedTime(new Date('2026-11-27T10:30:00'));
  await page.goto('/today');
  await expect(
    page.getByRole('list', { name: 'What is due' }).getByRole('listitem').filter({
      hasText: 'Ines, Curtain call',
    }),
  ).toContainText('Read a patch test');
  const card = page.getByRole('region', { name: 'Patch test on Ines' }).filter({
    hasText: 'Curtain call',
  });
  await card.getByLabel('no change').check();
  await card.getByRole('button', { name: 'Save the reading' }).click();
  await expect(card).toHaveCount(0);
  await page.goto('/batches/batch-curtain-call');
  await given(page).getByRole('button', { name: 'Give some away' }).click();
  await given(page).getByLabel('To').fill('Ines');
  await given(page).getByRole('button', { name: 'Save who got it' }).click();
  await expect(given(page).getByRole('link', { name: 'Ines' })).toBeVisible();
});

test('carrier is added to a finished batch: a new strength, and new labels', async ({ page }) => {
  await page.goto('/blends');
  await page.goto('/batches/batch-after-the-lift');
  const short = page.getByRole('region', { name: 'In short' });
  const before = await short
    .getByRole('paragraph')
    .filter({ hasText: /^\d.*%/ })
    .first()
    .textContent();
  await page.getByRole('button', { name: 'Put something right' }).click();
  await page.getByRole('button', { name: 'Something was added to it later' }).click();
  const form = page.getByRole('form', { name: 'Add to this batch' });
  await form.getByLabel('What was added').fill('fractionated');
  await page.getByRole('option').first().waitFor();
  await page.keyboard.press('Enter');
  await form.getByLabel('How much').fill('5');
  await expect(form.getByRole('status')).toContainText(/with it/);
  await form.getByLabel('Why').fill('too strong for every day');
  await form.getByRole('button', { name: 'Save what was added' }).click();
  const corrections = page.getByRole('region', { name: 'Corrections' });
  await expect(corrections).toContainText('Replace the printed labels');
  await expect(corrections).toContainText('5 ml of Fractionated coconut oil added');
  await expect(
    short
      .getByRole('paragraph')
      .filter({ hasText: /^\d.*%/ })
      .first(),
  ).not.toHaveText(before ?? '');
});

test('bottles come in out of a table; a bad line is named, and takes no other with it', async ({
  page,
}) => {
  await page.goto('/blends');
  await page.goto('/shelf/import');
  await page
    .getByLabel('or paste it')
    .fill('oil,size,opened\ntea tree,10 ml,2026-05-03\nmoon dust,5,\npeppermint,10,03/04/2026');
  const read = page.getByRole('region', { name: 'What was read' });
  await expect(read).toContainText('1 bottle can be added; 2 lines can’t be added yet');
  await expect(read).toContainText('“moon dust” isn’t a name that Jubbet knows');
  await expect(read).toContainText('“03/04/2026” may be read two ways');
  await expectAccessible(page);
  await read.getByRole('button', { name: 'Add 1, leave out 2' }).click();
  await expect(page.getByRole('link', { name: /Tea tree/i })).toBeVisible();
});

test('a batch that is deleted asks whether it was made', async ({ page }) => {
  await page.goto('/blends');
  await page.goto('/shelf/lavender-1');
  const heading = page.getByRole('heading', { name: /ml left/ });
  await expect(page.getByText(/used in/).first()).toBeVisible();
  const before = (await heading.textContent()) ?? '';
  await page.goto('/batches/batch-interval');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
  await page.getByRole('button', { name: 'It was not: put it back' }).click();
  await expect(page.getByText(/is deleted/)).toBeVisible();
  await page.goto('/shelf/lavender-1');
  await expect(heading).not.toHaveText(before);
  await expect(page.getByText('undone')).toBeVisible();
});

test('a batch for sale: the list of the law, what is missing, and words that make it a medicine', async ({
  page,
}) => {
  await page.goto('/blends/row-g');
  await page.getByLabel('What it is for').fill('Relieves muscle pain');
  await expect(page.getByLabel('What it is for')).toHaveValue('Relieves muscle pain');
  await make(page, 'row-g');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'For sale' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('For sale: Row G');
  const list = page.getByTestId('ingredients');
  // Falling order of weight, then the allergens.
  await expect(list).toHaveText(
    /^Ingredients: Simmondsia Chinensis Seed Oil, .*Lavandula Angustifolia Oil.*, Linalool/,
  );
  const must = page.getByRole('region', { name: 'What must be on the pack' });
  await expect(must.getByRole('row', { name: /Responsible person/ })).toContainText(
    'still missing',
  );
  await page.getByLabel('Responsible person, name and address').fill('Wardrobe Lane 4, Marlpit');
  await expect(must.getByRole('row', { name: /Responsible person/ })).toContainText('Marlpit');
  await expect(page.getByRole('region', { name: /Claims that the law/ })).toContainText(
    'for a warming rub after exercise',
  );
  // The label itself: all of it on the bottle, or the list on the box.
  await page.getByRole('link', { name: 'Label to sell it' }).click();
  const labels = page.getByRole('group', { name: 'Labels' });
  await expect(labels).toContainText('Lavandula Angustifolia Oil');
  await expect(labels).toContainText('Marlpit');
  await expect(labels).toContainText('Keep cool, dark and tightly closed.');
  await expect(page.getByText(/Still missing/)).toHaveCount(0);
  await page.getByLabel('Sold in a box').check();
  await expect(labels).not.toContainText('Ingredients:');
  await expect(labels).toContainText(/Batch 20\d\d-\d+ · Wardrobe Lane 4, Marlpit/);
  await page.getByLabel('Width').fill('20');
  await page.getByLabel('Height').fill('15');
  await page.getByLabel('Height').blur();
  await expect(page.getByText(/there is no room for .*the precautions/)).toBeVisible();
  await page.goBack();
  await page.getByLabel('United States').check();
  await expect(must.getByRole('row', { name: /Net contents/ })).toContainText('fl oz');
  await expect(list).toContainText('Lavandula Angustifolia (Lavender) Oil');
  await expect(list).not.toContainText('Linalool');
  await expectAccessible(page);
});

test('the sheet of an assessor has formula, allergens and limits, from a blend as well', async ({
  page,
}) => {
  await page.goto('/blends/raffle-table');
  await more(page, 'For sale');
  await expect(page.getByRole('link', { name: 'Label to sell it' })).toHaveCount(0);
  await page.getByLabel('Northern Ireland').check();
  await page.getByRole('link', { name: 'Sheet for the assessor' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('For the assessor');
  const formula = page.getByRole('region', { name: 'Formula by weight' });
  await expect(formula.getByRole('row', { name: /Lavender/ })).toContainText('8000-28-0');
  const limits = page.getByRole('region', { name: 'Limits' });
  await expect(limits.getByRole('row', { name: /Whole blend/ })).toContainText('%');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ]);
  expect(file.suggestedFilename()).toContain('for the assessor.csv');
  await expectAccessible(page);
});

test('what the law does not let be sold has no label for it, and no way past', async ({ page }) => {
  await page.goto('/blends/row-g');
  await page.getByLabel('Add an oil').fill('rose otto');
  await expect(page.getByRole('option').first()).toBeVisible();
  await page.keyboard.press('Enter');
  await make(page, 'row-g');
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('menuitem', { name: 'For sale' }).click();
  const against = page.getByRole('alert').filter({ hasText: 'Not for sale in the EU' });
  await expect(against).toContainText('methyl eugenol');
  await expect(page.getByRole('link', { name: 'Label to sell it' })).toHaveCount(0);
  // Nor at the address of the label.
  await page.goto(page.url().replace(/for-sale$/, 'label?for=eu'));
  await expect(against).toBeVisible();
  await expect(page.getByRole('group', { name: 'Labels' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: /Print|PDF/ })).toHaveCount(0);
  // To keep or give it away is another matter.
  await page.getByLabel('These labels are').selectOption('to keep or give away');
  await expect(page.getByRole('group', { name: 'Labels' })).toBeVisible();
});
