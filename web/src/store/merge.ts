/** What a record says of when it was changed. */
export interface Changed {
  readonly updatedAt: string;
  readonly createdAt?: string;
  readonly startedAt?: string;
  readonly at?: string;
  readonly deletedAt?: string | null;
}

/** What becomes of a record of a file, beside the one of the same id that is here. */
export type Meeting = 'same' | 'ours' | 'theirs' | 'both';

/** Counts and moments of their own do not make two records differ. */
const content = (record: Changed): string =>
  JSON.stringify({ ...record, updatedAt: null, createdAt: null, revision: null });

/** True where it was changed since two houses last had the same, or ever where they never had. */
const isChanged = ({ updatedAt, createdAt, startedAt, at }: Changed, met: string): boolean =>
  updatedAt > (met || (createdAt ?? startedAt ?? at ?? ''));

/**
 * What becomes of a record that is here and in a file: the one that was changed stays, both where
 * both were. What was deleted in one house and changed in the other stays changed.
 *
 * @param met when the two houses last had the same; empty where they never met
 */
export const meetingOf = (ours: Changed, theirs: Changed, met: string): Meeting => {
  if (content(ours) === content(theirs)) return 'same';
  const [here, there] = [isChanged(ours, met), isChanged(theirs, met)];
  if (here && there) {
    const [gone, goneThere] = [ours.deletedAt != null, theirs.deletedAt != null];
    if (gone !== goneThere) return gone ? 'theirs' : 'ours';
    return gone ? 'ours' : 'both';
  }
  if (here !== there) return here ? 'ours' : 'theirs';
  return theirs.updatedAt > ours.updatedAt ? 'theirs' : 'ours';
};
