import { readFileSync } from 'node:fs';
import { expectAccessible } from './axe';
import { expect, test, type Page } from './test';

const add = async (page: Page, name: string, pieces: string) => {
  await page.getByLabel('Add a blend').selectOption(name);
  await page.getByLabel(`How many of ${name}`).fill(pieces);
};

test('three blends by a day: what to buy, when to start, what to do in which order', async ({
  page,
}) => {
  await page.goto('/plans');
  await page.getByRole('button', { name: 'New plan' }).click();
  await page.getByLabel('Name').fill('Winter stall');
  await add(page, 'Raffle table', '12');
  await add(page, 'Third mouse', '4');
  await add(page, 'Curtain call', '8');
  await expect(page.getByText('24 gifts of 3 blends')).toBeVisible();
  const when = page.getByRole('region', { name: 'When' });
  await expect(when).toContainText('Everything is ready on');
  await expect(when).toContainText('No order of the steps is sooner.');
  const order = page.getByRole('region', { name: 'In order' });
  await expect(order.getByRole('listitem').first()).toContainText('09:00');
  await expect(order).toContainText('Raffle table');
  await expect(page.getByRole('region', { name: /^To buy/ })).toContainText('12 needed, 0 here');

  // Only in the evening and at weekends.
  await page.getByRole('button', { name: /^When: at any time/ }).click();
  await page.getByRole('button', { name: 'Evenings and weekends' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('button', { name: /^When:/ })).toContainText(
    'on Monday to Friday from 18:00 to 21:00 and Saturday and Sunday from 10:00 to 16:00',
  );
  await expect(order.getByRole('listitem').first()).toContainText(/18:00|10:00/);

  // It is there after a reload, and a line that was removed comes back.
  await page.reload();
  await expect(page.getByLabel('Name')).toHaveValue('Winter stall');
  await page.getByRole('button', { name: 'Remove Third mouse' }).click();
  await expect(page.getByText('20 gifts of 2 blends')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('24 gifts of 3 blends')).toBeVisible();
  await expectAccessible(page);
});

test('what cannot be is said where it is, and nothing of the plan is lost', async ({ page }) => {
  await page.goto('/plans/plan-interval-table');
  await expect(page.getByRole('region', { name: 'When' })).toContainText('Everything is ready on');
  await page.getByRole('button', { name: /^Ready by:/ }).click();
  await page.getByRole('textbox', { name: 'Ready by' }).fill('2020-01-01T10:00');
  await expect(page.getByRole('alert')).toContainText('It must be ready after work begins');
  await page.keyboard.press('Escape');
  await page.reload();
  await expect(page.getByRole('button', { name: /^Ready by:/ })).not.toContainText('January');
  await page.goto('/plans/nowhere');
  await expect(page.getByRole('heading', { name: 'Plan not found' })).toBeVisible();
});

test('containers that are here are not bought, and the plan leaves as a file', async ({ page }) => {
  await page.goto('/plans/plan-interval-table');
  const buy = page.getByRole('region', { name: /^To buy/ });
  await expect(buy.getByRole('row', { name: /10 ml roll-on/ })).toContainText('12 needed, 6 here');
  await buy.getByRole('button', { name: 'Containers you have' }).click();
  await buy.getByLabel('10 ml roll-on: how many are here').fill('20');
  await expect(buy.getByText('12 needed, 6 here')).toHaveCount(0);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export' }).click(),
  ]);
  const plan = JSON.parse(readFileSync(await file.path(), 'utf8')) as {
    format: string;
    lines: unknown[];
  };
  expect([plan.format, plan.lines.length]).toEqual(['jubbet-plan', 3]);
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('heading', { name: 'Plans' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Interval table' })).toBeVisible();
});

test('a table of forty blends is planned meanwhile, and can be stopped at a first answer', async ({
  page,
}) => {
  await page.goto('/plans');
  await page.getByRole('button', { name: 'New plan' }).click();
  const choose = page.getByLabel('Add a blend');
  await expect(choose.locator('option').nth(5)).toBeAttached();
  for (let n = 0; n < 40; n += 1) {
    await choose.selectOption(['Raffle table', 'Third mouse', 'Stage left'][n % 3] ?? '');
  }
  await page.getByRole('button', { name: /^With what:/ }).click();
  await page.getByLabel('Pairs of hands').fill('3');
  await page.getByLabel('Pans', { exact: true }).fill('2');
  await page.getByRole('button', { name: 'Done' }).click();
  const stop = page.getByRole('button', { name: 'Stop and take this one' });
  await stop.click();
  await expect(stop).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'When' })).toContainText(
    'Another order could be sooner by up to',
  );
  await expect(page.getByText('40 gifts of 3 blends')).toBeVisible();
});
