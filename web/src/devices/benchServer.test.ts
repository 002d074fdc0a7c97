import type { LineEvent } from '@jubbet/protocol';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { benchDevices, doByHand } from './benchServer';
import type { Driver } from './driver';

/** A stream that the test writes. */
class FakeStream {
  static opened: FakeStream[] = [];
  isClosed = false;
  onmessage: ((event: { data: string }) => void) | null = null;
  onerror: (() => void) | null = null;

  constructor(readonly url: string) {
    FakeStream.opened.push(this);
  }

  close(): void {
    this.isClosed = true;
  }

  tell(seq: number, line = 'ST,+1.00 g'): void {
    this.onmessage?.({ data: JSON.stringify({ seq, at: '2026-11-27T10:00:00.000Z', line }) });
  }
}

const scale = { id: 'scale', kind: 'scale', name: 'A scale', simulated: true, resolution: 0.01 };

const answers = (body: unknown, status = 200): void => {
  vi.stubGlobal(
    'fetch',
    vi.fn(() =>
      Promise.resolve(new Response(status === 204 ? null : JSON.stringify(body), { status })),
    ),
  );
};

beforeEach(() => {
  FakeStream.opened = [];
  vi.stubGlobal('EventSource', FakeStream);
});
afterEach(() => vi.unstubAllGlobals());

const theScale = async (): Promise<Driver> => {
  answers({ devices: [scale] });
  const [driver] = await benchDevices();
  return driver!;
};

const heardFrom = async () => {
  const heard: LineEvent[] = [];
  const trouble: (string | null)[] = [];
  const stop = (await theScale()).hear(
    (event) => heard.push(event),
    (sentence) => trouble.push(sentence),
  );
  return { heard, trouble, stop, stream: FakeStream.opened[0]! };
};

test('a hundred breaks, each told again from a little before: no line is heard twice', async () => {
  const { heard, trouble, stream } = await heardFrom();
  let seq = 0;
  for (let n = 0; n < 100; n += 1) {
    for (let line = 0; line < 5; line += 1) stream.tell((seq += 1));
    stream.onerror?.();
    stream.onerror?.();
    for (const before of [2, 1, 0]) stream.tell(seq - before);
  }
  expect(heard.map((event) => event.seq)).toEqual(Array.from({ length: 500 }, (_, n) => n + 1));
  // What was only told again does not bring it back; the next new line does, and each is stated once.
  expect(trouble.filter((sentence) => sentence !== null)).toHaveLength(100);
  expect(trouble.filter((sentence) => sentence === null)).toHaveLength(99);
});

test('what is no line event is passed over, and listening ends when asked', async () => {
  const { heard, stop, stream } = await heardFrom();
  stream.onmessage?.({ data: 'nonsense' });
  stream.onmessage?.({ data: '{"seq":-1,"at":"never","line":4}' });
  stream.tell(1);
  expect(heard).toHaveLength(1);
  stop();
  expect(stream.isClosed).toBe(true);
});

test('where no server answers, or it answers something else, there are no devices', async () => {
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
  expect(await benchDevices()).toEqual([]);
  answers({ devices: [{ id: 7 }] });
  expect(await benchDevices()).toEqual([]);
});

test('a command that is not taken is refused with the reason that the server gives', async () => {
  const driver = await theScale();
  answers({ code: 'not-supported' }, 409);
  await expect(driver.command?.({ command: 'unit', unit: 'C' })).rejects.toMatchObject({
    code: 'command-refused',
    params: { why: 'not-supported' },
  });
  answers('', 500);
  await expect(doByHand('scale', { hand: 'clear' })).rejects.toMatchObject({
    params: { why: 'other' },
  });
  answers(null, 204);
  await expect(doByHand('scale', { hand: 'clear' })).resolves.toBeUndefined();
});
