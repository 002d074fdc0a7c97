import { expect, test as base, type Page } from '@playwright/test';
import { storeHouse } from './storedHouse';

export { expect, type Page };

/** Nothing that was typed or pressed is still on its way to the disk. */
export const saved = (page: Page): Promise<void> =>
  expect(page.locator('[aria-busy=true]')).toHaveCount(0);

interface Options {
  /**
   * What the browser holds at first: the house of the tests, with everything unfolded or as it is on a
   * first day, or nothing, as on a first visit.
   */
  readonly stored: 'house' | 'folded' | 'nothing';
}

/** A page that is left, as people leave it, once what was typed on it is on the disk. */
export const test = base.extend<Options>({
  stored: ['house', { option: true }],
  page: async ({ page, stored }, use) => {
    if (stored !== 'nothing') await storeHouse(page, stored === 'folded');
    const goto = page.goto.bind(page);
    const reload = page.reload.bind(page);
    page.goto = async (...args) => {
      await saved(page);
      return goto(...args);
    };
    page.reload = async (...args) => {
      await saved(page);
      return reload(...args);
    };
    await use(page);
  },
});
