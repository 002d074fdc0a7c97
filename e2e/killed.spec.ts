import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, test, type Page } from '@playwright/test';
import { readTables, writeTables } from './houseFile';

// The browser is killed for real, as by a dead battery: no warning, no clean end.
// KILLS and SEED make it longer or repeat it; the seed is reported with every failure. Counting,
// finishing and reading in are each shot at that often.

/** A few of each where it is not said: counting is shot at most, since it writes most. */
const given = process.env['KILLS'];
const killsOf = (usual: number): number => Number(given ?? usual);
const whileCounting = killsOf(2);
const whileFinishing = killsOf(1);
const whileReading = killsOf(1);
const seed = Number(process.env['SEED'] ?? 1);

// A trace cannot be kept of a browser that is shot.
test.use({ trace: 'off' });

const random = (() => {
  let state = seed >>> 0;
  return (): number => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
})();

const launch = async (folder: string): Promise<{ browser: ChildProcess; address: string }> => {
  const browser = spawn(
    process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    [
      '--headless',
      '--no-sandbox',
      '--disable-gpu',
      '--no-first-run',
      '--disable-background-networking',
      '--remote-debugging-port=0',
      `--user-data-dir=${folder}`,
      'about:blank',
    ],
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
  );
  const address = await new Promise<string>((found, failed) => {
    let output = '';
    browser.stderr.on('data', (data: Buffer) => {
      output += data.toString();
      const match = /DevTools listening on (ws:\S+)/.exec(output);
      if (match?.[1]) found(match[1]);
    });
    browser.once('exit', () => failed(new Error(`Chromium ended: ${output}`)));
  });
  return { browser, address };
};

const kill = (browser: ChildProcess): Promise<void> =>
  new Promise((gone) => {
    browser.removeAllListeners('exit');
    browser.once('exit', () => gone());
    // The whole group: the process that writes the data as well as the one that shows it.
    process.kill(-(browser.pid ?? 0), 'SIGKILL');
  });

const open = async (address: string, url: string): Promise<Page> => {
  const connected = await chromium.connectOverCDP(address);
  const [context] = connected.contexts();
  if (!context) throw new Error('the browser has no window');
  const page = await context.newPage();
  await page.goto(url);
  return page;
};

const openBench = async (address: string, base: string): Promise<Page> => {
  const page = await open(address, `${base}/make/batch-prompt-desk`);
  await expect(page.getByRole('button', { name: /^Cardamom/ })).toBeVisible();
  return page;
};

test(`no drop that was shown is lost when the browser is killed, ${whileCounting} times, seed ${seed}`, async ({
  baseURL,
}) => {
  test.setTimeout(60_000 + whileCounting * 20_000);
  const folder = mkdtempSync(join(tmpdir(), 'jubbet-killed-'));
  let pressed = 0;
  let shown = 0;
  try {
    for (let time = 0; time <= whileCounting; time += 1) {
      const { browser, address } = await launch(folder);
      const page = await openBench(address, baseURL ?? '');
      const found = Number(await page.getByTestId('count').textContent());
      expect(found, `after kill ${time}, seed ${seed}`).toBeGreaterThanOrEqual(shown);
      expect(found, `after kill ${time}, seed ${seed}`).toBeLessThanOrEqual(pressed);
      pressed = found;
      shown = found;
      if (time < whileCounting) {
        const wanted = found + 1 + Math.floor(random() * 12);
        const reached = new Promise<void>((done) => {
          page.on('console', (message) => {
            const count = Number(/^shown (\d+)$/.exec(message.text())?.[1] ?? -1);
            if (count < 0) return;
            shown = Math.max(shown, count);
            if (count >= wanted) done();
          });
        });
        await page.evaluate(() => {
          const number = document.querySelector('[data-testid="count"]');
          if (!number) return;
          new MutationObserver(() => {
            console.log(`shown ${number.textContent}`);
          }).observe(number, { characterData: true, childList: true, subtree: true });
        });
        const stop = new AbortController();
        const pressing = (async () => {
          while (!stop.signal.aborted) {
            pressed += 1;
            await page.keyboard.press('Space').catch(() => undefined);
          }
        })();
        await reached;
        stop.abort();
        await kill(browser);
        await pressing;
      } else await kill(browser);
    }
  } finally {
    rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
  }
});

/** Some ms, up to so many, as chance has it. */
const wait = (most: number): Promise<void> =>
  new Promise((done) => setTimeout(done, Math.floor(random() * most)));

test(`a batch killed around its last step is finished or goes on, never stuck, ${whileFinishing} times, seed ${seed}`, async ({
  baseURL,
}) => {
  test.setTimeout(60_000 + whileFinishing * 30_000);
  const base = baseURL ?? '';
  for (let time = 0; time < whileFinishing; time += 1) {
    const folder = mkdtempSync(join(tmpdir(), 'jubbet-killed-'));
    try {
      const first = await launch(folder);
      const page = await openBench(first.address, base);
      for (const key of ['Space', 'Space', 'Enter', 'Space', 'Enter', 'Space', 'Enter']) {
        await page.keyboard.press(key);
      }
      await expect(page.getByRole('button', { name: /^Smell/ })).toBeVisible();
      // Smell, top up, close, label: somewhere among these it is shot.
      const pressing = (async () => {
        for (let step = 0; step < 4; step += 1) {
          await page.keyboard.press('Enter').catch(() => undefined);
        }
      })();
      await wait(120);
      await kill(first.browser);
      await pressing;

      const second = await launch(folder);
      const again = await open(second.address, `${base}/make/batch-prompt-desk`);
      // Where steps are left they are done now; where none is, it has ended by itself.
      const pad = again.locator('[data-pad]');
      const log = again.getByRole('link', { name: 'To the log' });
      await expect(pad.or(log)).toBeVisible();
      for (let step = 0; step < 4 && (await pad.count()) > 0; step += 1) {
        const before = await pad.getAttribute('aria-label');
        await again.keyboard.press('Enter');
        await expect(again.locator(`[data-pad][aria-label="${before ?? ''}"]`)).toHaveCount(0);
      }
      await again.goto(`${base}/batches`);
      await expect(
        again.getByRole('row', { name: /Prompt desk/ }),
        `after kill ${time}, seed ${seed}`,
      ).not.toContainText('on the bench');
      await again.goto(`${base}/make`);
      await expect(again.getByRole('heading', { name: 'Today' })).toBeVisible();
      await expect(
        again.getByRole('link', { name: 'Go on with Prompt desk' }),
        `after kill ${time}, seed ${seed}`,
      ).toHaveCount(0);
      await kill(second.browser);
    } finally {
      rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
    }
  }
});

test(`a file that is read in is all in or not at all, killed ${whileReading} times, seed ${seed}`, async ({
  baseURL,
}, info) => {
  test.setTimeout(60_000 + whileReading * 30_000);
  const base = baseURL ?? '';
  const path = info.outputPath('house.zip');
  let folder = mkdtempSync(join(tmpdir(), 'jubbet-killed-'));
  let isSaved = false;
  try {
    for (let kills = 0; ;) {
      const { browser, address } = await launch(folder);
      const page = await open(address, `${base}/settings`);
      if (!isSaved) {
        isSaved = true;
        const download = page.waitForEvent('download');
        await page.getByRole('button', { name: 'Back up everything' }).click();
        await (await download).saveAs(path);
        const tables = readTables(path);
        const { blends = [] } = tables;
        // Twenty houses more: enough to be in the middle of.
        const more = Array.from({ length: 20 }, (_, n) =>
          blends.map((blend) => ({ ...blend, id: `${String(blend['id'])}-${n}` })),
        ).flat();
        writeTables(path, path, { ...tables, blends: [...blends, ...more] });
      }
      await page.goto(`${base}/blends`);
      const countShown = page.getByText(/^\d+ blends$/);
      await expect(countShown).toBeVisible();
      const count = Number.parseInt(await countShown.innerText(), 10);
      // The 21 of the example, or those and the 420 of the file.
      expect([21, 441], `after ${kills} kills, seed ${seed}`).toContain(count);
      if (kills === whileReading) {
        await kill(browser);
        break;
      }
      if (count === 441) {
        // It was in before the kill: the next is shot at in a house of its own.
        await kill(browser);
        rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
        folder = mkdtempSync(join(tmpdir(), 'jubbet-killed-'));
        continue;
      }
      await page.goto(`${base}/settings`);
      await page.getByLabel('A backup to restore').setInputFiles(path);
      await page.getByRole('button', { name: 'Add to what is here' }).click();
      await wait(60);
      await kill(browser);
      kills += 1;
    }
  } finally {
    rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
  }
});
