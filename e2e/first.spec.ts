import { expect, test } from './test';

test.use({ stored: 'nothing' });

// The first five minutes: what is pressed is counted, what is typed is not.
test('from an empty house to the label of a first roll-on in ten presses', async ({ page }) => {
  await page.goto('/');
  let presses = 0;
  const press = async (role: 'button' | 'radio' | 'link' | 'option', name: string | RegExp) => {
    presses += 1;
    await page.getByRole(role, { name }).first().click();
  };
  const enter = async () => {
    presses += 1;
    await page.keyboard.press('Enter');
  };
  // The first gap that is answered begins the house; the sheet goes on from there.
  await press('button', 'someone I know');
  await page.getByLabel('Age', { exact: true }).fill('41');
  await enter();
  // Each gap that is answered closes, and the next one is open.
  await expect(page.getByRole('dialog', { name: 'Place' })).toBeVisible();
  await press('radio', 'wrists and neck');
  await expect(page.getByRole('dialog', { name: 'Strength' })).toBeVisible();
  await press('button', /^recommended/);
  await expect(page.getByRole('dialog', { name: 'Carrier' })).toBeVisible();
  await press('button', 'jojoba');
  await expect(page.getByLabel('Add an oil')).toBeFocused();
  await page.getByLabel('Name', { exact: true }).fill('First night');
  await page.getByLabel('Add an oil').focus();
  await page.keyboard.type('lavender');
  await expect(page.getByRole('option').first()).toBeVisible();
  await enter();
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('Within limits');
  await press('link', /^Label/);
  await expect(page.getByRole('heading', { name: 'Label: First night' })).toBeFocused();
  await expect(page.getByText('For external use only.').last()).toBeVisible();
  await expect(page.getByLabel('Made by')).toHaveValue('');
  expect(presses).toBeLessThanOrEqual(10);
});

test('a gap of the first page opens on the sheet; anyone goes on to the place', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'how strong?' }).click();
  const strength = page.getByRole('dialog', { name: 'Strength' });
  await expect(strength).toBeVisible();
  // Left open, it stays closed: Done is a way out, whatever is answered.
  await strength.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Strength: … how strong?' })).toBeFocused();
});

test('anyone is for a gift: the place is asked next', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: /^anyone/ }).click();
  await expect(page.getByRole('dialog', { name: 'Place' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Person: anyone/ })).toBeVisible();
});

test('a gap says what is missing, and leads there', async ({ page }) => {
  await page.goto('/blends');
  await page.getByRole('button', { name: /^New blend/ }).click();
  await page.getByRole('button', { name: 'Make this' }).click();
  await expect(page.getByText(/^Still needed: who it is for, where it goes/).first()).toBeVisible();
  await expect(page.getByRole('dialog', { name: 'Person' })).toBeVisible();
  // What was answered before stays open until it is left.
  await page.getByRole('radio', { name: /^anyone/ }).click();
  await page.getByRole('dialog', { name: 'Place' }).getByRole('button', { name: 'Done' }).click();
});

test('a blend into which nothing was typed is not kept', async ({ page }) => {
  await page.goto('/blends');
  const list = page.getByRole('main').getByRole('listitem');
  await expect(list.first()).toBeVisible();
  const before = await list.count();
  await page.getByRole('button', { name: /^New blend/ }).click();
  await expect(page.getByRole('button', { name: 'Person: … who?' })).toBeVisible();
  await page.goBack();
  await expect(list).toHaveCount(before);
  await expect(page.getByText('Without a name')).toHaveCount(0);
});

test.describe('by touch alone, on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('each part of the sentence comes up from below and has a way out', async ({ page }) => {
    await page.goto('/');
    let taps = 0;
    const tap = async (role: 'button' | 'radio' | 'link' | 'option', name: string | RegExp) => {
      taps += 1;
      await page.getByRole(role, { name }).first().tap();
    };
    await tap('button', 'a child');
    const sheet = page.getByRole('dialog', { name: 'Person' });
    await expect(sheet).toBeVisible();
    const box = await sheet.boundingBox();
    expect(box?.width).toBe(390);
    expect(Math.round((box?.y ?? 0) + (box?.height ?? 0))).toBe(844);
    await page.getByLabel('Age', { exact: true }).fill('7 months');
    await tap('button', 'Done');
    await expect(page.getByRole('dialog', { name: 'Place' })).toBeVisible();
    await tap('radio', 'body');
    await expect(page.getByRole('dialog', { name: 'Strength' })).toBeVisible();
    await tap('button', /^recommended/);
    await tap('button', 'jojoba');
    await page.getByLabel('Add an oil').fill('lavender');
    await tap('option', /^Lavender/);
    // What has no room in a column is stated under the name.
    await expect(page.getByRole('row', { name: /Lavender/ })).toContainText('%');
    await tap('link', /^Label/);
    await expect(page.getByRole('heading', { name: /^Label/ })).toBeVisible();
    expect(taps).toBeLessThanOrEqual(12);
    // The rooms and the search are within reach of a thumb.
    await tap('button', 'Find');
    await page.getByLabel('Find').fill('chamomile');
    await tap('option', /about this oil/);
    await expect(page).toHaveURL(/\/materials\//);
  });
});
