import { expect, test } from './test';

test.use({ serviceWorkers: 'allow' });

test('after the first visit everything works without a network', async ({ page, context }) => {
  await page.goto('/blends');
  await expect(page.getByRole('heading', { name: 'Prompt desk' })).toBeVisible();
  // The worker takes the application in; it is asked when that is done.
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await page.reload();
  await context.setOffline(true);
  for (const [path, heading] of [
    ['/blends', 'Blends'],
    ['/blends/prompt-desk', 'Prompt desk'],
    ['/make/batch-prompt-desk', 'Making: Prompt desk'],
    ['/batches/batch-raffle-table/label', 'Label: Raffle table'],
    ['/people', 'People'],
    ['/settings', 'Settings'],
  ] as const) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1, name: heading })).toBeAttached();
  }
  await page.goto('/make/batch-prompt-desk');
  await expect(page.getByRole('button', { name: /^Cardamom/ })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByTestId('count')).toHaveText('1');
});
