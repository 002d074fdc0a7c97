// Measures each figure against its reference in the same run, and writes docs/benchmarks.md.
import { writeFileSync } from 'node:fs';
import { chromium, type Browser, type Page } from '@playwright/test';
import { constituentLimits, shippedCatalog } from '@jubbet/core/catalog';
import { evaluate, workOut, type Blend } from '@jubbet/core/drops';
import { readBlend } from '@jubbet/core/exchange';
import { benchCores } from './benchCores';
import { benchHouse, type Row } from './benchHouse';
import { readingScores, recipeTexts } from '../core/src/reading/recipe/texts.testing';
import { timeBoth } from '../core/src/drops/againstHighs.testing';

const house = process.env['HOUSE'] ?? '';
const empty = process.env['EMPTY'] ?? '';

const sorted = (times: readonly number[]) => [...times].sort((a, b) => a - b);
const quantile = (times: readonly number[], share: number) =>
  sorted(times)[Math.min(times.length - 1, Math.floor(times.length * share))] ?? 0;
const median = (times: readonly number[]) => quantile(times, 0.5);
const short = (value: number) => value.toPrecision(3);

const eightOils = (): Blend => {
  const ids = [
    'lavender',
    'bergamot-fcf',
    'petitgrain',
    'vetiver',
    'lemon',
    'ylang-ylang',
    'patchouli',
    'clary-sage',
  ];
  const read = readBlend({
    format: 'jubbet-blend',
    version: 1,
    name: 'Eight oils',
    brief: {
      wearer: {
        ageMonths: 492,
        pregnant: false,
        nursing: false,
        conditions: ['asthma'],
        allergies: [],
        skin: 'normal',
      },
      place: 'pulse-points',
      use: 'leave-on',
      sun: 'exposed',
    },
    vessel: { id: 'roll-on-30' },
    oils: ids.map((id) => ({ id, drops: 2 })),
    bases: [{ id: 'jojoba', parts: 1 }],
  });
  if (!read.ok) throw new Error(read.problem.code);
  const worked = workOut(shippedCatalog, read.recipe);
  if (worked.state !== 'done') throw new Error(worked.state);
  return worked.blend;
};

/** The sums of the rules alone, as plainly as they can be written: volume and weight, three ends. */
const plainSums = ({ formula }: Blend): number => {
  const fill = (formula.container.nominalMl * formula.container.workingFillPercent) / 100;
  const base = formula.bases[0]?.base.densityGPerMl ?? 1;
  let worst = 0;
  for (const drop of [0.025, 0.05, 0.06]) {
    let ml = 0;
    let g = 0;
    let light = 0;
    let whole = base * fill;
    for (const { oil, measure } of formula.oils) {
      const volume = measure.by === 'drops' ? measure.drops * drop : 0;
      const mass = volume * (oil.densityGPerMl ?? 1);
      ml += volume;
      g += mass;
      whole += mass - volume * base;
      if (oil.phototoxicLimitPercent !== null)
        light += (100 * volume) / fill / oil.phototoxicLimitPercent;
      const share =
        oil.dermalMaximum.percent === null ? 0 : (100 * volume) / fill / oil.dermalMaximum.percent;
      worst = Math.max(worst, share);
    }
    worst = Math.max(worst, (100 * ml) / fill, (100 * g) / whole, light);
    for (const { members, percent } of constituentLimits) {
      let volume = 0;
      let mass = 0;
      for (const { oil, measure } of formula.oils) {
        const amount = measure.by === 'drops' ? measure.drops * drop : 0;
        for (const [name, , typical] of oil.counted?.constituents ?? []) {
          if (!members.includes(name)) continue;
          volume += amount * typical;
          mass += amount * typical * (oil.densityGPerMl ?? 1);
        }
      }
      worst = Math.max(worst, volume / fill / percent, mass / whole / percent);
    }
  }
  return worst;
};

const perCall = (work: () => unknown, calls: number): number => {
  for (let n = 0; n < calls / 4; n += 1) work();
  const times = Array.from({ length: 9 }, () => {
    const start = performance.now();
    for (let n = 0; n < calls; n += 1) work();
    return (performance.now() - start) / calls;
  });
  return median(times);
};

const firstPaint = async (browser: Browser, address: string, heading: string): Promise<number> => {
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.goto(address);
  await page.getByRole('heading', { name: heading }).first().waitFor();
  const time = await page.evaluate(
    () =>
      new Promise<number>((done) => {
        requestAnimationFrame(() => done(performance.now()));
      }),
  );
  await context.close();
  return time;
};

/** From a key in the drops of a six-oil blend to the frame in which the verdict is. */
const keystrokes = async (page: Page): Promise<{ ours: number[]; bare: number[] }> => {
  await page.goto(`${house}/blends/prompt-desk`);
  for (const oil of ['lavender', 'cypress']) {
    await page.getByLabel('Add an oil').fill(oil);
    await page.getByRole('option').first().waitFor();
    await page.keyboard.press('Enter');
  }
  await page.getByLabel('Drops of Lavender', { exact: true }).focus();
  return page.evaluate(async () => {
    const painted = (act: () => void) =>
      new Promise<number>((done) => {
        requestAnimationFrame(() => {
          const start = performance.now();
          act();
          requestAnimationFrame(() => {
            setTimeout(() => done(performance.now() - start));
          });
        });
      });
    const field = document.activeElement;
    const key = (name: string) => () =>
      field?.dispatchEvent(
        new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true }),
      );
    const ours: number[] = [];
    const bare: number[] = [];
    for (let n = 0; n < 120; n += 1) {
      ours.push(await painted(key(n % 2 === 0 ? '+' : '-')));
      bare.push(
        await painted(() => {
          document.title = `Empty ${n}`;
        }),
      );
    }
    return { ours, bare };
  });
};

const rows: string[] = [];
/** @param misses true where the goal is missed: the table marks it */
const row: Row = (what, ours, reference, reached, reach, misses = false) => {
  rows.push(`| ${what} | ${ours} | ${reference} | ${misses ? '■ ' : ''}${reached} | ${reach} |`);
  console.log(`${what}: ${ours} against ${reference}, ${reached} (reach: ${reach})`);
};

const blend = eightOils();
const whole = perCall(() => evaluate(blend), 400);
const plain = perCall(() => plainSums(blend), 20_000);
row(
  '`evaluate`, eight oils, no search',
  `${short(1000 * whole)} µs`,
  `${short(1000 * plain)} µs plain sums`,
  `${short(whole / plain)} times`,
  'at most 6 times',
  whole / plain > 6,
);

const seeds = Array.from({ length: 300 }, (_, n) => n + 1);
const timed = await timeBoth(seeds, 2);
const ours = timed.map((entry) => entry.ours);
const theirs = timed.map((entry) => entry.theirs);
row(
  'whole drops, median of 300 problems',
  `${short(median(ours))} ms`,
  `${short(median(theirs))} ms HiGHS`,
  `one in ${short(median(theirs) / median(ours))}`,
  'at most one in 20',
  median(theirs) / median(ours) < 20,
);
row(
  'whole drops, 99th percentile',
  `${short(quantile(ours, 0.99))} ms`,
  '16.7 ms, a frame',
  `${short(quantile(ours, 0.99) / 16.7)} frames`,
  'under a frame, else in a worker',
  quantile(ours, 0.99) > 16.7,
);
const unproved = timed.filter(({ proved }) => !proved).length;
for (const [what, { precision, recall }] of Object.entries(readingScores())) {
  const percent = (share: number): string => `${short(100 * share)} %`;
  row(
    `recipes read: ${what} of ${recipeTexts.length} texts`,
    `precision ${percent(precision)}`,
    '',
    `recall ${percent(recall)}`,
    'both at least 95 %',
    Math.min(precision, recall) < 0.95,
  );
}

row(
  'whole drops not proved nearest',
  `${unproved} of 300`,
  '',
  '',
  'none, or said so',
  unproved > 0,
);

benchCores(row);

const browser = await chromium.launch({
  executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const keys = await keystrokes(page);
const late = quantile(keys.ours, 0.95) - quantile(keys.bare, 0.95);
row(
  'a keystroke to the verdict painted, 95th percentile',
  `${short(quantile(keys.ours, 0.95))} ms`,
  `${short(quantile(keys.bare, 0.95))} ms empty handler`,
  `${short(late / 16.7)} frames more`,
  'at most one frame more',
  late > 16.7,
);

const first: number[] = [];
const bare: number[] = [];
for (let n = 0; n < 9; n += 1) {
  first.push(await firstPaint(browser, `${house}/blends/prompt-desk`, 'Prompt desk'));
  bare.push(await firstPaint(browser, empty, 'Empty'));
}
row(
  'a blend’s page from a cold cache: the sentence painted, median of 9',
  `${short(median(first))} ms`,
  `${short(median(bare))} ms empty page of the same packages`,
  `${short(median(first) / median(bare))} times`,
  'at most 1.6 times',
  median(first) / median(bare) > 1.6,
);
await benchHouse(browser, house, row);
await browser.close();

writeFileSync(
  'docs/benchmarks.md',
  `# Benchmarks

Written by \`npm run bench\`. Machines differ and are noisy, so each time stands beside a reference of the
same run. Bytes of the first page are checked in \`npm test\`. ■ marks what misses its goal.

| what | measured | reference | reached | to be reached |
| --- | --- | --- | --- | --- |
${rows.join('\n')}
`,
);
