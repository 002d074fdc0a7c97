import type { Device, DeviceCommand, LineEvent } from '@jubbet/protocol';

/** Said once of a device that no longer answers. */
export const awayWords =
  'The device does not answer. Type what it says; it is taken up again by itself.';

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
  /** Asks something of it; rejects with a sentence where that cannot be. Null where nothing can be. */
  readonly command: ((command: DeviceCommand) => Promise<void>) | null;
}
