import { z } from 'zod';
import { type Engine, type EngineKind, keyActions, retry, startProgram } from './engine';

const port = 4278;
const display = ':87';
const miniBrowser = '/usr/lib/x86_64-linux-gnu/webkit2gtk-4.1/MiniBrowser';

const answerSchema = z.object({ value: z.unknown() });
const sessionSchema = z.object({ sessionId: z.string() });
const problemSchema = z.object({ error: z.string(), message: z.string() });

const call = async (path: string, body?: object, method = 'POST'): Promise<unknown> => {
  const answer = await fetch(`http://127.0.0.1:${port}${path}`, {
    method,
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  const { value } = answerSchema.parse(await answer.json());
  const problem = problemSchema.safeParse(value);
  if (problem.success) throw new Error(`${problem.data.error}: ${problem.data.message}`);
  return value;
};

const start = async (): Promise<Engine> => {
  const screen = startProgram('Xvfb', [display, '-screen', '0', '1280x800x24']);
  const driver = startProgram('env', [
    `DISPLAY=${display}`,
    'WEBKIT_DISABLE_SANDBOX_THIS_IS_DANGEROUS=1',
    'WebKitWebDriver',
    `--port=${port}`,
  ]);
  // Whatever it is reported, an automated window of WebKit is a private one.
  const { sessionId } = sessionSchema.parse(
    await retry(() =>
      call('/session', {
        capabilities: {
          alwaysMatch: {
            'webkitgtk:browserOptions': { binary: miniBrowser, args: ['--automation'] },
          },
        },
      }),
    ),
  );
  const session = `/session/${sessionId}`;
  await call(`${session}/timeouts`, { script: 60_000, pageLoad: 60_000 });
  return {
    goto: async (url) => {
      await call(`${session}/url`, { url });
    },
    evaluate: (expression) =>
      call(`${session}/execute/async`, {
        script: `const done = arguments[0];
          Promise.resolve(${expression}).then(done, (error) => done({ failed: String(error) }));`,
        args: [],
      }),
    press: async (text) => {
      await call(`${session}/actions`, { actions: keyActions(text) });
    },
    close: async () => {
      await call(session, undefined, 'DELETE').catch(() => undefined);
      await driver.end();
      await screen.end();
    },
  };
};

export const webkit: EngineKind = {
  name: 'WebKit, in a private window',
  needs: [
    { program: '/usr/bin/WebKitWebDriver', from: 'webkit2gtk-driver' },
    { program: '/usr/bin/Xvfb', from: 'xvfb' },
  ],
  start,
};
