import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/**
 * Nothing on the page keeps anyone out, as far as a machine can tell, in light or in dark. From
 * one to the other only colours change, so that in dark only contrast is looked at again.
 *
 * @param part of the page, as a selector; the whole page where it is left out
 * @param partInDark what is looked at again in dark, where a page repeats itself for long
 */
export const expectAccessible = async (
  page: Page,
  part?: string,
  partInDark = part,
): Promise<void> => {
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  const axe = (selector = part) => {
    // Only what keeps somebody out is written down, node by node; the rest takes its time.
    const builder = new AxeBuilder({ page }).options({ resultTypes: ['violations'] });
    return selector ? builder.include(selector) : builder;
  };
  await page.emulateMedia({ colorScheme: 'light' });
  const light = await axe().withTags(tags).analyze();
  await page.emulateMedia({ colorScheme: 'dark' });
  const dark = await axe(partInDark).withRules(['color-contrast']).analyze();
  expect(
    [...light.violations, ...dark.violations].map(
      ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`,
    ),
  ).toEqual([]);
};
