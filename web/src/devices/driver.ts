import type { Device, DeviceCommand, LineEvent } from '@jubbet/protocol';

/** The way to one device, however it is reached. */
export interface Driver {
  readonly device: Device;
  /**
   * Hears each line once, in order.
   *
   * @param onLine told each line
   * @param onTrouble told once when the device goes away, and null when it is back
   * @returns the way to stop
   */
  readonly hear: (
    onLine: (event: LineEvent) => void,
    onTrouble: (sentence: string | null) => void,
  ) => () => void;
  /** Asks something of it; rejects with a sentence where that cannot be. */
  readonly command: (command: DeviceCommand) => Promise<void>;
}
