import type { z } from 'zod';
import { settingsSchema } from './settings';

/** Highest serials of batch numbers stand among the settings, by prefix and year. */
export const isSerialKey = (key: string): boolean => key.startsWith('serial/');

/** Why a setting of a file is not taken; null where it can be. */
export const isSetting = ({ key, value }: { key: string; value?: unknown }): string | null => {
  if (isSerialKey(key)) {
    return typeof value === 'number' && Number.isInteger(value) && value >= 0 && value < 1e7
      ? null
      : 'is not a serial number';
  }
  if (key === 'seeded') return null;
  const shape: Partial<Record<string, z.ZodType>> = settingsSchema.shape;
  if (!Object.hasOwn(shape, key)) return 'is not a setting that is known here';
  // A value that is not one falls back to the usual one, and is said.
  const read: unknown = shape[key]?.parse(value);
  return JSON.stringify(read) === JSON.stringify(value) ? null : 'has a value that cannot be';
};
