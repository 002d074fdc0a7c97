import { expect, type Page } from '@playwright/test';

/** Opens the page anew once nothing that was typed on it is still on its way to the disk. */
export const reloadSaved = async (page: Page): Promise<void> => {
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await page.reload();
};
