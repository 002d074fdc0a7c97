import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { lineEventSchema, readLine, type LineEvent } from '@jubbet/protocol';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { createApp } from '../app';
import { Bench } from './bench';
import { simulatedScale } from './scale';
import type { SimulatedDevice } from './simulatedDevice';
import { simulatedThermometer } from './thermometer';

/** No tremble: half way between the least and the most. */
const calm = () => 0.5;

const valueOf = (line: string): number => {
  const read = readLine(line);
  if (read.kind !== 'reading') throw new Error(line);
  return read.value;
};

const pass = (device: SimulatedDevice, seconds: number): void => {
  for (let second = 0; second < seconds; second += 1) device.tick(1);
};

describe('the simulated scale', () => {
  test('tells what lies on it once it has come to rest, and that it has', () => {
    const scale = simulatedScale(calm);
    scale.hand({ hand: 'put', g: 35.6 });
    scale.tick(0.1);
    expect(readLine(scale.line())).toMatchObject({ stable: false });
    pass(scale, 5);
    expect(scale.line()).toBe('ST,+35.60 g');
  });

  test('tared it tells what came after, and below nought once that is gone', () => {
    const scale = simulatedScale(calm);
    scale.hand({ hand: 'put', g: 12.4 });
    pass(scale, 5);
    scale.command({ command: 'tare' });
    scale.hand({ hand: 'drip', drops: 2, dropG: 0.044 });
    pass(scale, 5);
    // 0.088 g, told to the hundredth.
    expect(scale.line()).toBe('ST,+0.09 g');
    scale.hand({ hand: 'clear' });
    pass(scale, 5);
    expect(valueOf(scale.line())).toBeCloseTo(-12.4, 2);
  });

  test('more than it can weigh is told as that', () => {
    const scale = simulatedScale(calm);
    scale.hand({ hand: 'put', g: 600 });
    expect(readLine(scale.line())).toEqual({ kind: 'overload' });
  });

  test('creeps by no more than a hundredth in ten minutes', () => {
    const scale = simulatedScale(calm);
    pass(scale, 600);
    expect(Math.abs(valueOf(scale.line()))).toBeLessThanOrEqual(0.01);
  });
});

describe('the simulated thermometer', () => {
  test('cools by Newton’s law: by the same share of what it is warmer than the room', () => {
    const probe = simulatedThermometer(calm);
    probe.hand({ hand: 'jug', celsius: 51 });
    pass(probe, 120);
    // 30 degrees over 21, a twentieth less each minute: 48.1 °C after two.
    expect(valueOf(probe.line())).toBeCloseTo(21 + 30 * 0.95 ** 2, 0);
  });

  test('stalls while wax sets, and warms in its bath', () => {
    const after = (celsius: number): number => {
      const probe = simulatedThermometer(calm);
      probe.hand({ hand: 'jug', celsius });
      pass(probe, 30);
      const before = valueOf(probe.line());
      pass(probe, 60);
      return before - valueOf(probe.line());
    };
    expect(after(61.5)).toBeLessThan(0.6 * after(75));
    const probe = simulatedThermometer(calm);
    probe.hand({ hand: 'heat', on: true });
    pass(probe, 600);
    expect(valueOf(probe.line())).toBeGreaterThan(50);
  });

  test('is no scale', () => {
    expect(simulatedThermometer(calm).hand({ hand: 'put', g: 1 })).toBe(false);
    expect(simulatedThermometer(calm).command({ command: 'tare' })).toBe(false);
  });
});

describe('what was told is told once', () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  test('what is put on now has not stood there while nobody listened', () => {
    vi.useFakeTimers();
    const bench = new Bench([simulatedThermometer(calm)]);
    vi.advanceTimersByTime(10 * 60_000);
    bench.hand('probe', { hand: 'jug', celsius: 78 });
    const heard: LineEvent[] = [];
    const stop = bench.hear('probe', 0, (event) => heard.push(event));
    vi.advanceTimersByTime(30_000);
    stop?.();
    vi.useRealTimers();
    // Half a minute in the room, and not ten: it has hardly cooled.
    expect(valueOf(heard.at(-1)?.line ?? '')).toBeGreaterThan(75);
  });

  test('after each of a hundred breaks the lines go on where they were left', () => {
    const bench = new Bench([simulatedScale(calm)]);
    const heard: LineEvent[] = [];
    // Someone else listens all the time, so that the scale goes on meanwhile.
    bench.hear('scale', 0, () => undefined);
    for (let turn = 0; turn < 100; turn += 1) {
      const last = heard[heard.length - 1]?.seq ?? 0;
      const stop = bench.hear('scale', last, (event) => heard.push(event));
      vi.advanceTimersByTime(250 * (1 + (turn % 4)));
      stop?.();
      vi.advanceTimersByTime(250 * (turn % 3));
    }
    const numbers = heard.map(({ seq }) => seq);
    expect(numbers).toEqual(Array.from({ length: numbers.length }, (_, n) => n + 1));
    expect(numbers.length).toBeGreaterThan(250);
  });

  test('while nobody listens nothing is written', () => {
    const bench = new Bench([simulatedScale(calm)]);
    const heard: LineEvent[] = [];
    const stop = bench.hear('scale', 0, (event) => heard.push(event));
    vi.advanceTimersByTime(1000);
    stop?.();
    vi.advanceTimersByTime(60_000);
    bench.hear('scale', heard.length, (event) => heard.push(event));
    vi.advanceTimersByTime(250);
    expect(heard.length).toBeLessThan(8);
  });
});

describe('over the wire', () => {
  let server: Server;
  let address: string;
  let port: number;
  beforeEach(async () => {
    const quick: SimulatedDevice = { ...simulatedScale(calm), everyMs: 5 };
    server = createServer(createApp('/nowhere', new Bench([quick])));
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
    port = (server.address() as AddressInfo).port;
    address = `http://127.0.0.1:${port}/api/bench`;
  });
  afterEach(() => {
    server.closeAllConnections();
    server.close();
  });

  /** So many lines of the stream, from after a number. */
  const lines = async (count: number, after = 0): Promise<LineEvent[]> => {
    const stopped = new AbortController();
    const answer = await fetch(`${address}/devices/scale/lines`, {
      headers: after > 0 ? { 'Last-Event-ID': String(after) } : {},
      signal: stopped.signal,
    });
    expect(answer.headers.get('content-type')).toMatch(/^text\/event-stream/);
    const heard: LineEvent[] = [];
    let text = '';
    for await (const part of answer.body!.pipeThrough(new TextDecoderStream())) {
      text += part;
      const whole = text.split('\n\n');
      text = whole.pop() ?? '';
      for (const block of whole) {
        const data = /^data: (.*)$/m.exec(block)?.[1];
        if (data) heard.push(lineEventSchema.parse(JSON.parse(data)));
      }
      if (heard.length >= count) break;
    }
    stopped.abort();
    return heard.slice(0, count);
  };

  test('the stream is resumed by the number of the last line, ten times', async () => {
    const heard: number[] = [];
    for (let turn = 0; turn < 10; turn += 1) {
      heard.push(...(await lines(3, heard[heard.length - 1])).map(({ seq }) => seq));
    }
    expect(heard).toEqual(Array.from({ length: 30 }, (_, n) => (heard[0] ?? 0) + n));
  });

  const post = (path: string, body: unknown, headers: Record<string, string> = {}) =>
    fetch(`${address}/devices/${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', ...headers },
      body: JSON.stringify(body),
    });

  test('commands and hands are taken, and what is none is answered', async () => {
    expect((await post('scale/command', { command: 'tare' })).status).toBe(204);
    expect((await post('scale/hand', { hand: 'put', g: 20 })).status).toBe(204);
    expect((await post('scale/command', { command: 'explode' })).status).toBe(400);
    const torn = await fetch(`${address}/devices/scale/command`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: '{"command": "ta',
    });
    expect(torn.status).toBe(400);
    expect(await torn.json()).toEqual({ code: 'unknown-command' });
    expect((await post('scale/command', { command: 'unit', unit: 'C' })).status).toBe(409);
    expect((await post('oven/command', { command: 'tare' })).status).toBe(404);
    expect((await fetch(`${address}/devices/oven/lines`)).status).toBe(404);
    const list: unknown = await (await fetch(`${address}/devices`)).json();
    expect(list).toMatchObject({ devices: [{ id: 'scale', simulated: true }] });
  });

  test('another site in the same browser can neither listen nor command', async () => {
    for (const headers of [
      { Origin: 'http://evil.example' },
      { Origin: 'null' },
      { Origin: `http://127.0.0.1:${port + 1}` },
      { 'Sec-Fetch-Site': 'cross-site' },
    ]) {
      const answer = await fetch(`${address}/devices/scale/lines`, { headers });
      expect(answer.status).toBe(403);
      expect((await post('scale/command', { command: 'tare' }, headers)).status).toBe(403);
    }
    const own = await post(
      'scale/command',
      { command: 'tare' },
      {
        Origin: `http://127.0.0.1:${port}`,
      },
    );
    expect(own.status).toBe(204);
  });
});
