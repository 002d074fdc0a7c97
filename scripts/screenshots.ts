// Renews docs/screenshots/ from the example house: npm run screenshots
import { chromium, type Page } from '@playwright/test';

const house = process.env['HOUSE'] ?? 'http://localhost:4273';
/** Dates on the pictures stay as they are from one day to the next. */
const day = new Date('2026-11-25T10:00:00');

interface Shot {
  readonly name: string;
  readonly path: string;
  readonly size?: { readonly width: number; readonly height: number };
  readonly scheme?: 'light' | 'dark';
  readonly act?: (page: Page) => Promise<void>;
}

const phone = { width: 390, height: 844 };

const shots: readonly Shot[] = [
  { name: 'blend', path: '/blends/prompt-desk' },
  { name: 'blend-dark', path: '/blends/prompt-desk', scheme: 'dark' },
  { name: 'blend-phone', path: '/blends/prompt-desk', size: phone },
  {
    name: 'blend-over',
    path: '/blends/third-mouse',
    act: async (page) => {
      await page.getByLabel('Add an oil').fill('wintergreen');
      await page.getByRole('option').first().waitFor();
      await page.keyboard.press('Enter');
      await page.getByText('Do not use on Pip').waitFor();
    },
  },
  { name: 'melt', path: '/blends/curtain-call', size: { width: 1280, height: 1000 } },
  {
    name: 'place',
    path: '/blends/prompt-desk',
    act: async (page) => {
      await page.getByRole('button', { name: /^Place:/ }).click();
      await page.getByRole('dialog', { name: 'Place' }).waitFor();
    },
  },
  {
    name: 'today',
    path: '/today',
    act: (page) => page.getByText('You could make now').waitFor(),
  },
  {
    name: 'blends',
    path: '/blends',
    act: (page) => page.getByText('made once').first().waitFor(),
  },
  {
    name: 'plan',
    path: '/plans/plan-interval-table',
    size: { width: 1280, height: 1000 },
    act: (page) => page.getByText('No order of the steps is sooner.').waitFor(),
  },
  { name: 'shelf', path: '/shelf' },
  {
    name: 'material',
    path: '/materials/bergamot',
    size: { width: 1280, height: 1300 },
    act: (page) => page.locator('.recharts-bar-rectangle').first().waitFor(),
  },
  { name: 'first', path: '/' },
  {
    name: 'make',
    path: '/make/batch-prompt-desk',
    act: async (page) => {
      await page.keyboard.press('Space');
      await page.getByTestId('count').getByText('1').waitFor();
    },
  },
  { name: 'label', path: '/batches/batch-raffle-table/label' },
  {
    name: 'batches',
    path: '/batches',
    act: (page) => page.getByRole('link', { name: '2026-020', exact: true }).waitFor(),
  },
  { name: 'batch', path: '/batches/batch-after-the-lift' },
  {
    name: 'versions',
    path: '/blends/prompt-desk/versions',
    size: { width: 1280, height: 1250 },
    act: async (page) => {
      await page.getByLabel('compare The loud one').check();
      await page.getByRole('region', { name: 'Side by side' }).waitFor();
    },
  },
  {
    name: 'people',
    path: '/people/blends',
    act: (page) => page.getByText('A frame marks').waitFor(),
  },
  {
    name: 'read',
    path: '/read',
    size: { width: 1280, height: 1300 },
    act: async (page) => {
      await page
        .getByLabel('Text of the recipe')
        .fill(
          'Focus roller, 2.5 % dilution\n10 ml roller bottle\n25 drops peppermint\n15 drops rosemary\n30 drops total\ntop with FCO',
        );
      await page.getByText('Too strong for').waitFor();
    },
  },
];

const browser = await chromium.launch({
  executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
for (const { name, path, size, scheme = 'light', act } of shots) {
  const page = await browser.newPage({
    viewport: size ?? { width: 1280, height: 800 },
    colorScheme: scheme,
  });
  await page.clock.setFixedTime(day);
  await page.goto(house + path);
  await page.getByRole('heading', { level: 1 }).waitFor({ state: 'attached' });
  await page.locator('[aria-busy=true]').waitFor({ state: 'detached' });
  await act?.(page);
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await page.close();
}
await browser.close();
