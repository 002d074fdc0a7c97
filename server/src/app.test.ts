import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { createApp } from './app';

let server: Server;
let port: number;

beforeAll(async () => {
  const outside = mkdtempSync(join(tmpdir(), 'jubbet-'));
  const folder = join(outside, '.hidden', 'dist');
  mkdirSync(join(folder, 'assets'), { recursive: true });
  writeFileSync(join(outside, 'secret.txt'), 'a secret');
  writeFileSync(join(folder, 'index.html'), '<title>Jubbet</title>');
  writeFileSync(join(folder, 'assets', 'main-abcdefgh.js'), '1');
  server = createServer(createApp(folder));
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  port = (server.address() as AddressInfo).port;
});

afterAll(() => server.close());

const get = (path: string, accept = 'text/html') =>
  fetch(`http://127.0.0.1:${port}${path}`, { headers: { accept } });

/** A request as it is on the wire: nothing tidies the path up on the way. */
const raw = (path: string): Promise<string> =>
  new Promise((done, fail) => {
    let answer = '';
    const socket = connect(port, '127.0.0.1', () => {
      socket.write(`GET ${path} HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n`);
    });
    socket.on('data', (data) => (answer += data.toString()));
    socket.on('end', () => done(answer));
    socket.on('error', fail);
  });

test('every address of the application is the application', async () => {
  for (const path of ['/', '/blends', '/blends/some-id/make']) {
    const answer = await get(path);
    expect(answer.status).toBe(200);
    expect(await answer.text()).toContain('Jubbet');
  }
});

test('whether an address is there can be asked without fetching it', async () => {
  for (const path of ['/', '/blends', '/assets/main-abcdefgh.js']) {
    const answer = await fetch(`http://127.0.0.1:${port}${path}`, {
      method: 'HEAD',
      headers: { accept: 'text/html' },
    });
    expect([path, answer.status]).toEqual([path, 200]);
    expect(await answer.text()).toBe('');
  }
});

test('the page may load nothing from elsewhere and run nothing inline', async () => {
  const policy = (await get('/')).headers.get('content-security-policy') ?? '';
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toContain('unsafe');
});

test('what is not there is not the page in disguise', async () => {
  expect((await get('/assets/none-12345678.js')).status).toBe(404);
  expect((await get('/api/none')).status).toBe(404);
  expect((await get('/none.json', 'application/json')).status).toBe(404);
});

test('nothing outside the folder is served', async () => {
  for (const path of [
    '/../secret.txt',
    '/%2e%2e/secret.txt',
    '/assets/..%2f..%2fsecret.txt',
    '/assets/../../secret.txt',
  ]) {
    const answer = await raw(path);
    expect(answer).toMatch(/^HTTP\/1\.1 \d\d\d /);
    expect(answer).not.toContain('a secret');
  }
});

test('it says who it is, so that a second start finds it', async () => {
  expect(await (await get('/api/hello', 'application/json')).json()).toEqual({ app: 'jubbet' });
});

test('files with a hash in their name are kept for good, the page is asked for anew', async () => {
  expect((await get('/assets/main-abcdefgh.js', '*/*')).headers.get('cache-control')).toContain(
    'immutable',
  );
  expect((await get('/')).headers.get('cache-control')).toBe('no-cache');
});
