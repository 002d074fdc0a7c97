import { z } from 'zod';
import { id, times, within } from './fields';
import { noLifts, recordKind, type RecordOf } from './recordKind';

/** Letters of a picture in Base64: about half a megabyte of JPEG. */
export const longestPhoto = 700_000;

/** What a photograph is of. */
const photoOf = z.strictObject({
  kind: z.enum(['blend', 'batch', 'patch-test']),
  id,
});

/** A photograph, small and without what a camera writes into its files. */
const photo = z.strictObject({
  of: photoOf,
  /** JPEG in Base64, no line breaks. */
  jpeg: z
    .string()
    .min(100)
    .max(longestPhoto)
    .regex(/^[A-Za-z0-9+/]+=*$/),
  width: z.number().int().min(1).max(4000),
  height: z.number().int().min(1).max(4000),
  /** What the maker says of it. */
  words: z.string().max(200),
  /** True where the maker ticked that it goes into the house file. */
  leaves: z.boolean(),
});

/** Photographs of blends, batches and skin tests. */
export const photos = recordKind({
  table: 'photos',
  word: 'photograph',
  schema: () => Promise.resolve(z.strictObject({ id, photo, ...times })),
  indexes: 'id, photo.of.id',
  since: 13,
  lifts: noLifts,
  nameOf: (record) => within(record, 'photo', 'words'),
  leaves: ({ photo: { leaves } }) => leaves,
});

export type PhotoRecord = RecordOf<typeof photos>;
export type Photo = z.infer<typeof photo>;
export type PhotoOf = z.infer<typeof photoOf>;
