import { z } from 'zod';
import { id, times, within } from './fields';
import { recordKind, type RecordOf } from './recordKind';

/** Letters of a picture in Base64: about half a megabyte of JPEG. */
export const longestPhoto = 700_000;

/** Photographs of blends, batches and skin tests: small, and without what a camera writes into its files. */
export const photos = recordKind({
  table: 'photos',
  word: 'photograph',
  schema: () =>
    Promise.resolve(
      z.strictObject({
        id,
        photo: z.strictObject({
          of: z.strictObject({ kind: z.enum(['blend', 'batch', 'patch-test']), id }),
          /** JPEG in Base64. */
          jpeg: z.base64().min(100).max(longestPhoto),
          width: z.number().int().min(1).max(4000),
          height: z.number().int().min(1).max(4000),
          /** What the maker says of it. */
          words: z.string().max(200),
          /** True where the maker ticked that it goes into backups. */
          leaves: z.boolean(),
        }),
        ...times,
      }),
    ),
  indexes: 'id, photo.of.id',
  nameOf: (record) => within(record, 'photo', 'words'),
  leaves: ({ photo: { leaves } }) => leaves,
});

export type PhotoRecord = RecordOf<typeof photos>;
export type Photo = PhotoRecord['photo'];
/** What a photograph is of. */
export type PhotoOf = Photo['of'];
