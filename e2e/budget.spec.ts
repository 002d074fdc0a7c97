import { gzipSync } from 'node:zlib';
import { type Response } from '@playwright/test';
import { expect, test } from './test';

/** What may be loaded before the first page works, in bytes, gzipped. */
const budget = 230_000;

test('the book works on at most 230 kB of JavaScript', async ({ page }) => {
  const scripts: Promise<readonly [string, Buffer]>[] = [];
  const keep = (response: Response): void => {
    if (new URL(response.url()).pathname.endsWith('.js')) {
      scripts.push(response.body().then((body) => [response.url(), body] as const));
    }
  };
  page.on('response', keep);
  // The page works from the moment in which the names can be read and opened: containers, verdicts
  // and filters are asked for after that.
  await page.addInitScript(() => {
    new MutationObserver((_, observer) => {
      if (document.querySelector('h2 a[href^="/blends/"]') === null) return;
      performance.mark('names');
      observer.disconnect();
    }).observe(document, { childList: true, subtree: true });
  });
  await page.goto('/blends');
  await expect(page.getByRole('heading', { name: 'Prompt desk' })).toBeVisible();
  await expect(page.getByRole('search')).toBeVisible();
  page.off('response', keep);
  const before = await page.evaluate(() => {
    const names = performance.getEntriesByName('names')[0]?.startTime ?? Infinity;
    return performance
      .getEntriesByType('resource')
      .filter(({ startTime }) => startTime < names)
      .map(({ name }) => name);
  });
  const bodies = (await Promise.all(scripts)).filter(([url]) => before.includes(url));
  const bytes = bodies.reduce((total, [, body]) => total + gzipSync(body, { level: 9 }).length, 0);
  expect(bytes).toBeGreaterThan(150_000);
  expect(bytes).toBeLessThanOrEqual(budget);
  // It is not all there is: some of what was loaded came after the names.
  expect(bodies.length).toBeLessThan(scripts.length);
});

test.describe('on a first visit', () => {
  test.use({ stored: 'nothing' });

  test('the first page works on as little', async ({ page }) => {
    const scripts: Promise<Buffer>[] = [];
    page.on('response', (response) => {
      if (new URL(response.url()).pathname.endsWith('.js')) scripts.push(response.body());
    });
    await page.goto('/');
    await expect(page.getByRole('button', { name: 'me', exact: true })).toBeEnabled();
    const bodies = await Promise.all(scripts.slice());
    const bytes = bodies.reduce((total, body) => total + gzipSync(body, { level: 9 }).length, 0);
    expect(bytes).toBeLessThanOrEqual(budget);
  });
});
