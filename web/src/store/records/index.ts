import { batches } from './batches';
import { benchEvents } from './benchEvents';
import { blends } from './blends';
import { bottles } from './bottles';
import { containers } from './containers';
import { drafts } from './drafts';
import { materials } from './materials';
import { movements } from './movements';
import { patchTests } from './patchTests';
import { people } from './people';
import { photos } from './photos';
import { recipients } from './recipients';
import { plans } from './plans';
import { settings } from './settings';
import type { RecordKind, RecordOf } from './recordKind';
import type { z } from 'zod';

/** Every kind of record that the house keeps. Materials come first: all others speak of them. */
const records = {
  materials,
  blends,
  people,
  bottles,
  containers,
  batches,
  drafts,
  benchEvents,
  movements,
  recipients,
  patchTests,
  photos,
  plans,
  settings,
} as const;

export type Table = keyof typeof records;

/** In the order in which they are read. */
export const tables = Object.keys(records) as readonly Table[];

/** A kind of record, whichever it is: of its records nothing is known but that they are its own. */
export const kindOf = (table: Table): RecordKind<Table> =>
  records[table] as unknown as RecordKind<Table>;

/** Everything that the house holds, table by table. */
export type House = {
  [T in Table]: RecordOf<(typeof records)[T]>[];
};

/** The forms of all kinds of record. */
export type Forms = Readonly<Record<Table, z.ZodType>>;

export const formsOfAll = async (): Promise<Forms> =>
  Object.fromEntries(
    await Promise.all(
      tables.map(async (table): Promise<[Table, z.ZodType]> => [
        table,
        await kindOf(table).schema(),
      ]),
    ),
  ) as unknown as Forms;
