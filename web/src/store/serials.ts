import { nextBatchNumber, serialOf } from '@jubbet/core/batch';
import type { Day } from '@jubbet/core/quantity';
import type { Database } from './database';

/** Serials given so far, by prefix and year: a number that was on a label never comes again. */
const serialKey = (prefix: string, year: number): string => `serial/${prefix}${year}`;

const isSerial = (value: unknown): value is number =>
  typeof value === 'number' && Number.isSafeInteger(value) && value >= 0 && value < 10_000_000;

/** The next number of a batch, `2026-017`, within a transaction of the caller's. */
export const takeNumber = async (store: Database, prefix: string, madeOn: Day): Promise<string> => {
  const year = Number(madeOn.slice(0, 4));
  const key = serialKey(prefix, year);
  const last: unknown = (await store.settings.get(key))?.value;
  const taken = (await store.batches.where('number').startsWith(`${prefix}${year}-`).keys()).map(
    String,
  );
  const number = nextBatchNumber(year, taken, prefix, isSerial(last) ? last : 0);
  await store.settings.put({ key, value: serialOf(number, year, prefix) });
  return number;
};

/** Before the numbers of practice: they are none of the year's. */
const practicePrefix = 'PRACTICE-';

/**
 * A number of practice in place of one of the year, which goes to the next batch where it was the
 * last. Within a transaction of the caller's.
 */
export const takePracticeNumber = async (
  store: Database,
  number: string,
  madeOn: Day,
): Promise<string> => {
  if (number.startsWith(practicePrefix)) return number;
  const year = Number(madeOn.slice(0, 4));
  const prefix = number.slice(0, Math.max(0, number.lastIndexOf(`${year}-`)));
  const key = serialKey(prefix, year);
  const serial = serialOf(number, year, prefix);
  const last: unknown = (await store.settings.get(key))?.value;
  if (serial > 0 && last === serial) await store.settings.put({ key, value: serial - 1 });
  return takeNumber(store, practicePrefix, madeOn);
};
