import { readLine, splitLines, type Device, type LineEvent } from '@jubbet/protocol';
import type { Driver } from './driver';
import { CodedError, type DeviceTrouble } from '@jubbet/core/words';

/** What is used of a serial port as the browser hands it on. */
export interface SerialPort extends EventTarget {
  readonly readable: ReadableStream<Uint8Array> | null;
  readonly open: (options: { baudRate: number }) => Promise<void>;
  readonly close: () => Promise<void>;
}

/** What is used of the browser's way to serial ports. */
export interface Serial {
  readonly requestPort: () => Promise<SerialPort>;
}

/** The browser's way to serial ports; null where it has none. */
export const browserSerial = (): Serial | null =>
  'serial' in navigator ? (navigator.serial as Serial) : null;

/** Speeds at which scales write, in baud, the usual one first. */
export const baudRates: readonly number[] = [
  9600, 1200, 2400, 4800, 19_200, 38_400, 57_600, 115_200,
];

/** So long a first line is waited for, in ms: a scale may write once a second. */
const firstLineMs = 5000;

type OnLine = (event: LineEvent) => void;
type OnTrouble = (trouble: DeviceTrouble | null) => void;

/** One open port: its lines numbered, told to all who hear; opened again when it comes back. */
class OpenPort {
  readonly #port: SerialPort;
  readonly #baudRate: number;
  readonly #hearers = new Map<OnLine, OnTrouble>();
  #seq = 0;
  #isAway = false;

  constructor(port: SerialPort, baudRate: number) {
    this.#port = port;
    this.#baudRate = baudRate;
    port.addEventListener('connect', () => void this.#open().catch(() => undefined));
  }

  /** @throws where the port cannot be opened: another program has it. */
  async start(): Promise<void> {
    await this.#open();
  }

  hear(onLine: OnLine, onTrouble: OnTrouble): () => void {
    this.#hearers.set(onLine, onTrouble);
    if (this.#isAway) onTrouble('away');
    return () => this.#hearers.delete(onLine);
  }

  async stop(): Promise<void> {
    this.#hearers.clear();
    await this.#port.close().catch(() => undefined);
  }

  async #open(): Promise<void> {
    await this.#port.open({ baudRate: this.#baudRate });
    if (this.#isAway) this.#tell(null);
    this.#isAway = false;
    void this.#read();
  }

  async #read(): Promise<void> {
    const take = splitLines((line) => {
      this.#seq += 1;
      const event = { seq: this.#seq, at: new Date().toISOString(), line };
      for (const onLine of [...this.#hearers.keys()]) onLine(event);
    });
    const reader = this.#port.readable?.getReader();
    const text = new TextDecoder();
    try {
      for (let read = await reader?.read(); read && !read.done; read = await reader?.read()) {
        take(text.decode(read.value, { stream: true }));
      }
    } catch {
      // The cable was pulled: that is reported below, as an end is.
    }
    reader?.releaseLock();
    await this.#port.close().catch(() => undefined);
    this.#isAway = true;
    this.#tell('away');
  }

  #tell(trouble: DeviceTrouble | null): void {
    for (const onTrouble of [...this.#hearers.values()]) onTrouble(trouble);
  }
}

let connected = 0;

/**
 * A scale or a thermometer on a serial line, chosen by the maker. Its first line is waited for: what
 * tells nothing of the kind is refused.
 *
 * @returns null where the maker chose none
 * @throws CodedError where the port cannot be opened, or nothing fits
 */
export const connectSerial = async (
  serial: Serial,
  kind: Device['kind'],
  baudRate: number,
): Promise<Driver | null> => {
  const chosen = await serial.requestPort().catch((error: unknown) => {
    if (error instanceof DOMException && error.name === 'NotFoundError') return null;
    throw error;
  });
  if (!chosen) return null;
  const port = new OpenPort(chosen, baudRate);
  await port.start().catch(() => {
    throw new CodedError('port-closed', {});
  });
  const quantity = kind === 'scale' ? 'mass' : 'temperature';
  const resolution = await new Promise<number>((resolve, reject) => {
    const timer = setTimeout(() => {
      stop();
      void port.stop();
      reject(new CodedError('nothing-read', { device: kind, baudRate }));
    }, firstLineMs);
    const stop = port.hear(
      ({ line }) => {
        const read = readLine(line);
        if (read.kind !== 'reading' || read.quantity !== quantity) return;
        clearTimeout(timer);
        stop();
        resolve(read.resolution);
      },
      () => undefined,
    );
  });
  connected += 1;
  return {
    device: {
      id: `serial-${connected}`,
      kind,
      name: kind === 'scale' ? 'Scale on a cable' : 'Thermometer on a cable',
      simulated: false,
      resolution,
    },
    hear: (onLine, onTrouble) => port.hear(onLine, onTrouble),
    // Scales take commands in as many languages as there are makers: this one is tared by reckoning.
    command: null,
  };
};
