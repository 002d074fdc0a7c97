import { expect, test } from './test';

test('a blend goes from a roll-on into a pump bottle, and all that hangs on it follows', async ({
  page,
}) => {
  await page.goto('/blends/after-the-lift');
  await page.getByRole('button', { name: /^Container/ }).click();
  await page.getByLabel('Kind').selectOption('pump bottle');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Container: 100 ml pump bottle/ })).toBeVisible();
  await expect(
    page.getByRole('img', { name: /A 100 ml pump bottle, filled to 80 ml/ }),
  ).toBeVisible();
  await expect(page.getByText(/Leave room at the top/)).toBeVisible();
  await expect(page.getByText(/One press gives 0\.5 to 2\sml/)).toBeVisible();

  // 1.5 % of 80 ml in 7 parts: three of them are 0.51 ml, and 10 drops of 0.05 ml are 0.5.
  await expect(page.getByLabel('Drops of Lavender', { exact: true })).toHaveValue('10');
  await page.getByRole('button', { name: 'Measure in ml and g instead' }).click();
  await expect(page.getByLabel('ml of Lavender', { exact: true })).toHaveValue('0.5');

  await page.getByRole('link', { name: /Make this/ }).click();
  await page.getByRole('button', { name: 'To the bench' }).click();
  await expect(page.getByText('Wipe bottle, pump and tube').first()).toBeVisible();
});

test('a spray is to be kept from a flame', async ({ page }) => {
  await page.goto('/blends/prop-room');
  // A matter of handling: it is stated, and counts for nothing in the verdict.
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('Within limits');
  await page.getByText(/\d notes?$/).click();
  await expect(page.getByText(/keep it away from flames/)).toBeVisible();
});

test('vitamin E goes in by its share', async ({ page }) => {
  await page.goto('/blends/understudy');
  await page.getByRole('button', { name: /^Carrier/ }).click();
  await expect(page.getByLabel('Parts of vitamin E')).toHaveValue('1');
});

test('an amount is typed as people say it, in the spoons that were chosen', async ({ page }) => {
  await page.goto('/settings');
  await page.getByLabel(/^US/).check();
  await page.goto('/blends/encore');
  const ml = page.getByLabel('ml of Lavender', { exact: true });
  await ml.fill('0.25 tsp');
  await ml.blur();
  // A quarter of 4.929 ml.
  await expect(ml).toHaveValue('1.2322');
  await ml.fill('1 oz');
  // An ounce by weight, 28.35 g, is more than this bottle: what was meant is one press away.
  await page.getByRole('alert').getByRole('button', { name: '1 oz by weight' }).click();
  await expect(ml).toHaveValue('1 oz by weight');
  await ml.fill('20 drops');
  await ml.blur();
  await expect(page.getByLabel('Drops of Lavender', { exact: true })).toHaveValue('20');
});

test('what one use weighs tells how long a container lasts', async ({ page }) => {
  await page.goto('/blends/get-out');
  const glass = page.getByRole('region', { name: 'Glass' });
  await expect(glass).toContainText('How much is one use?');
  await page.getByRole('button', { name: /^Container:/ }).click();
  await page.getByLabel('One use takes, in ml').fill('5 g');
  await page.keyboard.press('Escape');
  // 140 g in 111 ml are 1.26 g a ml: 5 g are 4 ml, and 109 ml hold that 27 times.
  await expect(glass).toContainText(/One use takes 4\sml, with 0\.0\d+\sml of essential oil/);
  await expect(glass).toContainText('A full jar holds 27 of them: at two a day, 14 days.');
});
