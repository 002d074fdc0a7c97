import { z } from 'zod';

/** In which unit a device tells its readings. */
const unitSchema = z.enum(['g', 'oz', 'C', 'F']);
export type DeviceUnit = z.infer<typeof unitSchema>;

/** A device on the bench. */
const deviceSchema = z.strictObject({
  id: z.string().min(1).max(60),
  kind: z.enum(['scale', 'thermometer']),
  name: z.string().min(1).max(120),
  /** True where nothing is weighed or warmed: the readings are worked out. */
  simulated: z.boolean(),
  /** Between two readings that it can tell apart, in g or °C. */
  resolution: z.number().positive(),
});
export type Device = z.infer<typeof deviceSchema>;

export const deviceListSchema = z.strictObject({ devices: z.array(deviceSchema).max(50) });

/** A line as the device wrote it, numbered so that none is reported twice. */
export const lineEventSchema = z.strictObject({
  /** Counts up by one for each line of a device. */
  seq: z.number().int().min(1),
  /** When it came, `2026-11-26T10:15:00.000Z`. */
  at: z.iso.datetime(),
  line: z.string().max(200),
});
export type LineEvent = z.infer<typeof lineEventSchema>;

/** What can be asked of a device. */
export const commandSchema = z.discriminatedUnion('command', [
  z.strictObject({ command: z.literal('tare') }),
  z.strictObject({ command: z.literal('zero') }),
  z.strictObject({ command: z.literal('unit'), unit: unitSchema }),
]);
export type DeviceCommand = z.infer<typeof commandSchema>;

/** What can be done to a simulated device, in place of hands. */
export const handSchema = z.discriminatedUnion('hand', [
  /** Something is put on the scale; taken off again with less than zero. */
  z.strictObject({ hand: z.literal('put'), g: z.number().min(-10_000).max(10_000) }),
  /** So many drops fall at once, each of so many g. */
  z.strictObject({
    hand: z.literal('drip'),
    drops: z.number().int().min(1).max(20),
    dropG: z.number().min(0.005).max(0.2),
  }),
  z.strictObject({ hand: z.literal('clear') }),
  /** The water bath under the jug is on or off. */
  z.strictObject({ hand: z.literal('heat'), on: z.boolean() }),
  /** A jug of this warmth is put under the probe. */
  z.strictObject({ hand: z.literal('jug'), celsius: z.number().min(-20).max(200) }),
]);
export type Hand = z.infer<typeof handSchema>;

/** Why the server refuses a request, by code. */
export const refusalSchema = z.strictObject({
  code: z.enum([
    'no-such-address',
    'no-such-device',
    'unknown-command',
    'not-supported',
    'too-many-listeners',
    'foreign-page',
  ]),
});
export type Refusal = z.infer<typeof refusalSchema>;
