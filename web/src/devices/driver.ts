import type { DeviceTrouble } from '@jubbet/core/words';
import type { Device, DeviceCommand, LineEvent } from '@jubbet/protocol';

/** The way to one device, however it is reached. */
export interface Driver {
  readonly device: Device;
  /**
   * Hears each line once, in order.
   *
   * @param onLine called with each line
   * @param onTrouble called once when the device goes away, and null when it is back
   * @returns the way to stop
   */
  readonly hear: (
    onLine: (event: LineEvent) => void,
    onTrouble: (trouble: DeviceTrouble | null) => void,
  ) => () => void;
  /** Asks something of it; rejects with a coded error where that cannot be. Null where nothing can be. */
  readonly command: ((command: DeviceCommand) => Promise<void>) | null;
}
