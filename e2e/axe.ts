import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';
import { expect, type Page } from '@playwright/test';
import type { AxeResults, RunOptions } from 'axe-core';

const source = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

const everything: RunOptions = {
  // Only what keeps someone out is written down, node by node; the rest takes its time.
  resultTypes: ['violations'],
  runOnly: {
    type: 'tag',
    values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
  },
};

const contrast: RunOptions = {
  resultTypes: ['violations'],
  runOnly: { type: 'rule', values: ['color-contrast'] },
};

/** Once a page: the script is large. */
const bringIn = async (page: Page): Promise<void> => {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(source);
};

const violations = async (
  page: Page,
  part: string | undefined,
  options: RunOptions,
): Promise<string[]> => {
  const found = await page.evaluate(
    async ([selector, how]) => {
      const { axe } = window as unknown as {
        axe: { run: (context: unknown, options: RunOptions) => Promise<AxeResults> };
      };
      const { violations: all } = await axe.run(selector ?? document, how);
      return all.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`);
    },
    [part, options] as const,
  );
  return found;
};

/**
 * Nothing on the page keeps anyone out, as far as a machine can tell, in light or in dark. From
 * one to the other only colours change, so that in dark only contrast is looked at again.
 *
 * @param part of the page, as a selector; the whole page where it is left out
 */
export const expectAccessible = async (page: Page, part?: string): Promise<void> => {
  await expect(page.locator('[aria-busy=true]')).toHaveCount(0);
  await bringIn(page);
  await page.emulateMedia({ colorScheme: 'light' });
  const light = await violations(page, part, everything);
  await page.emulateMedia({ colorScheme: 'dark' });
  const dark = await violations(page, part, contrast);
  expect([...light, ...dark]).toEqual([]);
};

const targets: RunOptions = {
  resultTypes: ['violations'],
  runOnly: { type: 'rule', values: ['target-size', 'scrollable-region-focusable'] },
};

/**
 * Whatever holds the page, nothing runs off its side and everything can be hit: an upright
 * tablet, a phone, and a page at 400 %, which is 320 px wide.
 *
 * @param part in which targets are looked at: what lies half under an open panel is not hit
 */
export const expectReflow = async (page: Page, part?: string): Promise<void> => {
  const before = page.viewportSize();
  const found: string[] = [];
  for (const width of [820, 390, 320]) {
    await page.setViewportSize({ width, height: 844 });
    // Charts follow the width of the page a moment later.
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth))
      .toBeLessThanOrEqual(width);
    // Fingers are on phones; on the other two the same things are further apart or alike.
    if (width === 390) found.push(...(await violations(page, part, targets)));
  }
  if (before) await page.setViewportSize(before);
  expect(found).toEqual([]);
};
