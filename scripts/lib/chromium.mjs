// The browser of the tests: Debian's Chromium, installed when it is missing and that is possible.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';

const usual = '/usr/bin/chromium';

const quietly = (command, args) =>
  spawnSync(command, args, {
    stdio: 'ignore',
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  }).status === 0;

/** Path of a Chromium; null where there is none, after one sentence that says what to do. */
export const findChromium = () => {
  const given = process.env['CHROMIUM'];
  if (given && existsSync(given)) return given;
  if (existsSync(usual)) return usual;
  const mayInstall = process.getuid?.() === 0 && quietly('which', ['apt-get']);
  if (mayInstall) {
    console.log('Installing Chromium for the browser tests, once.');
    quietly('apt-get', ['update']);
    quietly('apt-get', ['install', '-y', '--no-install-recommends', 'chromium']);
    if (existsSync(usual)) return usual;
  }
  console.error(
    'There is no Chromium for the browser tests: install the package “chromium”, or set CHROMIUM to the path of one, and run npm test again.',
  );
  return null;
};
