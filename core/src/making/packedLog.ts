import { z } from 'zod';
import { benchEventSchema, mostEvents, type LogEntry } from './event';

/** As a date writes itself: `2026-11-26T10:15:00.000Z`, and parts of a second as many as there are. */
const moment = /^\d{4}-(0\d|1[0-2])-([0-2]\d|3[01])T([01]\d|2[0-3]):[0-5]\d:[0-5]\d(\.\d{1,9})?Z$/;

/** Most moments of one run. */
const mostAlike = 10_000;

/** Moments in one go: a house of years has half a million of them. */
const moments = z.custom<string[]>(
  (value) =>
    Array.isArray(value) &&
    value.length >= 1 &&
    value.length <= mostAlike &&
    value.every((entry) => typeof entry === 'string' && moment.test(entry)),
  { error: 'moments' },
);

/**
 * The log of a batch that is finished, as it is in its record: events that are alike and follow
 * each other, as drops do, are once with the moment of each. Nothing is lost: the numbers count
 * from 1 without a gap.
 */
export const packedLogSchema = z
  .array(z.strictObject({ event: benchEventSchema, at: moments }))
  .max(mostEvents)
  .refine((runs) => runs.reduce((total, { at }) => total + at.length, 0) <= mostEvents, {
    error: 'log-too-long',
  });
export type PackedLog = z.infer<typeof packedLogSchema>;

/** @param log in order, from 1 without a gap */
export const packLog = (log: readonly LogEntry[]): PackedLog => {
  const packed: PackedLog = [];
  let last = '';
  for (const { event, at } of log) {
    const key = JSON.stringify(event);
    const run = packed[packed.length - 1];
    if (run && key === last) run.at.push(at);
    else packed.push({ event, at: [at] });
    last = key;
  }
  return packed;
};

/** The log as it was. */
export const unpackLog = (packed: PackedLog): LogEntry[] => {
  let seq = 0;
  return packed.flatMap(({ event, at }) =>
    at.map((moment): LogEntry => {
      seq += 1;
      return { seq, at: moment, event };
    }),
  );
};
