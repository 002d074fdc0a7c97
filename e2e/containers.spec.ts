import { more } from './sheet';
import { expect, test } from './test';

test('a container measured with water once takes any blend', async ({ page }) => {
  await page.goto('/shelf/containers/new');
  const keep = page.getByRole('button', { name: 'Add to shelf' });
  await keep.click();
  const name = page.getByLabel('What you call it');
  await expect(name).toBeFocused();
  await expect(name).toHaveAccessibleDescription('Give it a name that you will know it by.');
  await name.fill('Twist lid');
  await page.getByLabel('Kind').selectOption('tin');
  // No one has said whose spoons these are: it is asked once, and remembered. A metric one is 15 ml.
  const holds = page.getByLabel('Holds, in ml');
  await holds.fill('1 tbsp');
  await page.getByRole('alert').getByRole('button', { name: '1 metric tablespoon' }).click();
  await expect(holds).toHaveValue('1 metric tablespoon');
  await expect(page.getByText(/^=\s15\sml$/)).toBeVisible();
  await expect(page.getByText(/From now on spoons.* are metric/)).toBeVisible();
  await holds.fill('2 tbsp');
  await expect(page.getByText(/^=\s30\sml$/)).toBeVisible();
  for (const [typed, answer] of [
    ['0', 'more than 0'],
    ['99999', 'At most 20000'],
    ['three sips', 'needs a unit'],
  ] as const) {
    await page.getByLabel('Holds, in ml').fill(typed);
    await expect(page.getByRole('alert')).toContainText(answer);
  }
  // What a field could not read is not saved as the number from before.
  await keep.click();
  await expect(page.getByLabel('Holds, in ml')).toBeFocused();
  await expect(page.getByLabel('Holds, in ml')).toHaveValue('three sips');
  await page.getByLabel('Holds, in ml').fill('22 g');
  await page.getByLabel('Filled to, in percent').fill('90');
  await page.getByLabel('Brimful, in ml').fill('19');
  await expect(page.getByRole('alert')).toContainText(/Fill line at 19\.8\sml, over the brim/);
  await page.getByLabel('Brimful, in ml').fill('24');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.getByRole('img', { name: /22 ml tin “Twist lid”.*19\.8/ })).toBeVisible();
  await keep.click();
  const own = page.getByRole('region', { name: 'Containers of your own' });
  await expect(own.getByRole('listitem').filter({ hasText: 'Twist lid' })).toContainText(
    /tin, 22\sml/,
  );

  await page.goto('/blends/curtain-call');
  await page.getByRole('button', { name: /^Container:/ }).click();
  const containers = page.getByRole('dialog', { name: 'Container' });
  const size = containers.getByLabel('Size', { exact: true });
  await size.selectOption({ label: '22 ml: Twist lid, my own' });
  await containers.getByLabel('How many of them', { exact: true }).fill('1');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: /^Container:.*22 ml/ })).toBeVisible();
});

test('a container written on a sheet is kept for others, and undo takes it off again', async ({
  page,
}) => {
  await page.goto('/blends/prompt-desk');
  await page.getByRole('button', { name: /^Container:/ }).click();
  const containers = page.getByRole('dialog', { name: 'Container' });
  await containers
    .getByLabel('Size', { exact: true })
    .selectOption({ label: 'another of my own, measured with water' });
  await containers.getByLabel('Holds, in ml').fill('8.4 g');
  await containers.getByLabel('What you call it').fill('Thin blue');
  await containers.getByRole('button', { name: 'Save for other blends' }).click();
  await expect(containers.getByText('on the shelf', { exact: true })).toBeVisible();
  await expect(containers.getByLabel('Size', { exact: true }).locator('option:checked')).toHaveText(
    /8\.4\sml: Thin blue, my own/,
  );
  await page.getByRole('banner').getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: /^Container:/ }).click();
  await expect(containers.getByRole('button', { name: 'Save for other blends' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(
    page.getByRole('button', { name: 'Container: 8.4 ml roll-on “Thin blue”' }),
  ).toBeVisible();
});

test('a container is measured anew, taken off, and brought back', async ({ page }) => {
  await page.goto('/shelf');
  await page.getByRole('link', { name: 'Raffle frost' }).click();
  await page.getByLabel('Holds, in ml').fill('11.6');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  const own = page.getByRole('region', { name: 'Containers of your own' });
  await expect(own).toContainText(/roll-on, 11\.6\sml/);
  await own.getByRole('link', { name: 'Raffle frost' }).click();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText('“Raffle frost” is deleted.')).toBeVisible();
  await expect(own.getByRole('link', { name: 'Raffle frost' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(own.getByRole('link', { name: 'Raffle frost' })).toBeVisible();
});

test('what is solid stands on the shelf by weight, and runs out by weight', async ({ page }) => {
  await page.goto('/shelf/new');
  await page.getByLabel('What is in it').fill('cocoa b');
  await page.getByRole('option', { name: /Cocoa butter/ }).click();
  await expect(page.getByLabel('Measured in')).toHaveValue('g');
  await page.getByLabel('Holds, in g').fill('1 cup');
  await expect(page.getByRole('alert')).toContainText('weigh it');
  // A pound is 453.59 g.
  await page.getByLabel('Holds, in g').fill('1 lb');
  await expect(page.getByText(/^=\s453\.6\sg$/)).toBeVisible();
  await page.getByLabel('Left in it, in g').fill('8 oz');
  await page.getByRole('button', { name: 'Add to shelf' }).click();
  const bases = page.getByRole('region', { name: 'Bases' });
  await expect(bases.getByRole('listitem').filter({ hasText: 'Cocoa butter' })).toContainText(
    '227 of 454 g',
  );

  // 310 g of beeswax on the shelf; the sheet says it in g, as it is there.
  await page.goto('/blends/curtain-call');
  await more(page, 'Scale');
  await expect(page.getByRole('dialog', { name: 'Scale' })).toContainText(
    /runs out first: .*(ml|g) on the shelf/,
  );
});

test('a bottle changes its unit by its density', async ({ page }) => {
  // A bottle from which nothing was taken yet.
  await page.goto('/shelf/new');
  await page.getByLabel('What is in it').fill('jojoba');
  await page
    .getByRole('option', { name: /Jojoba/ })
    .first()
    .click();
  await page.getByLabel('Holds, in ml').fill('240');
  await page.getByRole('button', { name: 'Add to shelf' }).click();
  const bottle = page.getByRole('region', { name: 'Bases' }).getByRole('listitem');
  await bottle.filter({ hasText: 'of 240' }).getByRole('link').first().click();
  await expect(page.getByLabel('Holds, in ml')).toHaveValue('240');
  await page.getByLabel('Measured in').selectOption('g');
  // Jojoba weighs 0.867 g a ml: 240 ml are 208.08 g.
  await expect(page.getByLabel('Holds, in g')).toHaveValue('208.08');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(bottle.filter({ hasText: 'of 208' })).toContainText('Jojoba');
});

test('a container is pointed at, and the fields follow', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  await page.getByRole('button', { name: /^Container:/ }).click();
  const panel = page.getByRole('dialog', { name: 'Container' });
  await panel.locator('span').filter({ hasText: /^tin$/ }).click();
  await expect(panel.getByLabel('Kind', { exact: true })).toHaveValue('tin');
  await panel
    .locator('span')
    .filter({ hasText: /^60\sml$/ })
    .click();
  await expect(panel.getByLabel('Size', { exact: true })).toHaveValue('tin-60');
  await expect(page.getByRole('button', { name: 'Container: 60 ml tin' })).toBeVisible();
});
