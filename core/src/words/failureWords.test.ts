import { expect, test } from 'vitest';
import { CodedError } from './codedError';
import { failureOf, failureWords } from './failureWords';

test('an error by code is a clause with its facts', () => {
  expect(failureWords(new CodedError('deleted', { record: 'patch test' }))).toBe(
    'this patch test has been deleted',
  );
  expect(failureWords(new CodedError('too-many-photographs', { of: 'house', most: 500 }))).toBe(
    '500 photographs are stored already; delete some first',
  );
});

test('code and facts survive where an error keeps nothing but its message', () => {
  const { message } = new CodedError('letters-missing', { letters: 'ж and space' });
  expect(failureOf(new Error(message))).toEqual({
    code: 'letters-missing',
    params: { letters: 'ж and space' },
  });
});

test.each([
  ['any other error', new TypeError('x is undefined')],
  ['a code without facts', new Error('deleted')],
  ['a name that every object has', new Error('constructor {}')],
  ['what is no error', 'deleted {}'],
])('%s stands for no failure', (_, error) => {
  expect(failureOf(error)).toBeNull();
});
