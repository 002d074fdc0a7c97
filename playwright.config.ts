import { defineConfig, devices } from '@playwright/test';

// A test gets its browser emptied instead of a new one: a fifth of the time of all.
process.env['PW_TEST_REUSE_CONTEXT'] ??= '1';

/** The tests' own house, so that a running Jubbet is left alone. */
const port = 4273;

export default defineConfig({
  testDir: 'e2e',
  fullyParallel: true,
  workers: 2,
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  timeout: 120_000,
  // Long, for machines that do much else: only what fails waits for its end.
  expect: { timeout: 20_000 },
  // A test that passes on a second try has failed.
  retries: 0,
  use: {
    ...devices['Desktop Chrome'],
    baseURL: `http://localhost:${port}`,
    viewport: { width: 1280, height: 800 },
    actionTimeout: 30_000,
    // A trace of every test takes as long as the tests: TRACE=1 keeps those of failures.
    trace: process.env['TRACE'] ? 'retain-on-failure' : 'off',
    // Taking the whole application in is for the test of that alone.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // One process shows every page in turn: what it has compiled is not compiled again.
        '--process-per-site',
        '--renderer-process-limit=1',
      ],
    },
  },
  webServer: {
    command: 'node scripts/run.mjs server/src/main.ts',
    url: `http://localhost:${port}/api/hello`,
    env: { PORT: String(port) },
    reuseExistingServer: false,
    stdout: 'ignore',
  },
});
