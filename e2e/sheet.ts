import type { Page } from '@playwright/test';

/** Chooses something of the menu of the sheet. */
export const more = async (page: Page, name: string): Promise<void> => {
  await page.getByRole('main').getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name, exact: true }).click();
};
