/** What a record says of when it was changed. */
export interface Changed {
  readonly updatedAt: string;
  readonly createdAt?: string;
  readonly startedAt?: string;
  readonly at?: string;
  readonly deletedAt?: string | null;
  readonly log?: unknown;
}

/** A batch of which the log is beside it, so that its record does not tell what has changed. */
const isOnBench = ({ log }: Changed): boolean => log === null;

/** What becomes of a record of a file, beside the one of the same id that is here. */
export type MergeOutcome = 'same' | 'ours' | 'theirs' | 'both';

/** Of a record by itself: counts, moments and what is worked out make no two differ. */
const derivedFields = new Set(['updatedAt', 'createdAt', 'revision', 'made', 'madeInFile']);

const inOrder = (_: string, value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value;

/** What a record says, whatever the order in which it is written. */
const content = (record: Changed): string =>
  JSON.stringify(
    Object.fromEntries(Object.entries(record).filter(([key]) => !derivedFields.has(key))),
    inOrder,
  );

/** True where it was changed since two houses last had the same, or ever where they never had. */
const isChanged = ({ updatedAt, createdAt, startedAt, at }: Changed, met: string): boolean =>
  updatedAt > (met || (createdAt ?? startedAt ?? at ?? ''));

/**
 * What becomes of a record that is here and in a file: the one that was changed stays, both where
 * both were. What was deleted in one house and changed in the other stays changed.
 *
 * @param met when the two houses last had the same; empty where they never met
 * @param settled which stays where they differ and neither was changed since: both were kept then
 */
export const mergeOutcome = (
  ours: Changed,
  theirs: Changed,
  met: string,
  settled: 'ours' | 'theirs' = 'ours',
): MergeOutcome => {
  // Changed at the same moment it is the same change.
  if (ours.updatedAt === theirs.updatedAt) return 'same';
  if (!isOnBench(ours) && !isOnBench(theirs) && content(ours) === content(theirs)) return 'same';
  const [here, there] = [isChanged(ours, met), isChanged(theirs, met)];
  if (here && there) {
    const [gone, goneThere] = [ours.deletedAt != null, theirs.deletedAt != null];
    if (gone !== goneThere) return gone ? 'theirs' : 'ours';
    return gone ? 'ours' : 'both';
  }
  if (here !== there) return here ? 'ours' : 'theirs';
  if (met !== '') return settled;
  return theirs.updatedAt > ours.updatedAt ? 'theirs' : 'ours';
};
