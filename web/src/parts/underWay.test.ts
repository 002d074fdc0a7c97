// @vitest-environment jsdom
import { expect, test } from 'vitest';
import { underWay } from './underWay';

/** Whether closing the page would ask first. */
const asks = (): boolean => {
  const event = new Event('beforeunload', { cancelable: true });
  window.dispatchEvent(event);
  return event.defaultPrevented;
};

const begin = () => {
  let done: (error?: Error) => void = () => undefined;
  const work = underWay(
    () =>
      new Promise<void>((fine, failed) => {
        done = (error) => (error ? failed(error) : fine());
      }),
  );
  return { work, done: (error?: Error) => done(error) };
};

test('until the last write is on the disk the page is busy, and closing it asks', async () => {
  expect(asks()).toBe(false);
  const entry = begin();
  const other = begin();
  expect(document.body.ariaBusy).toBe('true');
  expect(asks()).toBe(true);
  entry.done();
  await entry.work;
  expect(asks()).toBe(true);
  other.done();
  await other.work;
  expect(document.body.ariaBusy).toBe('false');
  expect(asks()).toBe(false);
});

test('what fails is over too, and its fault comes through', async () => {
  const entry = begin();
  entry.done(new Error('the disk is full'));
  await expect(entry.work).rejects.toThrow('the disk is full');
  expect(asks()).toBe(false);
});
