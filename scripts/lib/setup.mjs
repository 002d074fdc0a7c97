// What must be there before anything runs. Only what Node itself brings is used here.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..', '..');
const cache = join(root, '.cache');

/** Runs a command; ends this one with its code where it fails. */
export const run = (command, args, options = {}) => {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (done.status !== 0) process.exit(done.status ?? 1);
};

const hashOf = (...texts) => {
  const hash = createHash('sha256');
  for (const text of texts) hash.update(text);
  return hash.digest('hex');
};

const stamp = (name) => join(cache, name);
const isStamped = (name, value) =>
  existsSync(stamp(name)) && readFileSync(stamp(name), 'utf8') === value;
const setStamp = (name, value) => {
  mkdirSync(cache, { recursive: true });
  writeFileSync(stamp(name), value);
};

/** Installs from the lock file where that has changed, or nothing is installed. */
export const install = () => {
  const lock = hashOf(readFileSync(join(root, 'package-lock.json')));
  if (existsSync(join(root, 'node_modules', 'vite')) && isStamped('installed', lock)) return;
  console.log('Installing what Jubbet needs, once.');
  run('npm', ['ci', '--no-fund', '--no-audit', '--loglevel=error'], {
    shell: process.platform === 'win32',
  });
  setStamp('installed', lock);
};

const filesIn = (folder) =>
  readdirSync(join(root, folder), { withFileTypes: true, recursive: true })
    .filter(
      (entry) =>
        entry.isFile() &&
        !/(\.test\.|\/dist\/|node_modules)/.test(join(entry.parentPath, entry.name)),
    )
    .map((entry) => join(entry.parentPath, entry.name));

/** A hash of everything in some folders, and of what is installed. */
export const stateOf = (folders, files = []) => {
  const sources = [
    ...folders.flatMap(filesIn),
    ...['package-lock.json', ...files].map((file) => join(root, file)),
  ].sort();
  return hashOf(...sources.map((file) => `${file} ${hashOf(readFileSync(file))}\n`));
};

/** Ends this command where a file of the library has a slip. */
export const checkLibrary = () =>
  run(process.execPath, ['scripts/run.mjs', 'scripts/checkLibrary.ts']);

/** Builds the application where a source is newer than what was built. */
export const build = () => {
  const state = stateOf(
    ['core/src', 'protocol/src', 'web/src', 'web/public'],
    ['web/index.html', 'web/vite.config.ts'],
  );
  if (existsSync(join(root, 'web/dist/index.html')) && isStamped('built', state)) return;
  console.log('Building Jubbet.');
  checkLibrary();
  run(process.execPath, ['node_modules/vite/bin/vite.js', 'build', 'web', '--logLevel', 'warn']);
  setStamp('built', state);
};
