import { expect, type Page } from '@playwright/test';

/** Nothing that was typed or pressed is still on its way to the disk. */
export const saved = (page: Page): Promise<void> =>
  expect(page.locator('[aria-busy=true]')).toHaveCount(0);

/** Opens the page anew once nothing that was typed on it is still on its way to the disk. */
export const reloadSaved = async (page: Page): Promise<void> => {
  await saved(page);
  await page.reload();
};
