import type { Page } from '@playwright/test';

/** Presses something in the menu of a blend in the book. */
export const moreOf = async (page: Page, blend: string, what: string): Promise<void> => {
  await page.getByRole('button', { name: `More for ${blend}`, exact: true }).click();
  await page.getByRole('menuitem', { name: what, exact: true }).click();
};
