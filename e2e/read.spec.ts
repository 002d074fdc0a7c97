import { type Page, expect, test } from './test';
import { expectAccessible } from './axe';

const bad = `For kids: Focus roller

10 ml roller bottle, 2.5 % dilution
25 drops Peppermint
15 drops rosemary
10 drops frankincense
30 drops total
a pinch of love
top with FCO

Shake, then add the patchouli.`;

const paste = async (page: Page, text: string): Promise<void> => {
  await page.goto('/blends');
  await page.getByRole('link', { name: 'Read a recipe' }).click();
  await page.getByLabel('Text of the recipe').fill(text);
};

test('a bad recipe is pasted, read over, made one’s own within the limits, and made', async ({
  page,
}) => {
  await paste(page, bad);
  await expect(page.getByRole('heading', { name: 'For kids: Focus roller' })).toBeVisible();
  const trouble = page.getByRole('region', { name: 'What does not add up' });
  // 50 drops of 0.05 ml in 9.5 ml are 26 %.
  await expect(trouble).toContainText('It says 2.5 %, but is 26 % at 20 drops per ml');
  await expect(trouble).toContainText('It says 30 drops in all, but lists 50');
  await expect(trouble).toContainText('It speaks of “kids”');
  await expect(trouble).toContainText('A step names “patchouli”');
  const goesIn = page.getByRole('region', { name: 'What goes in' });
  await expect(goesIn.getByRole('row', { name: /15 drops rosemary/ })).toContainText(
    'may be several',
  );
  await goesIn
    .getByLabel('What “15 drops rosemary” is')
    .selectOption({ label: 'Rosemary, cineole type' });
  await expect(page.getByRole('region', { name: 'Line by line' })).toContainText('not understood');
  const really = page.getByRole('region', { name: 'What it really is' });
  await really.getByLabel('Who it is for').selectOption({ label: 'Ines' });
  await expect(really).toContainText('Do not use');
  await expectAccessible(page);
  await really.getByRole('button', { name: /^Save a copy for me, at (?:1\.\d+|2) %/ }).click();
  // The sheet: the same oils, weaker, within the limits; the text is in the notes.
  await expect(page.getByRole('heading', { level: 1 })).toContainText('For kids: Focus roller');
  await expect(page.getByText('Rosemary, cineole type').first()).toBeVisible();
  await page
    .getByRole('link', { name: /Make this|Make it/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Focus roller');
});

test('what was pasted is there after a reload, and nonsense says what a recipe needs', async ({
  page,
}) => {
  await paste(page, 'Hello, how are you? I bought oranges.');
  await expect(page.getByText(/There is no recipe in it/)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Text of the recipe')).toHaveValue(/oranges/);
});

test('a book of recipes is read in a worker, one chosen from it', async ({ page }) => {
  const book = Array.from(
    { length: 60 },
    (_, n) => `# Blend ${n + 1}\n\n- ${n + 1} drops vetiver\n- 30 ml jojoba\n\nShake well.\n`,
  ).join('\n');
  await paste(page, book);
  await page.getByLabel('60 recipes in it').selectOption({ label: 'Blend 42' });
  await expect(page.getByRole('region', { name: 'What goes in' })).toContainText(
    '42 drops vetiver',
  );
});

test('an oil is added with its amount in one go, and a list at once', async ({ page }) => {
  await page.goto('/blends/row-g');
  const field = page.getByLabel('Add an oil');
  await field.fill('neroli 3 drops');
  await expect(page.getByRole('option', { name: /Neroli/ }).first()).toBeVisible();
  await field.press('Enter');
  await expect(page.getByLabel('Drops of Neroli', { exact: true })).toHaveValue('3');
  await field.focus();
  await page.evaluate(() => {
    const data = new DataTransfer();
    data.setData('text/plain', 'Vetiver 2 drops\nPatchouli: 1 drop\nrosemary 4 drops');
    document.activeElement?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  });
  await expect(page.getByText(/2 oils added\. Not added: “rosemary 4 drops”/)).toBeVisible();
});

test('what is not understood keeps a blend from being checked, until it is answered', async ({
  page,
}) => {
  await paste(
    page,
    'Balm\n\n30 ml jojoba\n4 drops neroli\n1 tsp moon dust\n\nNote: last time I used 2 drops of vetiver.',
  );
  const asked = page.getByRole('region', { name: 'Not understood' });
  await expect(asked.getByRole('listitem')).toHaveCount(2);
  await asked.getByRole('button', { name: 'Leave out “1 tsp moon dust”' }).click();
  await expect(asked.getByRole('listitem')).toHaveCount(1);
  await expect(page.getByText('Can’t be checked while something is not understood')).toBeVisible();
  await page.getByRole('button', { name: 'Make it a blend, as written' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Balm');
  await expect(page.getByRole('heading', { name: 'Can’t be checked' })).toBeVisible();
  // It outlives the page, and is answered on the sheet: the amount comes along.
  await page.reload();
  await asked.getByRole('button', { name: /^Say what “.*vetiver.*” is$/ }).click();
  await asked.getByRole('combobox').fill('vet');
  await asked.getByRole('combobox').press('Enter');
  await expect(asked).toBeHidden();
  await expect(page.getByLabel('Drops of Vetiver', { exact: true })).toHaveValue('2');
  await expectAccessible(page);
});

test('ten to fifteen drops stay a range from the text to the bench', async ({ page }) => {
  await paste(page, 'Roll-on, 10 ml roller bottle\n2 to 3 drops neroli\nfill with jojoba');
  await page.getByRole('button', { name: 'Make it a blend, as written' }).click();
  const drops = page.getByLabel('Drops of Neroli', { exact: true });
  await expect(drops).toHaveValue('2–3');
  // Typed on the sheet it is one too.
  await drops.fill('1-2');
  await drops.press('Tab');
  await expect(drops).toHaveValue('1–2');
  await page.getByRole('link', { name: 'Make this' }).click();
  await page.getByRole('button', { name: 'To the bench' }).click();
  const pad = page
    .getByRole('main')
    .getByRole('button', { name: /: (?:done|.*Press for each drop\.)$/ });
  for (const step of [/^Wipe/, /^Lay out/]) {
    await expect(pad).toHaveAccessibleName(step);
    await page.keyboard.press('Enter');
  }
  await expect(pad).toHaveAccessibleName(/Neroli: 0 of 1 to 2 drops/);
  for (const said of [/1 as planned/, /2 as planned/, /3 1 too many/]) {
    await page.keyboard.press('Space');
    await expect(pad).toHaveAccessibleName(said);
  }
});
