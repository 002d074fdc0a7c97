// npm test: all checks. Installs what is missing first. Ends with one line that counts them.
import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join, relative } from 'node:path';
import { findChromium } from './lib/chromium.mjs';
import { build, install, root } from './lib/setup.mjs';

process.chdir(root);
install();

const results = join(root, 'test-results');
mkdirSync(results, { recursive: true });

let passed = 0;
let failed = 0;
/** What failed, by name: said again at the end, where it is looked for. */
const failures = [];

const node = (args, env = {}) =>
  spawnSync(process.execPath, args, { stdio: 'inherit', env: { ...process.env, ...env } })
    .status === 0;

const bin = (path, ...args) => [join('node_modules', path), ...args];

/** One check that passes or fails as a whole. */
const check = (name, work) => {
  console.log(`\n== ${name}`);
  if (work()) passed += 1;
  else {
    failed += 1;
    failures.push(name);
    console.log(`-- ${name}: failed`);
  }
};

const readJson = (file) => {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch {
    return null;
  }
};

/**
 * A runner that counts its own tests and writes them down; `count` reads from that how many passed,
 * and the titles of those that failed.
 */
const counted = (name, file, args, count, env) => {
  console.log(`\n== ${name}`);
  rmSync(file, { force: true });
  const fine = node(args, env);
  const report = readJson(file);
  const [good, bad] = report ? count(report) : [0, []];
  if (!fine && bad.length === 0) bad.push('ended badly');
  passed += good;
  failed += bad.length;
  failures.push(...bad.map((title) => `${name}: ${title}`));
};

/** The titles of all browser tests under a suite that did not pass, or not at the first try. */
const badSpecs = ({ file, specs = [], suites = [] }) => [
  ...specs
    .filter(({ tests }) =>
      tests.some(({ status }) => status === 'unexpected' || status === 'flaky'),
    )
    .map(({ title }) => `${file}: ${title}`),
  ...suites.flatMap(badSpecs),
];

/**
 * Checks that look at the sources alone, two at a time, the longest first; what each says is reported
 * when it is done.
 */
const looks = [
  [
    'lint',
    bin(
      ...['eslint/bin/eslint.js', '.', '--max-warnings', '0'],
      ...['--cache', '--cache-strategy', 'content', '--cache-location', '.cache/eslint/'],
    ),
  ],
  ...['core', 'protocol', 'web', 'server', '.'].map((part) => [
    `types of ${part === '.' ? 'scripts and browser tests' : part}`,
    bin('typescript/bin/tsc', '-p', part),
  ]),
  ['formatting', bin('prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.')],
  [
    'who may import whom',
    bin(
      'dependency-cruiser/bin/dependency-cruise.mjs',
      'core/src',
      'protocol/src',
      'web/src',
      'server/src',
      'scripts',
      'e2e',
    ),
  ],
  ['unused code', bin('knip/bin/knip.js', '--no-config-hints')],
];

const look = ([name, args]) =>
  new Promise((done) => {
    let told = '';
    const child = spawn(process.execPath, args, { stdio: ['ignore', 'pipe', 'pipe'] });
    child.stdout.on('data', (data) => (told += data));
    child.stderr.on('data', (data) => (told += data));
    child.on('close', (code) => {
      check(name, () => {
        if (told.trim()) console.log(told.trim());
        return code === 0;
      });
      done();
    });
  });

const next = async () => {
  for (let one = looks.shift(); one; one = looks.shift()) await look(one);
};
await Promise.all([next(), next()]);

const unit = join(results, 'unit.json');
counted(
  'unit tests',
  unit,
  bin(
    'vitest/vitest.mjs',
    'run',
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${unit}`,
  ),
  ({ numPassedTests, testResults }) => [
    numPassedTests,
    testResults.flatMap(({ name, status, assertionResults }) => {
      const bad = assertionResults.filter((test) => test.status === 'failed');
      const titles = bad.map(({ fullName }) => fullName);
      // A file that does not load fails without any test of its own.
      return (titles.length || status !== 'failed' ? titles : ['does not load']).map(
        (title) => `${relative(root, name)}: ${title}`,
      );
    }),
  ],
);

check('build', () => {
  build();
  return true;
});

const chromium = findChromium();
if (chromium) {
  const browser = join(results, 'browser.json');
  counted(
    'browser tests',
    browser,
    bin('@playwright/test/cli.js', 'test'),
    // What passes on a second try has failed.
    ({ stats, suites }) => [stats.expected, suites.flatMap(badSpecs)],
    { CHROMIUM: chromium },
  );
} else {
  failed += 1;
  failures.push('browser tests: there is no Chromium');
}

if (failures.length) console.log(`\nFailed:\n${failures.map((name) => `- ${name}`).join('\n')}`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
