import { readLine, type LineReading } from '@jubbet/protocol';
import { useEffect, useState } from 'react';
import type { Driver } from './driver';

/** A line that was understood, with when it came. */
interface Reading {
  readonly seq: number;
  readonly atMs: number;
  readonly value: number;
  readonly stable: boolean | null;
}

/** What a device tells by now. */
export interface Readings {
  /** The last ones, oldest first. */
  readonly last: readonly Reading[];
  readonly overloaded: boolean;
  /** Why nothing comes, in a sentence; null where all is well. */
  readonly trouble: string | null;
}

const kept = 12;
/** So many lines of nonsense in a row are said, once. */
const mostNoise = 20;

const nothing: Readings = { last: [], overloaded: false, trouble: null };

/** Said of a device that writes what nobody understands. */
const noiseWords =
  'The device writes lines that are no weight and no temperature. Type what it says.';

/** The readings of a device while it is listened to; null listens to none. */
export const useReadings = (driver: Driver | null): Readings => {
  const [readings, setReadings] = useState<Readings>(nothing);
  useEffect(() => {
    if (!driver) return;
    const wanted = driver.device.kind === 'scale' ? 'mass' : 'temperature';
    let noise = 0;
    const take = (read: LineReading, seq: number, atMs: number): void => {
      if (read.kind === 'reading' && read.quantity === wanted) {
        noise = 0;
        const { value, stable } = read;
        setReadings(({ last }) => ({
          last: [...last, { seq, atMs, value, stable }].slice(-kept),
          overloaded: false,
          trouble: null,
        }));
      } else if (read.kind === 'overload') {
        setReadings({ last: [], overloaded: true, trouble: null });
      } else {
        noise += 1;
        if (noise === mostNoise) setReadings({ ...nothing, trouble: noiseWords });
      }
    };
    const stop = driver.hear(
      ({ line, seq, at }) => take(readLine(line), seq, Date.parse(at)),
      (trouble) => setReadings((before) => ({ ...before, last: [], trouble })),
    );
    return () => {
      stop();
      setReadings(nothing);
    };
  }, [driver]);
  return readings;
};
