import type { DeviceTrouble } from '@jubbet/core/words';
import type { Device, DeviceCommand, LineEvent } from '@jubbet/protocol';
import { act } from '@testing-library/react';
import { vi } from 'vitest';
import type { Driver } from './driver';

/** A device that writes what it is reported to, a line a second. */
export const deviceThat = (more: Partial<Device> = {}, takesCommands = false) => {
  let seq = 0;
  let say: (event: LineEvent) => void = () => undefined;
  let trouble: (sentence: DeviceTrouble | null) => void = () => undefined;
  const stop = vi.fn();
  const command = vi.fn<(command: DeviceCommand) => Promise<void>>(() => Promise.resolve());
  const driver: Driver = {
    device: { id: 'one', kind: 'scale', name: 'One', simulated: true, resolution: 0.01, ...more },
    hear: (onLine, onTrouble) => {
      say = onLine;
      trouble = onTrouble;
      return stop;
    },
    command: takesCommands ? command : null,
  };
  return {
    driver,
    stop,
    command,
    writes: (line: string, atS = seq) =>
      act(() => {
        seq += 1;
        say({ seq, at: new Date(1000 * atS).toISOString(), line });
      }),
    troubles: (sentence: DeviceTrouble | null) => act(() => trouble(sentence)),
  };
};
