import type { BenchEvent } from '@jubbet/core/making';

/** What may be said of a batch that is finished: each with its reason. */
const amendments: ReadonlySet<BenchEvent['kind']> = new Set([
  'moved',
  'filled',
  'amended',
  'corrected',
  'came-out',
]);

/** True where an event may come after the end. */
export const isAmendment = (event: BenchEvent): boolean =>
  amendments.has(event.kind) && (event.kind !== 'came-out' || event.words.trim() !== '');
