import { guidelineSchema } from '@jubbet/core/recipe';
import { z } from 'zod';
import { db, type Database } from './database';

/** What the house is set to; every value has a usual one. */
const settingsSchema = z.object({
  maker: z.string().max(120).catch(''),
  /** How new blends start: the size of a drop by its name, and the guideline. */
  dropSchool: z.enum(['leaflet', 'pharmacy', 'middle', 'insert', 'fine']).catch('pharmacy'),
  school: guidelineSchema.catch('clinical'),
  /** Whose spoons, cups and fluid ounces are meant. */
  spoons: z.enum(['metric', 'us', 'imperial', 'australian']).catch('metric'),
  /** Single keys act on screens; off for those who speak to their machine. */
  singleKeys: z.boolean().catch(true),
  /** Stands before the year in batch numbers. */
  batchPrefix: z.string().max(8).catch(''),
  /** When all data last went out to a file; null for never. */
  lastExport: z.iso.datetime().nullable().catch(null),
  seeded: z.boolean().catch(false),
  /** The first offer, of the example house or an empty one, was answered. */
  welcomed: z.boolean().catch(false),
  /** When the house was first opened here. */
  openedAt: z.iso.datetime().nullable().catch(null),
});

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

export type Settings = z.infer<typeof settingsSchema>;

export const settingsStore = (store: Database = db) => ({
  read: async (): Promise<Settings> => {
    const rows = await store.settings.toArray();
    return settingsSchema.parse(Object.fromEntries(rows.map(({ key, value }) => [key, value])));
  },
  write: async <K extends keyof Settings>(key: K, value: Settings[K]): Promise<void> => {
    await store.settings.put({ key, value });
  },
});

export const settings = settingsStore();
