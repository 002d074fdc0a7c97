import { z } from 'zod';
import { id, times, within } from './fields';
import { recordKind, type RecordOf } from './recordKind';

/** Who got pieces of a batch. */
export const recipients = recordKind({
  table: 'recipients',
  word: 'recipient',
  schema: async () => {
    const { recipientSchema } = await import('./coreForms');
    return z.strictObject({ id, recipient: recipientSchema, ...times });
  },
  indexes: 'id, recipient.batchId, recipient.personId',
  nameOf: (record) => within(record, 'recipient', 'name'),
});

export type RecipientRecord = RecordOf<typeof recipients>;
