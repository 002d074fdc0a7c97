import { z } from 'zod';

export const moment = z.iso.datetime();
export const id = z.string().min(1).max(100);

/** Counts that a file may hold: whatever they were, they are made again. */
export const count = z.number().int().min(1);

/** What every kept record has beside what it is of. */
export const times = {
  createdAt: moment,
  updatedAt: moment,
  /** Null while it is in the house; what is taken away stays for a while. */
  deletedAt: moment.nullable(),
};

export interface StoredRecord {
  id: string;
  createdAt: string;
  updatedAt: string;
  deletedAt: string | null;
}

type Fields = Readonly<Record<string, unknown>>;

export const isObject = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A field of a field, of whatever a file holds. */
export const within = (record: Fields, ...path: readonly string[]): unknown =>
  path.reduce<unknown>((value, key) => (isObject(value) ? value[key] : undefined), record);
