// npm run screenshots: serves the built application on a port of its own and takes the pictures.
import { spawn } from 'node:child_process';
import { findChromium } from './lib/chromium.mjs';
import { build, install, root, run } from './lib/setup.mjs';

process.chdir(root);
install();
build();
const chromium = findChromium();
if (!chromium) process.exit(1);

const port = '4274';
const server = spawn(process.execPath, ['scripts/run.mjs', 'server/src/main.ts'], {
  env: { ...process.env, PORT: port },
});
await new Promise((ready) => server.stdout.once('data', ready));
process.once('exit', () => server.kill());
run(process.execPath, ['scripts/run.mjs', 'scripts/screenshots.ts'], {
  env: { ...process.env, HOUSE: `http://localhost:${port}`, CHROMIUM: chromium },
});
process.exit(0);
