// npm run test:long: what is too long for every time. Seeds are reported, and SEED repeats one.
import { spawnSync } from 'node:child_process';
import { findChromium } from './lib/chromium.mjs';
import { build, install, root } from './lib/setup.mjs';

process.chdir(root);
install();
build();
const chromium = findChromium();
if (!chromium) process.exit(1);

const node = (args, env = {}) =>
  spawnSync(process.execPath, args, { stdio: 'inherit', env: { ...process.env, ...env } })
    .status === 0;

const seed = process.env.SEED ?? String(Math.floor(Math.random() * 2 ** 31));
console.log(`SEED=${seed}`);

const parts = [
  ['one more of each kind, and what the compiler asks for', ['scripts/oneMore.mjs']],
  [
    'whole drops against HiGHS',
    ['node_modules/vitest/vitest.mjs', 'run', '--config', 'vitest.long.config.ts'],
  ],
  [
    '5,000 drafts of any shape',
    ['node_modules/vitest/vitest.mjs', 'run', 'core/src/exchange/anyBlend.test.ts'],
    { DRAFTS: '5000', SEED: seed },
  ],
  [
    'every other property, with things never thrown at it before',
    ['node_modules/vitest/vitest.mjs', 'run', 'core'],
    { SEED: seed, TIMES: '5' },
  ],
  [
    '10,000 broken files',
    ['node_modules/vitest/vitest.mjs', 'run', 'web/src/store/house.test.ts'],
    { MUTATIONS: '10000' },
  ],
  [
    'the browser killed 50 times each while counting, finishing and reading in',
    ['node_modules/@playwright/test/cli.js', 'test', 'killed'],
    { KILLS: '50', SEED: seed, CHROMIUM: chromium },
  ],
  [
    'the stream of the scale broken a hundred times',
    ['node_modules/@playwright/test/cli.js', 'test', 'devices', '-g', 'ten drops'],
    { BREAKS: '100', CHROMIUM: chromium },
  ],
  [
    '5,000 broken houses, and every screen with what was taken of them',
    ['node_modules/@playwright/test/cli.js', 'test', 'mutants'],
    { MUTANTS: '5000', SEED: seed, CHROMIUM: chromium },
  ],
];
let failed = 0;
for (const [name, args, env] of parts) {
  console.log(`\n== ${name}`);
  if (!node(args, env)) failed += 1;
}
console.log(`\n${parts.length - failed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
