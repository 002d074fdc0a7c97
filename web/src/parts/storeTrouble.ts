import { errorNames } from './errorNames';

/** Why the data cannot be reached, and what to do about it. */
export interface StoreTrouble {
  readonly title: string;
  readonly what: string;
  readonly todo: string;
  /** The data are of a form that is no longer read: they can be exported as they are. */
  readonly isOlder?: true;
}

const olderStore: StoreTrouble = {
  title: 'Your data are from before the first release',
  what: 'This version of Jubbet can’t open them, and has changed nothing.',
  todo: 'Export them as a file first. Then start afresh: the file keeps everything, and can be read with any text editor.',
  isOlder: true,
};

const closedElsewhere: StoreTrouble = {
  title: 'Your data are no longer open',
  what: 'They were cleared in the browser’s settings, or a newer Jubbet was opened in another tab.',
  todo: 'Load this page again. Restore a backup in Settings.',
};

/** What another tab keeps open is waited for, and said. */
export const blockedTrouble: StoreTrouble = {
  title: 'Jubbet is open in another tab, in an older version',
  what: 'Your data have to be updated first, and that tab is still using them.',
  todo: 'Close all other tabs with Jubbet. This one continues by itself.',
};

/** What takes too long without an error; the page goes on by itself where it ends after all. */
export const slowTrouble: StoreTrouble = {
  title: 'Your data are slow to open',
  what: 'Another tab may be using them, or the browser still holds them for a page that was closed.',
  todo: 'Wait a moment. If nothing changes, close all tabs with Jubbet, or the browser itself, and open it again.',
};

/**
 * Why the store could not be opened or used, where it is the store itself that is in the way; null
 * for anything else.
 */
export const storeTroubleOf = (error: unknown): StoreTrouble | null => {
  const names = errorNames(error);
  const is = (...known: string[]): boolean => names.some((name) => known.includes(name));
  if (is('VersionError')) {
    return {
      title: 'Your data are from a newer Jubbet',
      what: 'They were opened with a newer version than this one.',
      todo: 'Load this page again. If that does not help, close all tabs with Jubbet and open it again.',
    };
  }
  if (is('OlderStoreError')) return olderStore;
  if (is('QuotaExceededError')) {
    return {
      title: 'The disk is full',
      what: 'This browser has no room left for your data. What was saved before is still there.',
      todo: 'Free some space, then load this page again.',
    };
  }
  if (is('DatabaseClosedError')) return closedElsewhere;
  if (
    is('MissingAPIError', 'SecurityError', 'InvalidStateError', 'OpenFailedError', 'UnknownError')
  ) {
    return {
      title: 'This browser can’t save data here',
      what: 'Some browsers save nothing in a private window, or when cookies and site data are blocked.',
      todo: 'Open Jubbet in an ordinary window, or allow site data for this address, then load this page again.',
    };
  }
  return null;
};
