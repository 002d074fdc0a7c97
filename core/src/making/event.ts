import { z } from 'zod';
import { ruleIds } from '../limits';

// What happened at the bench. Events are only ever added, never changed; what was wrong is undone
// by another that names it.

/** Most containers of one batch, and most events. */
const mostContainers = 1000;
export const mostEvents = 50_000;

const step = z.string().min(1).max(200);
const container = z
  .number()
  .int()
  .min(0)
  .max(mostContainers - 1);
const words = z.string().max(2000);
const id = z.string().min(1).max(120);

/**
 * How it came to be known: a press, a key, a device, one that was only simulated, or a number that
 * was typed.
 */
const sourceSchema = z.enum(['tap', 'key', 'scale', 'thermometer', 'simulated', 'typed']);
export type Source = z.infer<typeof sourceSchema>;

/** Null in logs from before that was kept. */
const source = sourceSchema.nullable();

/** What goes in at a step: into which container, what, and out of which bottle of the shelf. */
const poured = {
  step,
  container,
  ingredient: id,
  /** Null where it comes from no bottle of the shelf, or from one that no one wrote down. */
  bottleId: id.nullable(),
};

/** Where in the log the event is that is undone; null in logs from before that was kept. */
const undoes = z.number().int().min(1).max(mostEvents).nullable();

/** A limit that was passed with a reason, and how far. */
const pastLimitSchema = z.strictObject({
  rule: z.enum(ruleIds),
  subject: z.string().max(200),
  /** The likely value at that moment; null for a check without a number. */
  value: z.number().nullable(),
});
export type PastLimit = z.infer<typeof pastLimitSchema>;

const somethingElseSchema = z.strictObject({
  kind: z.literal('something-else'),
  container,
  /** Id of the oil or base; null where it is none that the house knows. */
  ingredient: id.nullable(),
  bottleId: id.nullable(),
  source: sourceSchema,
  /** How much, by what it was measured by; null where no one can say. */
  amount: z
    .discriminatedUnion('unit', [
      z.strictObject({ unit: z.literal('drops'), value: z.number().int().min(1).max(1000) }),
      z.strictObject({ unit: z.literal('ml'), value: z.number().positive().max(10_000) }),
      z.strictObject({ unit: z.literal('g'), value: z.number().positive().max(10_000) }),
    ])
    .nullable(),
  /** What it was, in the maker’s words. */
  words,
  /** It was added on purpose, after smelling. */
  intended: z.literal(true).optional(),
});
/** What went in that the recipe does not have. */
export type SomethingElse = z.infer<typeof somethingElseSchema>;

/** What was added to a batch after it was finished, and why: its figures and its label follow. */
const amendedSchema = z.strictObject({
  kind: z.literal('amended'),
  container,
  /** Id of the oil or base. */
  ingredient: id,
  bottleId: id.nullable(),
  amount: z.discriminatedUnion('unit', [
    z.strictObject({ unit: z.literal('drops'), value: z.number().int().min(1).max(1000) }),
    z.strictObject({ unit: z.literal('ml'), value: z.number().positive().max(10_000) }),
    z.strictObject({ unit: z.literal('g'), value: z.number().positive().max(10_000) }),
  ]),
  words: words.min(1),
});

/** After the end: so much it really was, in place of what was counted or measured at a step. */
const correctedSchema = z.strictObject({
  kind: z.literal('corrected'),
  step,
  container,
  ingredient: id,
  /** What it was; null where only the bottle was another. */
  amount: z
    .discriminatedUnion('unit', [
      z.strictObject({ unit: z.literal('drops'), value: z.number().int().min(0).max(10_000) }),
      z.strictObject({ unit: z.literal('ml'), value: z.number().min(0).max(200_000) }),
      z.strictObject({ unit: z.literal('g'), value: z.number().min(0).max(200_000) }),
    ])
    .nullable(),
  /** The bottle that it came out of, where another was written down; null for none of the shelf. */
  bottleId: id.nullable().optional(),
  words: words.min(1),
});

/** One line of what came out of a jug or pan: so many to their line, and one more in part. */
const cameOutLineSchema = z.strictObject({
  /** The containers of the recipe by their place there, from 0; or others, of the library. */
  into: z.union([
    z.strictObject({ filling: z.number().int().min(0).max(19) }),
    z.strictObject({ containerId: id }),
  ]),
  full: z.number().int().min(0).max(mostContainers),
  /** How full the one after them is, in percent of its line; 0 where none is begun. */
  lastPercent: z.number().int().min(0).max(99),
});
export type CameOutLine = z.infer<typeof cameOutLineSchema>;

const moment = z.iso.datetime();

/** What a thermometer at a bench can say, in °C: below and above it is misread. */
export const celsiusBounds = { least: -30, most: 250 } as const;
const celsius = z.number().min(celsiusBounds.least).max(celsiusBounds.most);

/** In which order oils and carrier go in, and whether several containers are done in rounds. */
const orderSchema = z.strictObject({
  kind: z.literal('order'),
  first: z.enum(['oils', 'carrier']),
  /** True where each oil goes into all containers before the next; else one container by one. */
  rounds: z.boolean(),
});

/** When a nose was put to it: at once, and later. */
export const smelledWhen = ['now', 'one-minute', 'ten-minutes', 'next-day'] as const;

const smelledSchema = z.strictObject({
  kind: z.literal('smelled'),
  when: z.enum(smelledWhen),
  words,
});

/** What a thermometer said, and when. */
const temperatureSchema = z.strictObject({
  kind: z.literal('temperature'),
  step,
  celsius,
  takenAt: moment,
  source: sourceSchema,
});

/** A clock that runs for this batch, until it is turned off. */
const timerSchema = z.strictObject({
  kind: z.literal('timer'),
  timerId: id,
  /** Null where it belongs to no step. */
  step: step.nullable(),
  startedAt: moment,
  endsAt: moment,
  words: z.string().max(200),
});

/** What was weighed or measured of one thing. */
const measureSchema = z.discriminatedUnion('unit', [
  z.strictObject({ unit: z.literal('g'), value: z.number().min(0).max(200_000) }),
  z.strictObject({ unit: z.literal('ml'), value: z.number().min(0).max(200_000) }),
]);
export type BenchMeasure = z.infer<typeof measureSchema>;

/** One thing that happened at the bench. */
export const benchEventSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('drop'),
    ...poured,
    source,
    drops: z.number().int().min(1).max(100),
  }),
  /** A drop that was counted and did not fall. */
  z.strictObject({
    kind: z.literal('take-back'),
    ...poured,
    source,
    drops: z.number().int().min(1).max(100),
    undoes,
  }),
  /** A step is done; with what was measured at it, where something was. */
  z.strictObject({
    kind: z.literal('done'),
    step,
    source,
    ml: z.number().min(0).max(200_000).optional(),
    g: z.number().min(0).max(200_000).optional(),
    celsius: celsius.optional(),
    timerId: id.optional(),
  }),
  z.strictObject({ kind: z.literal('reopened'), step, source, undoes }),
  /** From now on another number of drops is asked for at a step. */
  z.strictObject({
    kind: z.literal('asked'),
    step,
    drops: z.number().int().min(0).max(10_000),
  }),
  /** From now on another weight is asked for at a step, in g. */
  z.strictObject({ kind: z.literal('asked-g'), step, g: z.number().positive().max(200_000) }),
  /** What is in by now of what a step weighs or measures; the last that was reported counts. */
  z.strictObject({
    kind: z.literal('measured'),
    step,
    ingredient: id.nullable(),
    source: sourceSchema,
    amount: measureSchema,
  }),
  orderSchema,
  /** An oil that is left for later, after the others of its container. */
  z.strictObject({ kind: z.literal('later'), step }),
  smelledSchema,
  temperatureSchema,
  timerSchema,
  z.strictObject({ kind: z.literal('timer-off'), timerId: id }),
  /** What is in this container goes on in a larger one of the library. */
  z.strictObject({ kind: z.literal('moved'), container, containerId: id }),
  /** This container is filled beyond its usual line, in percent of what it is sold as. */
  z.strictObject({
    kind: z.literal('filled'),
    container,
    percent: z.number().positive().max(200),
  }),
  /** What was in this container is thrown away, and it is begun again. */
  z.strictObject({ kind: z.literal('discarded'), container }),
  /** Why the maker goes on past limits, in their words, and which limits those are. */
  z.strictObject({
    kind: z.literal('reason'),
    step,
    words,
    over: z.array(pastLimitSchema).max(200),
  }),
  somethingElseSchema,
  /** Some of it was lost; in the maker’s words, and how much where that is known. */
  z.strictObject({
    kind: z.literal('spilled'),
    container,
    source: sourceSchema,
    ml: z.number().positive().max(10_000).nullable(),
    words,
  }),
  amendedSchema,
  correctedSchema,
  /** How many containers were really filled; the last that was said counts. */
  z.strictObject({
    kind: z.literal('came-out'),
    lines: z.array(cameOutLineSchema).min(1).max(20),
    /** Why that is said after the end; empty at the bench. */
    words,
  }),
  /** Something else, a spill or a reading that was reported by mistake. */
  z.strictObject({ kind: z.literal('struck'), undoes: z.number().int().min(1).max(mostEvents) }),
]);

export type BenchEvent = z.infer<typeof benchEventSchema>;
export type EventOf<K extends BenchEvent['kind']> = Extract<BenchEvent, { kind: K }>;

/** What is reported beside the work and changes nothing that is in a container. */
export const isAside = ({ kind }: BenchEvent): boolean =>
  kind === 'timer' || kind === 'timer-off' || kind === 'smelled' || kind === 'temperature';

/** An event in the log of its batch: they are in order, and count from 1 without a gap. */
export const logEntrySchema = z.strictObject({
  seq: z.number().int().min(1).max(mostEvents),
  /** When, `2026-11-26T10:15:00.000Z`. */
  at: z.iso.datetime(),
  event: benchEventSchema,
});
export type LogEntry = z.infer<typeof logEntrySchema>;
