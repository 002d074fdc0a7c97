import { type Page, expect, test } from './test';
import { moreOf } from './book';

const cards = (page: Page) => page.getByRole('listitem').filter({ has: page.getByRole('heading') });

test('every blend stands on the shelf, and filters narrow each other', async ({ page }) => {
  await page.goto('/blends');
  await expect(cards(page)).toHaveCount(21);
  const prompt = cards(page).filter({ hasText: 'Prompt desk' });
  await expect(prompt).toContainText('10 ml roll-on, for Ines, 41');
  await expect(prompt).toContainText(/within limits · 3\.2\s%/);
  await expect(
    prompt.getByRole('img', { name: /^Notes: middle \d+ %, base \d+ %$/ }),
  ).toBeVisible();

  await page.getByLabel('For whom').selectOption({ label: 'for Ines' });
  await page.getByLabel('Container').selectOption({ label: 'lockets' });
  await expect(cards(page)).toHaveCount(1);
  await expect(page.getByRole('status').filter({ hasText: '1 of 21' })).toBeVisible();
  // The filter is in the address: the blend is opened, and Back comes back to it.
  await page.getByRole('link', { name: /Keepsake/ }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Keepsake');
  await page.goBack();
  await expect(cards(page)).toHaveCount(1);
  await page.getByRole('button', { name: 'Show all' }).click();
  await expect(cards(page)).toHaveCount(21);

  await page.getByLabel('Search the blends').fill('vetiver ines');
  await expect(cards(page).filter({ hasText: 'Prompt desk' })).toBeVisible();
  await expect(cards(page)).not.toHaveCount(21);
  await page.getByLabel('Search the blends').fill('no such oil');
  await expect(page.getByRole('status').filter({ hasText: 'No matches' })).toBeVisible();
});

test('by verdict: only those of which the card says so', async ({ page }) => {
  await page.goto('/blends?verdict=caution');
  const countShown = page.getByRole('status').filter({ hasText: /\d of 21/ });
  const shown = Number(/(\d+) of 21/.exec((await countShown.textContent()) ?? '')?.[1]);
  expect(shown).toBeGreaterThan(0);
  expect(shown).toBeLessThan(21);
  await expect(cards(page)).toHaveCount(shown);
  await expect(cards(page).filter({ hasText: 'caution' })).toHaveCount(shown);
});

test('favourites and tags are kept, found again, and go with the blend', async ({ page }) => {
  await page.goto('/blends');
  await moreOf(page, 'Row G', 'Add to favourites');
  await page.getByRole('button', { name: 'Favourites' }).click();
  await expect(cards(page).filter({ hasText: 'Row G' })).toHaveCount(1);
  await page.getByRole('button', { name: 'Favourites' }).click();
  await moreOf(page, 'Row G', 'Tags');
  const tags = page.getByRole('form', { name: 'Tags of Row G' });
  await tags.getByRole('textbox').fill('Winter, winter, for the stall');
  await tags.getByRole('button', { name: 'Save' }).click();
  await expect(cards(page).filter({ hasText: 'Row G' })).toContainText('Winter · for the stall');
  await page.reload();
  await page.getByLabel('Tag', { exact: true }).selectOption('for the stall');
  await expect(cards(page)).toHaveCount(1);
});

test('the list is the other way to look, and the order is chosen', async ({ page }) => {
  await page.goto('/blends');
  await page.getByRole('button', { name: 'As a list' }).click();
  await expect(cards(page)).toHaveCount(21);
  await expect(cards(page).first()).toContainText('wrists and neck');
  await page.getByLabel('Order').selectOption('name');
  await expect(cards(page).first()).toContainText('After the lift');
  await page.getByRole('link', { name: 'Make After the lift' }).click();
  await expect(page).toHaveURL(/\/make$/);
});

test('a book of a thousand opens at its first shelf, and draws what is near', async ({ page }) => {
  await page.goto('/blends');
  await expect(page.getByRole('heading', { name: 'Prompt desk' })).toBeVisible();
  await page.evaluate(
    () =>
      new Promise<void>((done) => {
        const open = indexedDB.open('jubbet');
        open.onsuccess = () => {
          const house = open.result;
          const transaction = house.transaction('blends', 'readwrite');
          const store = transaction.objectStore('blends');
          const get = store.get('prompt-desk');
          get.onsuccess = () => {
            const record = get.result as { recipe: { name: string } };
            for (let n = 1; n <= 1200; n += 1) {
              store.put({
                ...record,
                id: `copy-${n}`,
                recipe: { ...record.recipe, name: `Copy ${n}` },
              });
            }
          };
          transaction.oncomplete = () => {
            house.close();
            done();
          };
        };
      }),
  );
  // Opened again, with nothing read yet, no shelf has a height of its own.
  await page.reload();
  const names = page.getByRole('heading', { level: 2 });
  await expect(names.first()).toBeVisible();
  await expect(page.getByText(/^122\d blends$/)).toBeVisible();
  expect(await names.count()).toBeLessThan(100);
  await page.getByLabel('Search the blends').fill('Copy 1117');
  await expect(page.getByRole('heading', { name: /^★? ?Copy 1117\b/ })).toBeVisible();
});
