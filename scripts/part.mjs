// One kind of check by itself, for a file or a name: node scripts/part.mjs KIND [file or name …].
import { findChromium } from './lib/chromium.mjs';
import { build, install, root, run } from './lib/setup.mjs';

process.chdir(root);
install();

const [kind, ...names] = process.argv.slice(2);
const node = (path, ...args) => run(process.execPath, [`node_modules/${path}`, ...args]);
const projects = ['core', 'protocol', 'web', 'server', '.'];

const kinds = {
  unit: () => node('vitest/vitest.mjs', 'run', ...names),
  e2e: () => {
    build();
    const chromium = findChromium();
    if (!chromium) process.exit(1);
    process.env['CHROMIUM'] = chromium;
    node('@playwright/test/cli.js', 'test', ...names);
  },
  typecheck: () => {
    for (const project of names.length > 0 ? names : projects) {
      node('typescript/bin/tsc', '-p', project);
    }
  },
  lint: () => {
    node(
      'eslint/bin/eslint.js',
      ...(names.length > 0 ? names : ['.']),
      ...['--max-warnings', '0', '--cache', '--cache-strategy', 'content'],
      ...['--cache-location', '.cache/eslint/'],
    );
    if (names.length > 0) return;
    node(
      'dependency-cruiser/bin/dependency-cruise.mjs',
      ...['core/src', 'protocol/src', 'web/src', 'server/src', 'scripts', 'e2e'],
    );
  },
};

kinds[kind]();
