import type { SpoonCountry } from '@jubbet/core/quantity';
import { guidelineSchema } from '@jubbet/core/recipe';
import { z } from 'zod';
import { db, type Database } from './database';

/** Kinds of container whose label is remembered: more than there are. */
const mostLabelSizes = 100;

/** Of which countries there are spoons: named here, so that the first page does not fetch them. */
const spoonCountries = [
  'metric',
  'us',
  'imperial',
  'australian',
] as const satisfies readonly SpoonCountry[];

/** A text that was pasted is kept up to so many letters. */
export const longestKept = 20_000;

/** What the house is set to; every value has a usual one. */
export const settingsSchema = z.object({
  maker: z.string().max(120).catch(''),
  /** How new blends start: the size of a drop by its name, and the guideline. */
  dropSize: z.enum(['leaflet', 'pharmacy', 'middle', 'insert', 'fine']).catch('pharmacy'),
  guideline: guidelineSchema.catch('clinical'),
  /** Whose spoons, cups and fluid ounces are meant; asked about until someone has said. */
  spoons: z.enum(['ask', ...spoonCountries]).catch('ask'),
  /** Degrees as they are shown, and whether fluid ounces and ounces are beside ml and g. */
  degrees: z.enum(['celsius', 'fahrenheit']).catch('celsius'),
  ounces: z.boolean().catch(false),
  /** Single keys act on screens; off for those who speak to their machine. */
  singleKeys: z.boolean().catch(true),
  /** How the maker works at the bench: what goes in first, and bottle by bottle or in rounds. */
  benchFirst: z.enum(['oils', 'carrier']).catch('oils'),
  benchRounds: z.boolean().catch(false),
  /** What is received when a drop is counted. */
  aloud: z.enum(['off', 'click', 'number']).catch('off'),
  /** How warm the room is in which melts cool, in °C. */
  roomC: z.number().min(0).max(45).catch(21),
  /** Whom to call where the maker lives. */
  emergencyNumber: z.string().max(60).catch(''),
  poisonNumber: z.string().max(60).catch(''),
  /** Labels of each kind of container as they were last printed. */
  labelSizes: z
    .record(
      z.string().max(80),
      z.object({ width: z.number().min(20).max(280), height: z.number().min(15).max(200) }),
    )
    .refine((sizes) => Object.keys(sizes).length <= mostLabelSizes)
    .catch({}),
  /** A4, Letter, single, or the id of a sheet of labels that is sold. */
  labelPaper: z
    .string()
    .regex(/^[\w-]{1,20}$/)
    .catch('A4'),
  /** Whose name is on labels was asked once, whatever the answer. */
  makerAsked: z.boolean().catch(false),
  labelNames: z.enum(['common', 'botanical']).catch('common'),
  /** The recipe that was pasted last, to be read over. */
  readText: z.string().max(longestKept).catch(''),
  /** The maker's own money, as a sign or a code. */
  currency: z.string().max(8).catch('£'),
  /** What a container of a kind and size, and a label, cost; null where no one has said. */
  containerPrices: z
    .record(z.string().max(80), z.number().min(0).max(10_000))
    .refine((prices) => Object.keys(prices).length <= mostLabelSizes)
    .catch({}),
  labelPrice: z.number().min(0).max(10_000).nullable().catch(null),
  /** How much of each price stays, in percent of it; null where no one has said. */
  marginPercent: z.number().min(0).max(95).nullable().catch(null),
  /** Who answers for what is sold, with an address, as it is on packs. */
  responsible: z.string().max(300).catch(''),
  /** What is in the basket already, by material and unit. */
  shoppingTicked: z.array(z.string().max(200)).max(500).catch([]),
  /** Light or dark, or as the system has it. */
  scheme: z.enum(['system', 'light', 'dark']).catch('system'),
  /** What the maker has unfolded, by what it is of: it stays so. */
  unfolded: z.array(z.string().max(60)).max(100).catch([]),
  /** Comes before the year in batch numbers. */
  batchPrefix: z.string().max(8).catch(''),
  /** When all data last went out to a file; null for never. */
  lastExport: z.iso.datetime().nullable().catch(null),
  seeded: z.boolean().catch(false),
  /** The example house is here: the book says so. */
  exampleHere: z.boolean().catch(false),
  /** The first offer, of the example house or an empty one, was answered. */
  welcomed: z.boolean().catch(false),
  /** When the house was first opened here. */
  openedAt: z.iso.datetime().nullable().catch(null),
});

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
