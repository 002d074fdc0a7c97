import type { Device, DeviceCommand, Hand } from '@jubbet/protocol';

/** A device without a table: it goes on as time does, and writes lines as a real one would. */
export interface SimulatedDevice {
  readonly device: Device;
  /** A line comes so often, in ms. */
  readonly everyMs: number;
  readonly tick: (seconds: number) => void;
  /** What it writes now. */
  readonly line: () => string;
  /** False where it cannot do that. */
  readonly command: (command: DeviceCommand) => boolean;
  /** False where that cannot be done to it. */
  readonly hand: (hand: Hand) => boolean;
}
