// npm run bench: measures, and writes docs/benchmarks.md.
import { spawn } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { findChromium } from './lib/chromium.mjs';
import { build, install, root, run } from './lib/setup.mjs';

process.chdir(root);
install();
build();
const chromium = findChromium();
if (!chromium) process.exit(1);

// An empty page of the same packages, for the first page to be measured against.
const empty = '.cache/empty';
mkdirSync(empty, { recursive: true });
writeFileSync(
  `${empty}/index.html`,
  '<!doctype html><html lang="en"><title>Empty</title><div id="root"></div><script type="module" src="./main.jsx"></script></html>',
);
writeFileSync(
  `${empty}/main.jsx`,
  `import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { Dexie } from 'dexie';
import { createElement as h } from 'react';
import { createRoot } from 'react-dom/client';
import { createMemoryRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { z } from 'zod';

const db = new Dexie('empty');
db.version(1).stores({ things: 'id' });
const router = createMemoryRouter([{ path: '/', element: h('h1', null, z.string().parse('Empty')) }]);
void db.open().then(() =>
  createRoot(document.getElementById('root')).render(
    h(QueryClientProvider, { client: new QueryClient() }, h(RouterProvider, { router })),
  ),
);
`,
);
run(process.execPath, [
  'node_modules/vite/bin/vite.js',
  'build',
  empty,
  '--logLevel',
  'error',
  '--outDir',
  'dist',
]);

const serve = async (port, env = {}) => {
  const server = spawn(process.execPath, ['scripts/run.mjs', 'server/src/main.ts'], {
    env: { ...process.env, PORT: String(port), ...env },
  });
  await new Promise((ready) => server.stdout.once('data', ready));
  process.once('exit', () => server.kill());
  return `http://localhost:${port}`;
};
const house = await serve(4275);
const emptyPage = await serve(4276, { FOLDER: `${empty}/dist` });
run(process.execPath, ['scripts/run.mjs', 'scripts/bench.ts'], {
  env: { ...process.env, HOUSE: house, EMPTY: emptyPage, CHROMIUM: chromium },
});
process.exit(0);
