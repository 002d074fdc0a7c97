import { more } from './sheet';
import { expect, test } from './test';

test.use({ stored: 'folded', viewport: { width: 1280, height: 800 } });

const inSight = `(() => {
  const seen = (element) =>
    !element.disabled &&
    element.checkVisibility({ visibilityProperty: true }) &&
    element.getBoundingClientRect().width > 1;
  const pressed = [...document.querySelectorAll('a, button, input, select, textarea, summary')];
  const main = document.querySelector('main');
  // What is there for readers alone is not in sight.
  for (const hidden of main.querySelectorAll('.sr-only')) hidden.style.display = 'none';
  return {
    toPress: pressed.filter(seen).length,
    words: main.innerText.split(/\\s+/).filter((word) => /[\\p{L}\\p{N}]/u.test(word)).length,
  };
})()`;

test('a blend of four oils shows at most 45 things to press and 160 words', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  await expect(page.getByRole('status', { name: 'Verdict' })).toContainText('Within limits');
  await expect(page.getByRole('button', { name: /^ml, g, parts/ })).toBeVisible();
  const { toPress, words } = await page.evaluate<{ toPress: number; words: number }>(inSight);
  expect(toPress).toBeLessThanOrEqual(45);
  expect(words).toBeLessThanOrEqual(160);
});

test('what a maker unfolds stays unfolded for them', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  await expect(page.getByLabel('ml of Petitgrain')).toHaveCount(0);
  await page.getByRole('button', { name: /^ml, g, parts/ }).click();
  await expect(page.getByLabel('ml of Petitgrain')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Bases' })).toBeVisible();
  await page.goto('/blends/row-g');
  await expect(page.getByRole('button', { name: /^ml, g, parts/ })).toHaveAttribute(
    'aria-expanded',
    'true',
  );
});

test('a balm has its waxes in sight, folded or not', async ({ page }) => {
  await page.goto('/blends/curtain-call');
  await expect(page.getByRole('region', { name: 'Bases' })).toContainText('Beeswax');
});

test('the rest is in one menu, by keys as by hand, and closing it gives the focus back', async ({
  page,
}) => {
  await page.goto('/blends/prompt-desk');
  const menu = page.getByRole('main').getByRole('button', { name: 'More', exact: true });
  await menu.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menuitem', { name: 'Scale' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(menu).toBeFocused();
  await more(page, 'Scale');
  const scale = page.getByRole('dialog', { name: 'Scale' });
  await scale.getByRole('button', { name: 'Double' }).click();
  await expect(scale).toContainText('2 roll-ons');
  await scale.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('button', { name: /^Container: 2 / })).toBeVisible();
});

test('on a phone Make and Undo are under the thumb, and what is pressed is large and apart', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/blends/prompt-desk');
  const make = page.getByRole('link', { name: 'Make this' });
  await expect(make).toHaveCount(1);
  await expect(make).toBeInViewport({ ratio: 1 });
  const size = async (name: string): Promise<readonly number[]> => {
    const box = await page.getByRole('button', { name, exact: true }).boundingBox();
    return [box?.width ?? 0, box?.height ?? 0, box?.x ?? 0];
  };
  const [moreWidth = 0, moreHeight = 0, moreX = 0] = await size('One drop more of Vetiver');
  expect(Math.min(moreWidth, moreHeight)).toBeGreaterThanOrEqual(44);
  const [removeWidth = 0, removeHeight = 0, removeX = 0] = await size('Remove Vetiver');
  expect(Math.min(removeWidth, removeHeight)).toBeGreaterThanOrEqual(44);
  expect(removeX - (moreX + moreWidth)).toBeGreaterThanOrEqual(16);
  // What was removed at the foot of the page comes back without scrolling.
  await page.getByRole('button', { name: 'Remove Vetiver' }).click();
  await expect(page.getByRole('button', { name: 'Remove Vetiver' })).toHaveCount(0);
  const undo = page.getByRole('button', { name: 'Undo' });
  await expect(undo).toBeInViewport({ ratio: 1 });
  await undo.click();
  await expect(page.getByRole('button', { name: 'Remove Vetiver' })).toBeVisible();
});

test('an oil removed by keys leaves the focus on the next one, the last on the field that adds', async ({
  page,
}) => {
  await page.goto('/blends/prompt-desk');
  const oils = page.getByRole('button', { name: /^Remove / });
  await expect(oils).toHaveCount(4);
  await page.getByRole('button', { name: 'Remove Petitgrain' }).focus();
  await page.keyboard.press('Enter');
  await expect(oils).toHaveCount(3);
  const here = () =>
    page.evaluate(() => document.activeElement?.closest('tr')?.innerText.split('\n')[0]);
  expect(await here()).toBe('Cardamom');
  for (let left = 2; left >= 0; left -= 1) {
    await oils.first().focus();
    await page.keyboard.press('Enter');
    await expect(oils).toHaveCount(left);
  }
  await expect(page.getByLabel('Add an oil')).toBeFocused();
});

test('Escape closes the search, and what had the focus has it again', async ({ page }) => {
  await page.goto('/blends');
  const first = page.getByRole('link', { name: 'People' });
  await first.focus();
  await page.keyboard.press('/');
  await page.getByLabel('Find', { exact: true }).fill('laven');
  await page.keyboard.press('Escape');
  await expect(first).toBeFocused();
});

test('Done and Escape both give the focus back to the part of the sentence', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  const strength = page.getByRole('button', { name: /^Strength: / });
  for (const leave of ['Done', 'Escape']) {
    await strength.focus();
    await page.keyboard.press('Enter');
    const panel = page.getByRole('dialog', { name: 'Strength' });
    await expect(panel).toBeVisible();
    if (leave === 'Done') {
      await panel.getByRole('button', { name: 'Done' }).focus();
      await page.keyboard.press('Enter');
    } else await page.keyboard.press('Escape');
    await expect(panel).toHaveCount(0);
    await expect(strength).toBeFocused();
  }
});

test('Enter in a field takes what was typed, and presses nothing beneath', async ({ page }) => {
  await page.goto('/blends/prompt-desk');
  const address = page.url();
  for (const field of ['Drops of Petitgrain', 'Name']) {
    await page.getByLabel(field, { exact: true }).focus();
    await page.keyboard.press('Enter');
  }
  const strength = page.getByRole('button', { name: /^Strength: / });
  await strength.click();
  await page.getByLabel('Essential oil, in percent').fill('2.5');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(strength).toContainText('target 2.5 %');
  await expect(page.getByRole('button', { name: /^Remove / })).toHaveCount(4);
  expect(page.url()).toBe(address);
});

test('a batch shows at most 20 things to press and 200 words', async ({ page }) => {
  await page.goto('/batches/batch-curtain-call');
  await expect(page.getByRole('button', { name: 'What it cost' })).toBeVisible();
  const toPress = await page
    .getByRole('main')
    .locator('a, button, input, select, textarea, summary')
    .count();
  const { words } = await page.evaluate<{ words: number }>(inSight);
  expect(toPress).toBeLessThanOrEqual(20);
  expect(words).toBeLessThanOrEqual(200);
});
