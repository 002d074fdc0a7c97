import { expect, test } from './test';
import { expectAccessible, expectReflow } from './axe';
import { rooms } from './screens';

for (const [room, screens] of Object.entries(rooms)) {
  test(`${room} keeps nobody out, in light and in dark, at any width`, async ({ page }) => {
    // Nor does any request leave the machine.
    const elsewhere: string[] = [];
    page.on('request', (request) => {
      const { hostname, protocol } = new URL(request.url());
      if (protocol.startsWith('http') && hostname !== 'localhost') elsewhere.push(request.url());
    });
    // Nor does any page break the rules of its own content security policy.
    await page.addInitScript(() => {
      const seen: string[] = [];
      Object.assign(window, { broken: seen });
      addEventListener('securitypolicyviolation', ({ violatedDirective }) =>
        seen.push(violatedDirective),
      );
    });
    for (const [name, path, heading] of screens) {
      await test.step(name, async () => {
        await page.goto(path);
        await expect(page.getByRole('heading', { level: 1, name: heading })).toBeAttached();
        // Rows of a table are alike: of the handbook's hundreds the first few of each are looked at.
        if (path === '/handbook') {
          await page.evaluate(() => {
            for (const body of document.querySelectorAll('tbody')) {
              while (body.rows.length > 4) body.deleteRow(-1);
            }
          });
        }
        expect(await page.evaluate(() => (window as { broken?: string[] }).broken)).toEqual([]);
        await expectAccessible(page);
        await expectReflow(page);
      });
    }
    expect(elsewhere).toEqual([]);
  });
}

test('each part of the sentence, opened, keeps nobody out', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  for (const part of [
    'Container',
    'Person',
    'Place',
    'Left on or rinsed off',
    'Sun',
    'How often',
    'Strength',
    'Carrier',
  ]) {
    await test.step(part, async () => {
      await page.getByRole('button', { name: new RegExp(`^${part}`) }).click();
      await expect(page.getByRole('dialog', { name: part })).toBeVisible();
      await expectAccessible(page, '[role=dialog]');
      await expectReflow(page, '[role=dialog]');
      await page.keyboard.press('Escape');
      await expect(page.getByRole('dialog')).toBeHidden();
    });
  }
});

test('on a phone the name of the blend is read, and nothing lies over it', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/blends/prompt-desk');
  const name = await page.getByLabel('Name', { exact: true }).boundingBox();
  const button = await page.getByRole('button', { name: 'Undo' }).boundingBox();
  expect(name?.width).toBeGreaterThan(120);
  expect((name?.y ?? 0) + (name?.height ?? 0)).toBeLessThanOrEqual(button?.y ?? 0);
});

test.describe('as it is before anything is unfolded', () => {
  test.use({ stored: 'folded' });

  test('a sheet of six oils fits at 1280 by 800 without scrolling', async ({ page }) => {
    await page.goto('/blends/prompt-desk');
    await expect(page.getByLabel('Add an oil')).toBeVisible();
    for (const oil of ['lavender', 'cypress']) {
      await page.keyboard.press('/');
      await page.keyboard.type(oil);
      await expect(page.getByRole('option').first()).toBeVisible();
      await page.keyboard.press('Enter');
      await page.keyboard.press('Escape');
    }
    await expect(page.getByRole('region', { name: 'Oils' }).getByRole('row')).toHaveCount(8);
    const tall = await page.evaluate(() => document.documentElement.scrollHeight);
    expect(tall).toBeLessThanOrEqual(800);
  });
});
