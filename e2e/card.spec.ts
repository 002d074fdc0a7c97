import { more } from './sheet';
import { type Page, expect, test } from './test';

const pagesOf = async (page: Page): Promise<number> =>
  (await page.pdf({ format: 'A4' })).toString('latin1').match(/\/Type\s*\/Page[^s]/g)?.length ?? 0;

test('a blend on one page of paper: ingredients, steps, limits, cautions, and nothing to press', async ({
  page,
}) => {
  await page.goto('/blends/curtain-call');
  await more(page, 'Card');
  const card = page.getByRole('article', { name: 'Recipe card' });
  await expect(card).toContainText('9 tins of 15 ml and 4 sticks of 5 ml, for anyone');
  // 13 drops of 0.05 ml; orange weighs 0.845 g/ml.
  await expect(card.getByRole('row', { name: /Sweet orange/ })).toContainText(/13\s*0\.65\s*0\.55/);
  await expect(card.getByRole('region', { name: 'Steps' })).toContainText('Melt yellow beeswax.');
  await expect(card.getByRole('region', { name: 'Steps' })).toContainText(/sets at about 53\s°C/);
  await expect(card.getByRole('region', { name: 'Cautions' })).toContainText(
    'Contains yellow beeswax',
  );
  await expect(card.getByRole('button')).toHaveCount(0);
  expect(await pagesOf(page)).toBe(1);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
});

test('what must not be used has no card, and nothing to print', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  await page.getByLabel('Drops of Ylang ylang', { exact: true }).fill('9');
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('Do not use');
  await page.goto('/blends/prompt-desk/card');
  await expect(page.getByRole('status')).toContainText('It has no card');
  await expect(page.getByRole('article')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Print' })).toHaveCount(0);
});
