import type { DeviceTrouble } from '@jubbet/core/words';
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
  /** One at rest now and then since it is listened to, oldest first. */
  readonly trail: readonly Reading[];
  readonly overloaded: boolean;
  /** Why nothing comes; null where all is well. */
  readonly trouble: DeviceTrouble | null;
}

const kept = 12;
/** The trail keeps one in so many ms, and so many: an hour and a half. */
const trailEveryMs = 10_000;
const trailKept = 540;
/** So many lines of nonsense in a row are stated, once. */
const mostNoise = 20;

type DeviceKind = Driver['device']['kind'];

/** How long a device may be silent before what it said is old, in ms: of its gaps the longest, thrice. */
const silentAfterMs = (kind: DeviceKind, gapsMs: readonly number[]): number =>
  gapsMs.length === 0 ? firstSilenceMs[kind] : Math.max(leastSilenceMs, 3 * Math.max(...gapsMs));

/** Until a second reading has come nobody knows how often one comes. */
const firstSilenceMs = { scale: 5000, thermometer: 30_000 };
/** A line that stumbles is not silent yet. */
const leastSilenceMs = 1500;
/** So many gaps tell how often it speaks. */
const gapsKept = 4;

const nothing: Readings = { last: [], trail: [], overloaded: false, trouble: null };

const withReading = (trail: readonly Reading[], reading: Reading): readonly Reading[] => {
  const before = trail[trail.length - 1];
  return reading.stable === false || (before && reading.atMs - before.atMs < trailEveryMs)
    ? trail
    : [...trail, reading].slice(-trailKept);
};

/** The readings of a device while it is listened to; null listens to none. */
export const useReadings = (driver: Driver | null): Readings => {
  const [readings, setReadings] = useState<Readings>(nothing);
  useEffect(() => {
    if (!driver) return;
    const wanted = driver.device.kind === 'scale' ? 'mass' : 'temperature';
    let noise = 0;
    let gaps: number[] = [];
    let heardAt: number | null = null;
    let silence: number | undefined;
    // What it said before it fell silent is not what lies on it now; nonsense says nothing.
    const listen = (): void => {
      const at = performance.now();
      if (heardAt !== null) gaps = [...gaps, at - heardAt].slice(-gapsKept);
      heardAt = at;
      window.clearTimeout(silence);
      silence = window.setTimeout(
        () =>
          setReadings((before) => ({ ...before, last: [], overloaded: false, trouble: 'silent' })),
        silentAfterMs(driver.device.kind, gaps),
      );
    };
    const take = (read: LineReading, seq: number, atMs: number): void => {
      if (read.kind === 'reading' && read.quantity === wanted) {
        noise = 0;
        listen();
        const reading = { seq, atMs, value: read.value, stable: read.stable };
        setReadings(({ last, trail }) => ({
          last: [...last, reading].slice(-kept),
          trail: withReading(trail, reading),
          overloaded: false,
          trouble: null,
        }));
      } else if (read.kind === 'overload') {
        listen();
        setReadings(({ trail }) => ({ last: [], trail, overloaded: true, trouble: null }));
      } else {
        noise += 1;
        if (noise === mostNoise) {
          setReadings(({ trail }) => ({ ...nothing, trail, trouble: 'noise' }));
        }
      }
    };
    const stop = driver.hear(
      ({ line, seq, at }) => take(readLine(line), seq, Date.parse(at)),
      (trouble) => {
        // After a break it begins anew.
        window.clearTimeout(silence);
        heardAt = null;
        setReadings((before) => ({ ...before, last: [], trouble }));
      },
    );
    return () => {
      window.clearTimeout(silence);
      stop();
      setReadings(nothing);
    };
  }, [driver]);
  return readings;
};
