import 'fake-indexeddb/auto';
import { benchEventSchema, type BenchEvent } from '@jubbet/core/making';
import { expect, test } from 'vitest';
import { z } from 'zod';
import { batchStore } from './batches';
import { openDatabase } from './database';
import { fileOfHouse, writtenHouse } from './houseFile.testing';
import { seedOnce } from './seed.testing';

type Schema = z.core.JSONSchema.BaseSchema;

/** The least or the most that a form takes, field by field. */
const extreme = (schema: Schema, end: 'least' | 'most'): unknown => {
  if (schema.const !== undefined) return schema.const;
  if (schema.enum) return schema.enum[end === 'least' ? 0 : schema.enum.length - 1];
  const either = (schema.anyOf ?? schema.oneOf)?.filter(
    (part) => end === 'least' || part.type !== 'null',
  );
  if (either) return extreme(either[end === 'least' ? 0 : either.length - 1] as Schema, end);
  const types = [schema.type].flat();
  switch (types[end === 'least' ? types.length - 1 : 0]) {
    case 'null':
      return null;
    case 'boolean':
      return end === 'most';
    case 'integer':
    case 'number': {
      const above = schema.exclusiveMinimum;
      const least = schema.minimum ?? (typeof above === 'number' ? above + 1e-9 : 0);
      return end === 'least' ? least : (schema.maximum ?? least);
    }
    case 'string':
      if (schema.format === 'date-time') return '2026-11-26T10:00:00.000Z';
      return 'x'.repeat(end === 'least' ? (schema.minLength ?? 0) : (schema.maxLength ?? 1));
    case 'array': {
      const length = end === 'least' ? (schema.minItems ?? 0) : Math.min(3, schema.maxItems ?? 3);
      return Array.from({ length }, () => extreme(schema.items as Schema, end));
    }
    default: {
      const required = new Set(schema.required ?? []);
      return Object.fromEntries(
        Object.entries(schema.properties ?? {})
          .filter(([name]) => end === 'most' || required.has(name))
          .map(([name, part]) => [name, extreme(part as Schema, end)]),
      );
    }
  }
};

const kinds =
  z.toJSONSchema(benchEventSchema).oneOf ?? z.toJSONSchema(benchEventSchema).anyOf ?? [];

const atBounds: BenchEvent[] = kinds.flatMap((kind) =>
  (['least', 'most'] as const).map((end) => benchEventSchema.parse(extreme(kind, end))),
);

test('whatever a bench can record, at the bounds of every field, is read back from a backup', async () => {
  expect(new Set(atBounds.map(({ kind }) => kind)).size).toBe(kinds.length);
  const db = openDatabase('bounds');
  await seedOnce(db, '2026-11-26');
  const [open] = await batchStore(db).openIds();
  const before = await db.benchEvents.where('batchId').equals(open!).count();
  await db.benchEvents.bulkAdd(
    atBounds.map((event, n) => ({
      batchId: open!,
      seq: before + n + 1,
      at: '2026-11-26T10:00:00.000Z',
      event,
    })),
  );
  const file = await fileOfHouse(db, await writtenHouse(db));
  const back = file.house.benchEvents.filter(({ batchId }) => batchId === open);
  expect(back.slice(before).map(({ event }) => event)).toEqual(atBounds);
});
