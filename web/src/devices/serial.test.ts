import type { LineEvent } from '@jubbet/protocol';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { connectSerial, type SerialPort } from './serial';

/** A port at whose other end the test sits. */
class FakePort extends EventTarget implements SerialPort {
  readable: ReadableStream<Uint8Array> | null = null;
  isTaken = false;
  speeds: number[] = [];
  #far: ReadableStreamDefaultController<Uint8Array> | null = null;

  open({ baudRate }: { baudRate: number }): Promise<void> {
    if (this.isTaken) return Promise.reject(new DOMException('busy', 'NetworkError'));
    this.speeds.push(baudRate);
    this.readable = new ReadableStream({ start: (far) => void (this.#far = far) });
    return Promise.resolve();
  }

  close(): Promise<void> {
    this.readable = null;
    return Promise.resolve();
  }

  write(text: string): void {
    this.#far?.enqueue(new TextEncoder().encode(text));
  }

  pull(): void {
    this.#far?.error(new DOMException('gone', 'NetworkError'));
  }
}

let port: FakePort;
const serial = { requestPort: () => Promise.resolve(port) };
beforeEach(() => {
  port = new FakePort();
});
afterEach(() => vi.useRealTimers());

const connected = async () => {
  const connecting = connectSerial(serial, 'scale', 9600);
  await expect.poll(() => port.readable).not.toBeNull();
  port.write('\u0000\u0000garbled\r\nST,+000');
  port.write('0.0 g\r\n');
  const driver = (await connecting)!;
  const heard: LineEvent[] = [];
  const trouble: (string | null)[] = [];
  driver.hear(
    (event) => heard.push(event),
    (sentence) => trouble.push(sentence),
  );
  return { driver, heard, trouble };
};

test('a scale is known by its first line, with how finely it tells', async () => {
  const { driver, heard } = await connected();
  expect(driver.device).toMatchObject({ kind: 'scale', simulated: false, resolution: 0.1 });
  expect(port.speeds).toEqual([9600]);
  port.write('ST,+00012.3 g\r\nUS,+0001');
  port.write('4.5 g\r\n');
  await expect
    .poll(() => heard.map(({ line }) => line))
    .toEqual(['ST,+00012.3 g', 'US,+00014.5 g']);
  expect(heard[1]!.seq - heard[0]!.seq).toBe(1);
});

test('a cable that is pulled is told once, and put in again it goes on', async () => {
  const { heard, trouble } = await connected();
  port.pull();
  await expect.poll(() => trouble).toEqual(['away']);
  port.dispatchEvent(new Event('connect'));
  await expect.poll(() => trouble).toEqual(['away', null]);
  port.write('ST,+00012.3 g\n');
  await expect.poll(() => heard).toHaveLength(1);
});

test('what tells no weight is refused, with what to try', async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
  const connecting = connectSerial(serial, 'scale', 1200);
  const refused = expect(connecting).rejects.toMatchObject({
    code: 'nothing-read',
    params: { device: 'scale', baudRate: 1200 },
  });
  await expect.poll(() => port.readable).not.toBeNull();
  port.write('72.5 C\r\n');
  await vi.advanceTimersByTimeAsync(5000);
  await refused;
});

test('a port that another program has, and a maker who chooses none', async () => {
  port.isTaken = true;
  await expect(connectSerial(serial, 'scale', 9600)).rejects.toMatchObject({ code: 'port-closed' });
  const none = {
    requestPort: () => Promise.reject<FakePort>(new DOMException('none', 'NotFoundError')),
  };
  expect(await connectSerial(none, 'scale', 9600)).toBeNull();
});
