import type { Device, DeviceCommand, Hand, LineEvent } from '@jubbet/protocol';
import type { SimulatedDevice } from './simulatedDevice';

/** So many lines of a device are kept for who comes back after a break. */
const keptLines = 2000;

/** Reported each line as it comes. */
type Listener = (event: LineEvent) => void;

/** One device on the bench, with what it has told. */
class OnBench {
  readonly #device: SimulatedDevice;
  readonly #lines: LineEvent[] = [];
  readonly #listeners = new Set<Listener>();
  #seq = 0;
  #lastMs: number;

  constructor(device: SimulatedDevice, nowMs: number) {
    this.#device = device;
    this.#lastMs = nowMs;
  }

  get device(): Device {
    return this.#device.device;
  }

  get everyMs(): number {
    return this.#device.everyMs;
  }

  /** Time has gone on, also while no one listened. */
  #goOn(nowMs: number): void {
    this.#device.tick(Math.max(0, nowMs - this.#lastMs) / 1000);
    this.#lastMs = nowMs;
  }

  /** One more line. */
  tell(nowMs: number): void {
    this.#goOn(nowMs);
    this.#seq += 1;
    const event: LineEvent = {
      seq: this.#seq,
      at: new Date(nowMs).toISOString(),
      line: this.#device.line(),
    };
    this.#lines.push(event);
    if (this.#lines.length > keptLines) this.#lines.shift();
    for (const listener of this.#listeners) listener(event);
  }

  /** Lines after a number, as far as they are kept. */
  after(seq: number): readonly LineEvent[] {
    return this.#lines.filter((event) => event.seq > seq);
  }

  listen(listener: Listener): () => void {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  command(command: DeviceCommand, nowMs: number): boolean {
    this.#goOn(nowMs);
    return this.#device.command(command);
  }

  hand(hand: Hand, nowMs: number): boolean {
    // What is put on now has not lain there since the last line.
    this.#goOn(nowMs);
    return this.#device.hand(hand);
  }

  get isHeard(): boolean {
    return this.#listeners.size > 0;
  }
}

/** The devices on the bench. They write only while someone listens. */
export class Bench {
  readonly #devices: ReadonlyMap<string, OnBench>;
  readonly #timers = new Map<string, NodeJS.Timeout>();
  readonly #now: () => number;

  constructor(devices: readonly SimulatedDevice[], now: () => number = Date.now) {
    this.#now = now;
    this.#devices = new Map(
      devices.map((simulatedDevice) => [
        simulatedDevice.device.id,
        new OnBench(simulatedDevice, now()),
      ]),
    );
  }

  get devices(): readonly Device[] {
    return [...this.#devices.values()].map(({ device }) => device);
  }

  /**
   * Hears a device out: first what was missed, then each line as it comes.
   *
   * @param after the number of the last line that was received; 0 for none, which asks for none back
   * @returns the way to stop; null where there is no such device
   */
  hear(id: string, after: number, listener: Listener): (() => void) | null {
    const found = this.#devices.get(id);
    if (!found) return null;
    if (after > 0) found.after(after).forEach(listener);
    const stop = found.listen(listener);
    if (!this.#timers.has(id)) {
      const timer = setInterval(() => {
        found.tell(this.#now());
        if (found.isHeard) return;
        clearInterval(timer);
        this.#timers.delete(id);
      }, found.everyMs);
      timer.unref();
      this.#timers.set(id, timer);
    }
    return stop;
  }

  /** Null where there is no such device; false where it cannot do that. */
  command(id: string, command: DeviceCommand): boolean | null {
    return this.#devices.get(id)?.command(command, this.#now()) ?? null;
  }

  hand(id: string, hand: Hand): boolean | null {
    return this.#devices.get(id)?.hand(hand, this.#now()) ?? null;
  }
}
