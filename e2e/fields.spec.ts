import { type Page, expect, test } from './test';

// What is typed is read as it was meant, or asked back, or refused as a whole.

const drops = (page: Page, oil: string) => page.getByLabel(`Drops of ${oil}`, { exact: true });

test('an age is read as people say it, and what was understood stands beside it', async ({
  page,
}) => {
  await page.goto('/blends/row-g');
  await page.getByRole('button', { name: /^Person/ }).click();
  await page.getByLabel('someone else').check();
  const age = page.getByLabel('Age', { exact: true });
  for (const [typed, understood] of [
    ['7 months', '= 7 months'],
    ['18 mo', '= 18 months'],
    ['6 weeks', '= 1 month'],
    ['2 1/2', '= 2 years and 6 months'],
    ['41', '= 41 years'],
  ] as const) {
    await age.fill(typed);
    await expect(page.getByText(understood, { exact: true })).toBeVisible();
  }
  await age.fill('7 months');
  await expect(page.getByRole('button', { name: /^Person: someone, 7 months/ })).toBeVisible();
  // What cannot be read leaves no age behind, not the one from before either.
  await age.fill('seven');
  await expect(page.getByText(/“seven” is not an age/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Person: … who/ })).toBeVisible();
});

test('an oil is found by typing a letter at a time, and enter takes it', async ({ page }) => {
  await page.goto('/blends/leading-lady');
  await expect(page.getByLabel('Add an oil')).toBeVisible();
  for (const [typed, meant] of [
    ['lemongr', 'Lemongrass'],
    ['rosem', 'Rosemary'],
  ] as const) {
    await page.keyboard.press('/');
    for (const letter of typed) {
      await page.keyboard.type(letter);
      // Time for the list to follow, as for someone who types slowly.
      await expect(page.getByRole('option').first()).toBeVisible();
    }
    await expect(page.getByRole('option').first()).toContainText(meant);
    await expect(page.getByRole('option').first()).toHaveAttribute('data-focus', '');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('rowheader', { name: new RegExp(meant) })).toBeVisible();
  }
});

test('what can be read two ways is asked back, with both readings to press', async ({ page }) => {
  await page.goto('/blends/curtain-call');
  const jojoba = page.getByLabel(/^(Parts|Percent|g|ml) of jojoba/);
  await jojoba.fill('1,000 g');
  const alert = page.getByRole('alert');
  await expect(alert).toContainText('can be read two ways');
  await alert.getByRole('button', { name: '1000 g' }).click();
  await jojoba.blur();
  await expect(page.getByLabel('g of jojoba')).toHaveValue('1000');
});

test('a number of thousands is that number', async ({ page }) => {
  await page.goto('/blends/curtain-call');
  const jojoba = page.getByLabel(/^(Parts|Percent|g|ml) of jojoba/);
  await jojoba.fill('1 250 g');
  await jojoba.blur();
  await expect(page.getByLabel('g of jojoba')).toHaveValue('1250');
});

test('what a field refuses it does not keep in part', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  await page.getByRole('button', { name: /^Strength/ }).click();
  const strength = page.getByLabel('Essential oil, in percent');
  await strength.pressSequentially('2.5 to 3');
  await expect(page.getByRole('alert')).toContainText('is not a number');
  await strength.blur();
  await expect(strength).toHaveValue('3');
  // Nor what is left of a number that is taken away, where empty may not be.
  await strength.fill('25');
  await strength.press('End');
  await strength.press('Backspace');
  await strength.press('Backspace');
  await strength.blur();
  await expect(strength).toHaveValue('3');
  // The unit may be behind it.
  await strength.fill('2 %');
  await strength.blur();
  await expect(strength).toHaveValue('2');
});

test('a word that every object has wipes no figure', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  const before = await page.getByLabel('ml of Petitgrain').inputValue();
  await page.getByLabel('ml of Petitgrain').fill('2 constructor');
  await expect(page.getByRole('alert')).toContainText('needs a unit');
  await page.getByLabel('ml of Petitgrain').blur();
  await expect(page.getByLabel('ml of Petitgrain')).toHaveValue(before);
  await expect(page.getByRole('status', { name: 'Verdict' })).not.toContainText('NaN');
});

test('a drop more of one oil takes none from another; the total moves and says so', async ({
  page,
}) => {
  await page.goto('/blends/prompt-desk');
  const others = ['Cardamom', 'Ylang ylang', 'Vetiver'];
  await expect(drops(page, 'Petitgrain')).toHaveValue('2');
  const before = await Promise.all(others.map((oil) => drops(page, oil).inputValue()));
  await page.getByRole('button', { name: 'One drop more of Petitgrain' }).click();
  await expect(drops(page, 'Petitgrain')).toHaveValue('3');
  expect(await Promise.all(others.map((oil) => drops(page, oil).inputValue()))).toEqual(before);
  await expect(
    page.getByRole('button', { name: /^Strength: 3\.7 % \(target 3 %\)/ }),
  ).toBeVisible();
});

test('wax by the spoon stays as it was typed, also when the sheet is opened anew', async ({
  page,
}) => {
  await page.goto('/blends/curtain-call');
  const wax = page.getByLabel(/^(Parts|Percent|g|ml) of yellow beeswax/i);
  await wax.fill('2 tbsp pellets');
  await page
    .getByRole('alert')
    .getByRole('button', { name: '2 metric tablespoons pellets' })
    .click();
  await wax.blur();
  const bases = page.getByRole('region', { name: 'Bases' });
  await expect(bases).toContainText('2 tablespoons of pellets');
  await expect(bases).toContainText('14 to 20 g');
  await page.reload();
  await expect(bases).toContainText('2 tablespoons of pellets');
});

test('an oil of unknown density can be weighed', async ({ page }) => {
  await page.goto('/blends/row-g');
  await page.getByLabel('Add an oil').fill('vanilla');
  await expect(page.getByRole('option').first()).toContainText(/vanilla/i);
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /ml; show g instead/ }).click();
  const grams = page.getByLabel(/^g of Vanilla/);
  await expect(grams).toBeEnabled();
  await grams.fill('0.1');
  await grams.blur();
  await expect(grams).toHaveValue('0.1');
});

test('an oil that comes to no drop is named at the strength', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  await page.getByLabel('Add an oil').fill('cinnamon bark');
  await expect(page.getByRole('option').first()).toContainText(/cinnamon bark/i);
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('button', { name: /^Strength: .*without cinnamon bark/ }),
  ).toBeVisible();
});

test('a name is found without its accents, and what is cut at its longest says so', async ({
  page,
}) => {
  await page.goto('/blends/row-g');
  const name = page.getByRole('textbox', { name: 'Name', exact: true });
  await name.fill('Éclair');
  await page.goto('/blends');
  await page.getByRole('search').getByRole('searchbox').fill('eclair');
  await expect(page.getByRole('heading', { name: 'Éclair' })).toBeVisible();
  await page.goto('/blends/row-g');
  await name.fill('');
  await name.focus();
  await page.keyboard.insertText('Éclair'.repeat(30));
  await expect(page.getByText('120 letters is the most for this field')).toBeVisible();
  await expect(name).toHaveValue('Éclair'.repeat(20));
});
