import {
  deviceListSchema,
  lineEventSchema,
  refusalSchema,
  type Device,
  type DeviceCommand,
  type Hand,
} from '@jubbet/protocol';
import { CodedError, type CommandRefusal } from '@jubbet/core/words';
import type { Driver } from './driver';

const commandRefusals: readonly CommandRefusal[] = [
  'no-such-device',
  'unknown-command',
  'not-supported',
];

const base = `${import.meta.env.BASE_URL}api/bench/devices`;

const post = async (path: string, body: DeviceCommand | Hand): Promise<void> => {
  const answer = await fetch(`${base}/${path}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (answer.ok) return;
  const refusal = refusalSchema.safeParse(await answer.json().catch(() => null));
  const known = commandRefusals.find((why) => why === refusal.data?.code);
  throw new CodedError('command-refused', { why: known ?? 'other' });
};

/** Does something to a simulated device, in place of hands. */
export const doByHand = (deviceId: string, hand: Hand): Promise<void> =>
  post(`${encodeURIComponent(deviceId)}/hand`, hand);

/** A device that the server speaks for, over its stream of lines. */
const driverOf = (device: Device): Driver => {
  const path = encodeURIComponent(device.id);
  return {
    device,
    hear: (onLine, onTrouble) => {
      // The browser itself asks again after a break, from the last line that it received.
      const stream = new EventSource(`${base}/${path}/lines`);
      let last = 0;
      let isAway = false;
      stream.onmessage = ({ data }: MessageEvent<string>) => {
        const read = lineEventSchema.safeParse(parsed(data));
        if (!read.success || read.data.seq <= last) return;
        last = read.data.seq;
        if (isAway) onTrouble(null);
        isAway = false;
        onLine(read.data);
      };
      stream.onerror = () => {
        if (!isAway) onTrouble('away');
        isAway = true;
      };
      return () => stream.close();
    },
    command: (command) => post(`${path}/command`, command),
  };
};

const parsed = (text: string): unknown => {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
};

/** The devices that the server speaks for; none where no server answers, as on a plain web server. */
export const benchDevices = async (): Promise<readonly Driver[]> => {
  try {
    const answer = await fetch(base);
    const read = deviceListSchema.safeParse(await answer.json());
    return read.success ? read.data.devices.map(driverOf) : [];
  } catch {
    return [];
  }
};
