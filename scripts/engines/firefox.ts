import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { z } from 'zod';
import { type Engine, type EngineKind, keyActions, retry, startProgram } from './engine';

const port = 4279;

const answerSchema = z.object({
  id: z.number(),
  result: z.unknown().optional(),
  error: z.string().optional(),
  message: z.string().optional(),
});
const treeSchema = z.object({ contexts: z.array(z.object({ context: z.string() })).min(1) });
const evaluatedSchema = z.union([
  z.object({ type: z.literal('success'), result: z.object({ value: z.string() }) }),
  z.object({ type: z.literal('exception'), exceptionDetails: z.object({ text: z.string() }) }),
]);

const connect = (): Promise<WebSocket> =>
  new Promise((resolve, reject) => {
    const socket = new WebSocket(`ws://127.0.0.1:${port}/session`);
    socket.addEventListener('open', () => resolve(socket));
    socket.addEventListener('error', () => reject(new Error('Firefox does not listen yet')));
  });

/** Sends commands of WebDriver BiDi, and waits for the answer of each. */
const commands = (socket: WebSocket) => {
  const waiting = new Map<number, (answer: z.infer<typeof answerSchema>) => void>();
  let last = 0;
  socket.addEventListener('message', ({ data }) => {
    const answer = answerSchema.safeParse(JSON.parse(String(data)));
    if (answer.success) waiting.get(answer.data.id)?.(answer.data);
  });
  return async (method: string, params: object): Promise<unknown> => {
    last += 1;
    const id = last;
    const answered = new Promise<z.infer<typeof answerSchema>>((resolve) =>
      waiting.set(id, resolve),
    );
    socket.send(JSON.stringify({ id, method, params }));
    const { result, error, message } = await answered;
    waiting.delete(id);
    if (error !== undefined) throw new Error(`${error}: ${message ?? ''}`);
    return result;
  };
};

const start = async (): Promise<Engine> => {
  const profile = mkdtempSync(join(tmpdir(), 'jubbet-firefox-'));
  const browser = startProgram('firefox-esr', [
    '--headless',
    '--no-remote',
    `--remote-debugging-port=${port}`,
    '--profile',
    profile,
  ]);
  const socket = await retry(connect);
  const send = commands(socket);
  await send('session.new', { capabilities: {} });
  const [first] = treeSchema.parse(await send('browsingContext.getTree', {})).contexts;
  const context = first?.context;
  return {
    goto: async (url) => {
      await send('browsingContext.navigate', { context, url, wait: 'complete' });
    },
    evaluate: async (expression) => {
      const evaluated = evaluatedSchema.parse(
        await send('script.evaluate', {
          // As text, so that any value comes back in one form.
          expression: `Promise.resolve(${expression}).then((value) => JSON.stringify(value ?? null))`,
          target: { context },
          awaitPromise: true,
        }),
      );
      if (evaluated.type === 'exception') throw new Error(evaluated.exceptionDetails.text);
      return JSON.parse(evaluated.result.value) as unknown;
    },
    press: async (text) => {
      await send('input.performActions', { context, actions: keyActions(text) });
    },
    close: async () => {
      socket.close();
      await browser.end();
      rmSync(profile, { recursive: true, force: true, maxRetries: 5 });
    },
  };
};

export const firefox: EngineKind = {
  name: 'Firefox',
  needs: [{ program: '/usr/bin/firefox-esr', from: 'firefox-esr' }],
  start,
};
