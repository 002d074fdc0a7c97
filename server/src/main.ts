import { createServer, type Server } from 'node:http';
import { resolve } from 'node:path';
import { createApp } from './app';

// Listens on the loopback address, so that no one else on the network is served.
const loopback = '127.0.0.1';
/** A browser keeps its data by address: this one is the house. */
const usualPort = 4718;
/** Where the house was before: the application says there where it went, and how to move. */
const formerPort = 4173;

const say = (sentence: string): void => void process.stdout.write(`${sentence}\n`);

const port = Number(process.env['PORT'] ?? usualPort);
const link = `http://localhost:${port}`;

/** True where what answers at the port is Jubbet. */
const isJubbet = async (): Promise<boolean> => {
  try {
    const answer = await fetch(`http://${loopback}:${port}/api/hello`, {
      signal: AbortSignal.timeout(2000),
    });
    const body: unknown = await answer.json();
    return typeof body === 'object' && body !== null && 'app' in body && body.app === 'jubbet';
  } catch {
    return false;
  }
};

const listen = (server: Server, host: string, at: number): Promise<void> =>
  new Promise((done, fail) => {
    server.once('error', fail);
    server.listen(at, host, () => done());
  });

/** The loopback address of the other family; a machine without it has one name fewer. */
const otherLoopback = '::1';

const codeOf = (error: unknown): string =>
  typeof error === 'object' && error !== null && 'code' in error ? String(error.code) : '';

const start = async (): Promise<void> => {
  if (!Number.isInteger(port) || port < 1 || port > 65_535) {
    say(`PORT should be a whole number from 1 to 65535, and is “${process.env['PORT']}”.`);
    process.exitCode = 1;
    return;
  }
  const app = createApp(resolve(process.env['FOLDER'] ?? 'web/dist'));
  const first = createServer(app);
  try {
    await listen(first, loopback, port);
    // Some browsers ask for localhost by its other name: someone else must not answer there.
    await listen(createServer(app), otherLoopback, port).catch((error: unknown) => {
      if (codeOf(error) === 'EADDRINUSE') throw error;
    });
  } catch (error) {
    first.close();
    if (codeOf(error) !== 'EADDRINUSE') throw error;
    if (await isJubbet()) {
      say(`Jubbet runs already: ${link}`);
      return;
    }
    say(
      `Port ${port} is taken by something else. End that, or choose another with PORT=5000 npm start.`,
    );
    process.exitCode = 1;
    return;
  }
  // Where the old address is free, it says where Jubbet went; where it is not, it is not ours.
  if (process.env['PORT'] === undefined) {
    for (const host of [loopback, otherLoopback]) {
      await listen(createServer(app), host, formerPort).catch(() => undefined);
    }
  }
  if (port !== usualPort) {
    say(
      `This is port ${port}, not ${usualPort}. Browsers keep data by address, so this is another house: what you keep at one is not at the other.`,
    );
  }
  say(`Jubbet is at ${link}   (end it with Ctrl+C)`);
};

await start();
