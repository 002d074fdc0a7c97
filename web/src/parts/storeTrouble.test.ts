import { expect, test } from 'vitest';
import { errorText } from './errorText';
import { storeTroubleOf } from './storeTrouble';

const named = (name: string, inner?: unknown) => Object.assign(new Error('x'), { name, inner });

test.each([
  ['a newer version', named('VersionError'), /newer Jubbet/, /Load this page again/],
  [
    'a form from before the first release',
    named('OlderStoreError'),
    /before the first release/,
    /Export them/,
  ],
  ['a full disk', named('AbortError', named('QuotaExceededError')), /disk is full/, /Free some/],
  ['data cleared while open', named('DatabaseClosedError'), /no longer open/, /Load this/],
  [
    'a private window',
    named('OpenFailedError', named('UnknownError')),
    /can’t save data/,
    /ordinary/,
  ],
])('%s is told, with what to do', (_, error, title, todo) => {
  const trouble = storeTroubleOf(error);
  expect(trouble?.title).toMatch(title);
  expect(trouble?.todo).toMatch(todo);
});

test.each([
  [
    'inside what several writes wrap',
    { name: 'BulkError', failures: [named('QuotaExceededError')] },
  ],
  ['told in words alone', Object.assign(new Error('QuotaExceededError .'), { name: 'AbortError' })],
  ['as a cause', Object.assign(new Error('x'), { cause: named('QuotaExceededError') })],
])('a full disk is told, %s', (_, error) => {
  expect(errorText(error).reason).toMatch(/the disk is full.*save a backup/);
});

test('a ring of errors is no endless search', () => {
  const ring: Record<string, unknown> = { name: 'A' };
  ring['inner'] = ring;
  expect(storeTroubleOf(ring)).toBeNull();
});

test('what is not of the store is not blamed on it', () => {
  expect(storeTroubleOf(new TypeError('x is undefined'))).toBeNull();
  expect(storeTroubleOf(null)).toBeNull();
});
