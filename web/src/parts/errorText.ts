import { failureOf, failureWords } from '@jubbet/core/words';
import { detailsOf } from './detailsOf';
import { errorNames } from './errorNames';

/** Why something failed, for its reader. */
export interface ErrorText {
  /** A clause without a full stop, as in “the disk is full”. */
  readonly reason: string;
  /** What the browser says of an error that no one foresaw; null where the reason says it all. */
  readonly details: string | null;
}

/** What the browser itself reports, by the name of its error. */
const browserReasons: Readonly<Record<string, string>> = {
  QuotaExceededError:
    'the disk is full (save a backup in Settings, then delete photographs or free some space)',
  DatabaseClosedError: 'the data were closed; load the page again',
  InvalidStateError: 'the data were closed; load the page again',
};

/** Says why something failed. An error that no one foresaw has one sentence, and its details. */
export const errorText = (error: unknown): ErrorText => {
  const failure = failureOf(error);
  if (failure) return { reason: failureWords(failure), details: null };
  const reason = errorNames(error)
    .map((name) => browserReasons[name])
    .find((found) => found !== undefined);
  if (reason !== undefined) return { reason, details: null };
  return {
    reason: 'something went wrong that Jubbet did not expect',
    details: detailsOf(error),
  };
};
