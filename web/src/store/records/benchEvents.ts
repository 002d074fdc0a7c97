import { id } from './fields';
import { recordKind, type RecordOf } from './recordKind';

/** What happened at the bench of a batch that is not finished. Only ever added to. */
export const benchEvents = recordKind({
  table: 'benchEvents',
  word: 'bench entry',
  schema: async () => {
    const { logEntrySchema } = await import('./coreForms');
    return logEntrySchema.extend({ batchId: id });
  },
  indexes: '[batchId+seq]',
  nameOf: () => undefined,
});

export type EventRecord = RecordOf<typeof benchEvents>;
