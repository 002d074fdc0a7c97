import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, test, type Page } from '@playwright/test';

// The browser is killed for real, as by a dead battery: no warning, no clean end.
// KILLS and SEED make it longer or repeat it; the seed is told with every failure.

const kills = Number(process.env['KILLS'] ?? 3);
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
    let told = '';
    browser.stderr.on('data', (data: Buffer) => {
      told += data.toString();
      const match = /DevTools listening on (ws:\S+)/.exec(told);
      if (match?.[1]) found(match[1]);
    });
    browser.once('exit', () => failed(new Error(`Chromium ended: ${told}`)));
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

const openBench = async (address: string, base: string): Promise<Page> => {
  const connected = await chromium.connectOverCDP(address);
  const [context] = connected.contexts();
  if (!context) throw new Error('the browser has no window');
  const page = await context.newPage();
  await page.goto(`${base}/make/batch-prompt-desk`);
  await expect(page.getByRole('button', { name: /^Cardamom/ })).toBeVisible();
  return page;
};

test(`no drop that was shown is lost when the browser is killed, ${kills} times, seed ${seed}`, async ({
  baseURL,
}) => {
  test.setTimeout(60_000 + kills * 20_000);
  const folder = mkdtempSync(join(tmpdir(), 'jubbet-killed-'));
  let pressed = 0;
  let shown = 0;
  try {
    for (let time = 0; time <= kills; time += 1) {
      const { browser, address } = await launch(folder);
      const page = await openBench(address, baseURL ?? '');
      const found = Number(await page.getByTestId('count').textContent());
      expect(found, `after kill ${time}, seed ${seed}`).toBeGreaterThanOrEqual(shown);
      expect(found, `after kill ${time}, seed ${seed}`).toBeLessThanOrEqual(pressed);
      pressed = found;
      shown = found;
      if (time < kills) {
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
