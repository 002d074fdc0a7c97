import { z } from 'zod';
import { benchEventSchema, mostEvents, type LogEntry } from './event';

/**
 * The log of a batch that is finished, as it stands in its record: events that are alike and follow
 * each other, as drops do, stand once with the moment of each. Nothing is lost: the numbers count
 * from 1 without a gap.
 */
export const packedLogSchema = z
  .array(
    z.strictObject({ event: benchEventSchema, at: z.array(z.iso.datetime()).min(1).max(10_000) }),
  )
  .max(mostEvents)
  .refine((runs) => runs.reduce((total, { at }) => total + at.length, 0) <= mostEvents, {
    error: 'too-long',
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
