import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, statSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { extname, join, resolve } from 'node:path';
import { expect, test } from './test';

// The built folder on a server of plain files, below a path: as on any web space.
const folder = resolve('.cache/below');
const base = '/players/jubbet/';
const types: Readonly<Record<string, string>> = {
  '.html': 'text/html',
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.svg': 'image/svg+xml',
  '.webmanifest': 'application/manifest+json',
};

let server: Server;
let address = '';

test.beforeAll(async () => {
  test.setTimeout(180_000);
  const built = spawnSync(
    process.execPath,
    [
      'node_modules/vite/bin/vite.js',
      'build',
      'web',
      '--base',
      base,
      '--outDir',
      folder,
      '--emptyOutDir',
      '--logLevel',
      'error',
    ],
    { encoding: 'utf8' },
  );
  expect(built.stderr.replace(/npm warn.*/g, '')).not.toContain('error');
  expect(built.status).toBe(0);
  server = createServer((request, response) => {
    const { pathname } = new URL(request.url ?? '/', 'http://localhost');
    const file = join(folder, pathname.startsWith(base) ? pathname.slice(base.length) : '\0');
    const found = [file, join(file, 'index.html')].find(
      (text) => !text.includes('\0') && existsSync(text) && statSync(text).isFile(),
    );
    if (!found) {
      response.writeHead(404, { 'Content-Type': 'text/html' });
      // What it does not have it answers with the page of that name, where the address is below the path.
      response.end(pathname.startsWith(base) ? readFileSync(join(folder, '404.html')) : '');
      return;
    }
    response.writeHead(200, {
      'Content-Type': types[extname(found)] ?? 'application/octet-stream',
    });
    response.end(readFileSync(found));
  });
  await new Promise<void>((ready) => server.listen(0, 'localhost', ready));
  const at = server.address();
  address = `http://localhost:${typeof at === 'object' && at ? at.port : 0}${base}`;
});

test.afterAll(() => server.close());

test.use({ serviceWorkers: 'allow', stored: 'nothing' });

test('the built folder works below a path, from its addresses, and without a network', async ({
  page,
  context,
}) => {
  const missing: string[] = [];
  page.on('response', (answer) => {
    const { pathname } = new URL(answer.url());
    const isAsked = !answer.request().isNavigationRequest() && !pathname.includes('/api/');
    if (answer.status() >= 400 && isAsked) missing.push(pathname);
  });
  await page.goto(address);
  await page.getByRole('button', { name: 'Look around an example house' }).click();
  await expect(page).toHaveURL(`${address}blends`);
  await page.getByRole('link', { name: 'Prompt desk' }).first().click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Prompt desk');
  // An address of its own, asked for again.
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Prompt desk');
  await page.getByRole('link', { name: 'Batches' }).first().click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Batches');
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await expect
    .poll(async () =>
      page.evaluate(async () => {
        const names = await caches.keys();
        const kept = await Promise.all(
          names.map(async (name) => (await (await caches.open(name)).keys()).length),
        );
        return kept.reduce((total, entry) => total + entry, 0);
      }),
    )
    .toBeGreaterThan(50);
  await context.setOffline(true);
  await page.goto(`${address}shelf`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Shelf');
  expect(missing).toEqual([]);
});
