import type { RecordProblem } from '@jubbet/core/words';
import type { z } from 'zod';
import { settingsSchema } from './settings';

/** Highest serials of batch numbers are among the settings, by prefix and year. */
export const isSerialKey = (key: string): boolean => key.startsWith('serial/');

/** Why a setting of a file can't be imported; null where it can. */
export const settingProblem = ({
  key,
  value,
}: {
  key: string;
  value?: unknown;
}): RecordProblem | null => {
  const bad = (why: 'serial' | 'unknown' | 'value'): RecordProblem => ({
    code: 'bad-setting',
    why,
  });
  if (isSerialKey(key)) {
    return typeof value === 'number' && Number.isInteger(value) && value >= 0 && value < 1e7
      ? null
      : bad('serial');
  }
  if (key === 'seeded') return null;
  const shape: Partial<Record<string, z.ZodType>> = settingsSchema.shape;
  if (!Object.hasOwn(shape, key)) return bad('unknown');
  // A value that is none falls back to the default, and is reported.
  const read: unknown = shape[key]?.parse(value);
  return JSON.stringify(read) === JSON.stringify(value) ? null : bad('value');
};
