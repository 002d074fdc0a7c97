import { formatISO } from 'date-fns';

/** The moment, for records. */
export const now = (): string => new Date().toISOString();

/** Today on the wall calendar, `2026-11-25`. */
export const today = (): string => formatISO(new Date(), { representation: 'date' });
