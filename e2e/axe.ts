import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Nothing on the page keeps anyone out, as far as a machine can tell. */
export const expectAccessible = async (page: Page): Promise<void> => {
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  expect(
    violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`),
  ).toEqual([]);
};
