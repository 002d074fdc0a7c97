import { gzipSync } from 'node:zlib';
import { expect, test } from '@playwright/test';

/** What may be loaded before the first page works, in bytes, gzipped. */
const budget = 230_000;

test('the first page works on at most 230 kB of JavaScript', async ({ page }) => {
  const scripts: Promise<Buffer>[] = [];
  page.on('response', (response) => {
    if (new URL(response.url()).pathname.endsWith('.js')) scripts.push(response.body());
  });
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Prompt desk' })).toBeVisible();
  const bodies = await Promise.all(scripts);
  const bytes = bodies.reduce((total, body) => total + gzipSync(body, { level: 9 }).length, 0);
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThanOrEqual(budget);
});
