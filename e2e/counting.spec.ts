import { expect, test } from './test';

test.beforeEach(async ({ page }) => {
  await page.goto('/make/batch-prompt-desk');
  await expect(page.getByRole('button', { name: /^Cardamom/ })).toBeVisible();
});

const count = (page: import('@playwright/test').Page) => page.getByTestId('count');

test('leaving in the middle of counting and coming back loses nothing', async ({ page }) => {
  await page.keyboard.press('Space');
  await expect(count(page)).toHaveText('1');
  await page.reload();
  await expect(count(page)).toHaveText('1');
  await page.getByRole('link', { name: 'Leave' }).click();
  await page.getByRole('link', { name: 'Go on with Prompt desk' }).click();
  await expect(count(page)).toHaveText('1');
});

test('one press is one drop, however long it is held', async ({ page }) => {
  await page.keyboard.down('Space');
  // What a held key sends again and again.
  for (let again = 0; again < 5; again += 1) await page.keyboard.down('Space');
  await page.keyboard.up('Space');
  await expect(count(page)).toHaveText('1');
  await page.keyboard.press('Space');
  await expect(count(page)).toHaveText('2');
});

test('space on a button is that button, not a drop', async ({ page }) => {
  await page.getByRole('button', { name: /Step back/ }).focus();
  await page.keyboard.press('Space');
  // Back at the oil before, of which two drops fell.
  await expect(page.getByRole('button', { name: /^Petitgrain: 2/ })).toBeVisible();
  await expect(count(page)).toHaveText('2');
});

test('after a press with the mouse the next space is a drop again', async ({ page }) => {
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: /^Undo one drop/ }).click();
  await expect(count(page)).toHaveText('1');
  await page.keyboard.press('Space');
  await expect(count(page)).toHaveText('2');
});

test('a finger that slides counts nothing, one that taps counts when it is let go', async ({
  page,
}) => {
  const box = await page.getByRole('button', { name: /^Cardamom/ }).boundingBox();
  if (!box) throw new Error('no pad');
  const { mouse } = page;
  await mouse.move(box.x + 200, box.y + 200);
  await mouse.down();
  await mouse.move(box.x + 200, box.y + 320, { steps: 6 });
  await mouse.move(box.x + 200, box.y + 200, { steps: 6 });
  await mouse.up();
  await mouse.down();
  await expect(count(page)).toHaveText('0');
  await mouse.up();
  await expect(count(page)).toHaveText('1');
});

test.describe('with a finger', () => {
  test.use({ hasTouch: true, viewport: { width: 390, height: 844 } });

  test('one is taken back, and the bench stays where it is', async ({ page }) => {
    const pad = page.getByRole('button', { name: /^Cardamom/ });
    await pad.tap();
    await pad.tap();
    await expect(count(page)).toHaveText('2');
    await page.getByRole('button', { name: /^Undo one drop/ }).tap();
    await expect(count(page)).toHaveText('1');
    for (const name of [/^Undo one drop/, /^Go on with 1 of 2/]) {
      const box = await page.getByRole('button', { name }).boundingBox();
      expect(box?.height).toBeGreaterThanOrEqual(72);
      // At the foot of the screen, visible.
      expect((box?.y ?? 0) + (box?.height ?? 0)).toBeLessThanOrEqual(844);
      expect(box?.y).toBeGreaterThan(740);
    }
    const tall = await page.evaluate(() => document.documentElement.scrollHeight);
    expect(tall).toBeLessThanOrEqual(844);
  });
});

test('a tap anywhere on the pad is one drop, and quick taps are all counted', async ({ page }) => {
  const pad = page.getByRole('button', { name: /^Cardamom/ });
  for (let tap = 0; tap < 7; tap += 1) await pad.click({ position: { x: 20 + tap * 40, y: 40 } });
  await expect(count(page)).toHaveText('7');
  await expect(page.getByText('5 too many')).toBeVisible();
  await expect(page.getByRole('region', { name: 'When complete' })).toContainText('over');
});

test('each quick press goes to the step that was open when it was pressed', async ({ page }) => {
  const { keyboard } = page;
  for (const key of ['Space', 'Space', 'Enter', 'Space', 'Enter', 'Space']) {
    await keyboard.press(key);
  }
  await expect(page.getByRole('button', { name: /^Vetiver/ })).toBeVisible();
  await expect(count(page)).toHaveText('1');
  await page.getByRole('button', { name: 'All steps of the batch' }).click();
  const steps = page.getByRole('list', { name: 'Steps' });
  await expect(steps.getByRole('listitem').filter({ hasText: 'Cardamom' })).toContainText(
    '2 as planned',
  );
  await expect(steps.getByRole('listitem').filter({ hasText: 'Ylang ylang' })).toContainText(
    '1 as planned',
  );
});

test('what is counted in one tab shows in another', async ({ page, context }) => {
  const other = await context.newPage();
  await other.goto('/make/batch-prompt-desk');
  await expect(count(other)).toHaveText('0');
  await page.keyboard.press('Space');
  await expect(count(other)).toHaveText('1');
});

test('when more fell than asked, giving the others their share changes the rest of the plan', async ({
  page,
}) => {
  for (let drop = 0; drop < 4; drop += 1) await page.keyboard.press('Space');
  const ways = page.getByRole('region', { name: 'Too many drops' });
  await expect(ways).toContainText('Accept it');
  await ways.getByRole('button', { name: /Move to a larger bottle/ }).click();
  await expect(ways).toBeHidden();
  await page.getByRole('button', { name: 'All steps of the batch' }).click();
  await expect(page.getByRole('list', { name: 'Steps' })).toContainText(
    'Top up with 13.9 ml carrier',
  );
  await page.reload();
  await page.getByRole('button', { name: 'All steps of the batch' }).click();
  await expect(page.getByRole('list', { name: 'Steps' })).toContainText(
    'Top up with 13.9 ml carrier',
  );
});

test('a bottle thrown away is begun again from nought', async ({ page }) => {
  for (let drop = 0; drop < 3; drop += 1) await page.keyboard.press('Space');
  await page.getByRole('button', { name: /Throw it away/ }).click();
  await expect(page.getByRole('button', { name: /^Petitgrain: 0/ })).toBeVisible();
});

test('something else that went in is told, judged, and taken back', async ({ page }) => {
  const happened = page.getByRole('button', { name: /^Mishap/ });
  const outcome = page.getByRole('region', { name: 'When complete' });
  await happened.click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Or in your own words').fill('a splash of coffee');
  // A key of the bench is a letter here.
  await expect(dialog.getByLabel('Or in your own words')).toHaveValue('a splash of coffee');
  await dialog.getByRole('button', { name: 'Save it' }).click();
  await expect(dialog).toHaveCount(0);
  await expect(outcome).toContainText('Something else went in: “a splash of coffee”');
  await expect(count(page)).toHaveText('0');

  await happened.click();
  await dialog.getByRole('button', { name: /^Undo: Went in/ }).click();
  await expect(dialog.getByText(/coffee/)).toHaveCount(0);

  await dialog.getByLabel('What went in').fill('cinnamon bark');
  await page.getByRole('option').first().click();
  await dialog.getByLabel('How much, if you know').fill('6');
  await dialog.getByRole('button', { name: 'Save it' }).click();
  await expect(page.getByRole('alert')).toContainText(/Cinnamon/);
  // It stays with the batch.
  await page.goto('/batches/batch-prompt-desk');
  await expect(page.getByRole('region', { name: 'What went in' })).toContainText(
    'not in the recipe',
  );
  await expect(page.getByRole('region', { name: 'What happened' })).toContainText(
    /Something else went in6 drops of Cinnamon/,
  );
});

test('the bottle fills as the drops fall, and the line above says how far it is', async ({
  page,
}) => {
  const glass = page.getByRole('region', { name: 'In it so far' });
  // Two drops of 0.05 ml fell before; one more is 0.15 ml.
  await expect(glass).toContainText(/0\.1\sml of 9\.5\sml in it/);
  await page.keyboard.press('Space');
  await expect(glass).toContainText(/0\.15\sml of 9\.5\sml in it/);
  await expect(glass).toContainText('Cardamom 1');
  const line = page.getByRole('progressbar', { name: 'Steps done' });
  const before = Number(await line.getAttribute('aria-valuenow'));
  await page.keyboard.press('Enter');
  await expect(line).toHaveAttribute('aria-valuenow', String(before + 1));
});
