import { expect, test } from './test';
import { expectAccessible, expectReflow } from './axe';

type Screen = readonly [name: string, path: string, heading: string];

/** Screens by rooms: each room is one visit. */
const rooms: Readonly<Record<string, readonly Screen[]>> = {
  'the book': [
    ['welcome', '/', 'Blend essential oils for skin'],
    ['blends', '/blends', 'Blends'],
    ['the sheet', '/blends/prompt-desk', 'Prompt desk'],
    ['a melt', '/blends/curtain-call', 'Curtain call'],
    ['a jar of grains', '/blends/get-out', 'Get-out'],
    ['carriers compared', '/blends/stage-left/carriers', 'Carriers for Stage left'],
    ['oils to choose', '/blends/stage-left/oils', 'Oils for Stage left'],
    ['a blend shared', '/blends/prompt-desk/share', 'Share Prompt desk'],
    ['a recipe read over', '/read', 'Read a recipe'],
    ['a card', '/blends/curtain-call/card', 'Card of Curtain call'],
    ['the book as a list', '/blends?look=list&tag=gifts', 'Blends'],
  ],
  'the bench': [
    ['the bench of a melt', '/make/batch-curtain-call', 'Making: Curtain call'],
    ['before the bench', '/blends/prompt-desk/make', 'Before you make Prompt desk'],
    ['the bench', '/make/batch-prompt-desk', 'Making: Prompt desk'],
    ['what is on the bench', '/make', 'Make'],
    ['what needs doing', '/todo', 'What needs doing'],
  ],
  'the log': [
    ['the log', '/batches', 'Batches'],
    ['a batch', '/batches/batch-after-the-lift', 'After the lift, batch'],
    ['the label', '/batches/batch-raffle-table/label', 'Label: Raffle table'],
    ['for sale', '/batches/batch-raffle-table/for-sale', 'For sale: Raffle table'],
    ['a recall', '/recall?batch=batch-raffle-table', 'Batches from the same bottles as'],
  ],
  'people and versions': [
    ['versions', '/blends/prompt-desk/versions', 'Versions of Prompt desk'],
    ['people', '/people', 'People'],
    ['a person', '/people/bettina', 'Bettina'],
    ['people and blends', '/people/blends', 'Who can use what'],
    ['one for each', '/blends/prompt-desk/family', 'Prompt desk, one for each'],
    ['who can use it', '/blends/prompt-desk/who', 'Who can use Prompt desk'],
  ],
  'the shelf': [
    ['the shelf', '/shelf', 'Shelf'],
    ['dates', '/shelf/dates', 'Dates'],
    ['bottles out of a table', '/shelf/import', 'Import bottles'],
    ['the shopping list', '/shelf/shopping', 'Shopping list'],
    ['a bottle', '/shelf/sandalwood-1', 'Sandalwood, East Indian'],
    ['a container of one’s own', '/shelf/containers/new', 'New container'],
  ],
  materials: [
    ['an oil', '/materials/bergamot', 'Bergamot, expressed'],
    ['a base', '/materials/beeswax_white', 'Beeswax'],
    ['what must never go on skin', '/materials/sassafras', 'Sassafras'],
    ['a material of one’s own', '/materials/new/ready-made', 'A ready-made blend'],
  ],
  'the rest of the house': [
    ['the handbook', '/handbook', 'Handbook'],
    ['a chapter with charts', '/handbook#dilution', 'Handbook'],
    ['settings', '/settings', 'Settings'],
    ['an unknown address', '/nowhere', 'Page not found'],
  ],
};

for (const [room, screens] of Object.entries(rooms)) {
  test(`${room} keeps nobody out, in light and in dark, at any width`, async ({ page }) => {
    // Nor does any request leave the machine.
    const elsewhere: string[] = [];
    page.on('request', (request) => {
      const { hostname, protocol } = new URL(request.url());
      if (protocol.startsWith('http') && hostname !== 'localhost') elsewhere.push(request.url());
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
