// npm run test:engines: walks all screens and makes a roll-on to its label in Firefox and WebKit, where
// they are installed. Not part of npm test.
import { spawn } from 'node:child_process';
import { build, install, root, run } from './lib/setup.mjs';

process.chdir(root);
install();
build();
const port = '4277';
const server = spawn(process.execPath, ['scripts/run.mjs', 'server/src/main.ts'], {
  env: { ...process.env, PORT: port },
});
await new Promise((ready) => server.stdout.once('data', ready));
process.once('exit', () => server.kill());
// Node 20 has a WebSocket behind this flag; later ones take the flag and need it no more.
run(
  process.execPath,
  ['--experimental-websocket', 'scripts/run.mjs', 'scripts/engines.ts', ...process.argv.slice(2)],
  {
    env: { ...process.env, HOUSE: `http://localhost:${port}` },
  },
);
process.exit(0);
