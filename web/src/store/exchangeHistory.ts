import { z } from 'zod';
import type { Database } from './database';
import type { Head } from './houseZip';
import { moment } from './records/fields';
import { newId } from './newId';

// Which house this is, and what it has read of others: so that two houses can tell what was changed
// in which of them since they last met.

const readFromSchema = z.record(z.string().max(100), moment).catch({});

/** This house, for the files that leave it. Called within a transaction that writes settings. */
export const thisHouse = async (store: Database): Promise<Head['from']> => {
  const known: unknown = (await store.settings.get('houseId'))?.value;
  const readFrom: unknown = (await store.settings.get('readFrom'))?.value;
  const house = typeof known === 'string' && known !== '' ? known : newId();
  if (house !== known) await store.settings.put({ key: 'houseId', value: house });
  return { house, readFrom: readFromSchema.parse(readFrom ?? {}) };
};

const later = (a: string, b: string): string => (a > b ? a : b);

/** How far two houses know each other. */
export interface SharedHistory {
  /** When they last had the same; empty where they never met. */
  readonly met: string;
  /** Which of them has read the other last: what it kept of both was settled there. */
  readonly settled: 'ours' | 'theirs';
}

export const sharedHistory = (here: Head['from'], from: Head['from'] | null): SharedHistory => {
  const theyRead = from?.readFrom[here.house] ?? '';
  const weRead = from ? (here.readFrom[from.house] ?? '') : '';
  return {
    met: later(theyRead, weRead),
    settled: theyRead > weRead ? 'theirs' : 'ours',
  };
};

/** Remembers that a file was read, and all that had been read into its house. */
export const rememberExchange = async (
  store: Database,
  here: Head['from'],
  from: Head['from'],
  savedAt: string,
): Promise<void> => {
  const readFrom = { ...here.readFrom };
  for (const [house, at] of [...Object.entries(from.readFrom), [from.house, savedAt] as const]) {
    if (house !== here.house) readFrom[house] = later(readFrom[house] ?? '', at);
  }
  await store.settings.put({ key: 'readFrom', value: readFrom });
};
