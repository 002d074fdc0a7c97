import { CodedError } from '@jubbet/core/words';
import { expect, test } from 'vitest';
import { StoreError } from '../store/storeError';
import { errorText } from './errorText';

const wrapped = (name: string, inner: unknown) => Object.assign(new Error('x'), { name, inner });

test.each([
  [
    'a full disk',
    new DOMException('x', 'QuotaExceededError'),
    'the disk is full (save a backup in Settings, then delete photographs or free some space)',
  ],
  [
    'a full disk, as the store wraps it',
    wrapped('AbortError', new DOMException('x', 'QuotaExceededError')),
    'the disk is full (save a backup in Settings, then delete photographs or free some space)',
  ],
  [
    'data closed under the page',
    new DOMException('x', 'DatabaseClosedError'),
    'the data were closed; load the page again',
  ],
  [
    'a refusal of the store',
    new StoreError('deleted', { record: 'batch' }),
    'this batch has been deleted',
  ],
  [
    'a refusal that comes from a worker',
    Object.assign(new Error(), {
      name: 'CodedError',
      message: new CodedError('reading-too-early', { hours: 24 }).message,
    }),
    'it is too early for the reading after 24 hours',
  ],
])('%s has a reason, and no details', (_, error, reason) => {
  expect(errorText(error)).toEqual({ reason, details: null });
});

test.each([
  [new TypeError('x.y is undefined'), 'TypeError: x.y is undefined'],
  ['thrown as text', 'thrown as text'],
  [null, 'null'],
])('what nobody foresaw is one sentence, with its details apart: %o', (error, details) => {
  expect(errorText(error)).toEqual({
    reason: 'something went wrong that Jubbet did not expect',
    details,
  });
});
