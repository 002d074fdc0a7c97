import { z } from 'zod';
import { nameSchema, sameName } from '../quantity';

/** What skin shows, from nothing to the worst. */
export const skinSigns = ['clear', 'pink', 'red', 'raised', 'blisters'] as const;
export type SkinSign = (typeof skinSigns)[number];

/** A patch is looked at twice: a day and two days after it was put on, in hours. */
export const readAtHours = [24, 48] as const;
export type ReadAt = (typeof readAtHours)[number];

const moment = z.iso.datetime();
const id = z.string().min(1).max(120);
const name = z.string().max(200);

/** A patch test: of what, on whom, and what their skin said. Readings are only ever added. */
export const patchTestSchema = z.strictObject({
  of: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('batch'), batchId: id, number: z.string().max(40), name }),
    /** One material alone, in a carrier. */
    z.strictObject({ kind: z.literal('material'), materialId: id, name }),
  ]),
  /** Null for someone who is not in the house. */
  personId: id.nullable(),
  /** As they were called when it was begun. */
  personName: nameSchema(80),
  startedAt: moment,
  readings: z
    .array(
      z.strictObject({
        /** Which of the two readings; 0 for one in between. */
        hours: z.union([z.literal(0), z.literal(24), z.literal(48)]),
        at: moment,
        skin: z.enum(skinSigns),
        words: z.string().max(500),
      }),
    )
    .max(20),
  /** Washed off or given up before it could be read, and why. */
  stopped: z.strictObject({ at: moment, why: z.string().trim().min(1).max(500) }).nullable(),
});
export type PatchTest = z.infer<typeof patchTestSchema>;

const hourMs = 3_600_000;
/** Someone who gets up early may look so many hours before. */
const earlyHours = 2;

/** When a reading is due. */
export const dueAt = ({ startedAt }: Pick<PatchTest, 'startedAt'>, hours: ReadAt): Date =>
  new Date(Date.parse(startedAt) + hours * hourMs);

/** True from a little before a reading is due. */
export const canBeRead = (
  test: Pick<PatchTest, 'startedAt'>,
  hours: ReadAt,
  nowMs: number,
): boolean => nowMs >= dueAt(test, hours).getTime() - earlyHours * hourMs;

/** Where a patch test is. */
export type TestStanding =
  /** Nothing to be read yet. */
  | 'waiting'
  /** The first or the second reading is due. */
  | 'due-24'
  | 'due-48'
  /** Nothing after two days. */
  | 'clear'
  /** A little pink and no more: no one can say; it is done again. */
  | 'doubtful'
  | 'reacted'
  | 'stopped';

/** The worst of what skin showed; null where no one has looked. */
export const worstSign = ({ readings }: Pick<PatchTest, 'readings'>): SkinSign | null =>
  readings.length === 0
    ? null
    : (skinSigns[Math.max(...readings.map(({ skin }) => skinSigns.indexOf(skin)))] ?? null);

/** Where a test is at a moment. A reaction stays one, whatever is read after it. */
export const standingOf = (test: PatchTest, nowMs: number): TestStanding => {
  const worst = worstSign(test);
  if (worst !== null && worst !== 'clear' && worst !== 'pink') return 'reacted';
  const last = test.readings.some(({ hours }) => hours === 48);
  if (last) return worst === 'pink' ? 'doubtful' : 'clear';
  if (test.stopped) return 'stopped';
  if (canBeRead(test, 48, nowMs)) return 'due-48';
  const first = test.readings.some(({ hours }) => hours === 24);
  return !first && canBeRead(test, 24, nowMs) ? 'due-24' : 'waiting';
};

/** Whether a batch may be given to someone, by the patch tests that were begun. */
export type Clearance =
  | 'no-test'
  | 'clear'
  /** A test runs, or waits to be read. */
  | 'not-read'
  /** The last one says nothing: stopped, or doubtful. It is done again first. */
  | 'again'
  | 'reacted';

/** Who is meant: by who they are in the house, or by their name. */
export interface Somebody {
  readonly personId: string | null;
  readonly name: string;
}

/** True where a test was done on them: by the person, or by the name that was typed. */
export const isOn = (test: PatchTest, { personId, name }: Somebody): boolean =>
  (test.personId !== null && test.personId === personId) || sameName(test.personName, name);

/**
 * Whether someone may be given a batch. Once a test was begun, only one that was read clear after two
 * days lets it go; a reaction holds it back for good.
 */
export const clearanceFor = (
  tests: readonly PatchTest[],
  batchId: string,
  somebody: Somebody,
  nowMs: number,
): Clearance => {
  const theirs = tests
    .filter(({ of }) => of.kind === 'batch' && of.batchId === batchId)
    .filter((test) => isOn(test, somebody))
    .sort((a, b) => a.startedAt.localeCompare(b.startedAt));
  const standings = theirs.map((test) => standingOf(test, nowMs));
  if (standings.includes('reacted')) return 'reacted';
  switch (standings[standings.length - 1]) {
    case undefined:
      return 'no-test';
    case 'clear':
      return 'clear';
    case 'stopped':
    case 'doubtful':
      return 'again';
    default:
      return 'not-read';
  }
};
