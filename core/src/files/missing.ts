import { findVessel, isGone, type Lookup } from '../library/library';
import type { BlendFile } from './blendFile';

/** A material or a container of a file that is not in this house. */
export interface UnknownThing {
  readonly ok: false;
  readonly code: 'not-here' | 'taken-out';
  readonly what: 'oil' | 'base' | 'vessel';
  readonly id: string;
  /** Where it stands in the file: `oils.0.id`. */
  readonly field: string;
}

/** The first thing in a file that this house does not have; null where it has all. */
export const missingOf = (file: BlendFile, find: Lookup, made: boolean): UnknownThing | null => {
  const missing = (
    what: UnknownThing['what'],
    id: string,
    field: string,
    isThere: boolean,
  ): UnknownThing[] => {
    if (!isThere) return [{ ok: false, code: 'not-here', what, id, field }];
    // What was made of it is still what it was; nothing new is made of what was taken out.
    return !made && isGone(id) ? [{ ok: false, code: 'taken-out', what, id, field }] : [];
  };
  const vessels = [file.vessel, ...(file.more ?? []).map(({ vessel }) => vessel)];
  return (
    [
      ...vessels.flatMap((vessel, n) =>
        'id' in vessel
          ? missing(
              'vessel',
              vessel.id,
              n === 0 ? 'vessel.id' : `more.${n - 1}.vessel.id`,
              findVessel(vessel.id) !== undefined,
            )
          : [],
      ),
      ...file.oils.flatMap(({ id }, n) =>
        missing('oil', id, `oils.${n}.id`, find.oil(id) !== undefined),
      ),
      ...file.bases.flatMap(({ id }, n) =>
        missing('base', id, `bases.${n}.id`, find.base(id) !== undefined),
      ),
    ][0] ?? null
  );
};
