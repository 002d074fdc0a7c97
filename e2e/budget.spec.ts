import { gzipSync } from 'node:zlib';
import { expect, test, type Response } from '@playwright/test';

/** What may be loaded before the first page works, in bytes, gzipped. */
const budget = 230_000;

test('the first page works on at most 230 kB of JavaScript', async ({ page }) => {
  const scripts: Promise<Buffer>[] = [];
  const keep = (response: Response): void => {
    const { pathname } = new URL(response.url());
    if (pathname.endsWith('.js') && !pathname.includes('/judging-')) scripts.push(response.body());
  };
  page.on('response', keep);
  // Judging comes after the names: the page works while it is still on its way.
  const name = page.getByRole('heading', { name: 'Prompt desk' });
  await page.route(/\/judging-/, async (route) => {
    await name.waitFor();
    await route.continue();
  });
  await page.goto('/blends');
  await expect(name).toBeVisible();
  page.off('response', keep);
  const bodies = await Promise.all(scripts);
  const bytes = bodies.reduce((total, body) => total + gzipSync(body, { level: 9 }).length, 0);
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThanOrEqual(budget);
});
