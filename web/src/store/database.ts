import type { BenchEvent } from '@jubbet/core/making';
import type { Recipe } from '@jubbet/core/recipe';
import type { BlendFile } from '@jubbet/core/exchange';
import type { Bottle } from '@jubbet/core/stock';
import type { MadeSummary } from '@jubbet/core/batch';
import type { OwnMaterial, OwnContainer } from '@jubbet/core/catalog';
import type { Person } from '@jubbet/core/brief';
import type { Verdict } from '@jubbet/core/limits';
import { Dexie, type EntityTable } from 'dexie';
import type { Kept } from './keptRecords';
import { batchOfItsOwn, bottleWithUnit, houseWithUnits, withBatchesOfTheirOwn } from './olderForms';
import { batchInTerms, houseInTerms, personInTerms, recordWithRecipe } from './olderRecipes';

/** A blend in the book. What is deleted stays for a while, so that it can be brought back. */
export interface BlendRecord {
  id: string;
  recipe: Recipe;
  /** Counts up with every write, so that a tab can tell that another wrote in between. */
  revision: number;
  createdAt: string;
  updatedAt: string;
  /** Null while it is in the book. */
  deletedAt: string | null;
}

/** One making of a blend. The blend is a copy: later changes to it do not reach here. */
export interface BatchRecord {
  id: string;
  /** `2026-017`. */
  number: string;
  blendId: string;
  /** With whole drops: parts are settled. */
  file: BlendFile;
  /** Essential oil that was asked for, in percent; null where only drops were. */
  askedPercent: number | null;
  /** What was said of the plan when it was begun; null of a plan without oils. */
  verdict: Verdict | null;
  /** Who in the house it was for, where somebody was. */
  personId: string | null;
  /** Materials and figures of the house's own that are in it, as they were. */
  materials: OwnMaterial[];
  /** What laboratories had found of the bottles it was made from, by id of the oil. */
  analyses: Record<string, NonNullable<Bottle['analysis']>>;
  /** What the maker wrote before going past a soft limit; empty where none was passed. */
  reason: string;
  startedAt: string;
  finishedAt: string | null;
  /** What came of it, from what was counted; null until it is finished. */
  made: MadeSummary | null;
  /** Finished as not to be used: its label says that, and nothing else. */
  notToBeUsed: boolean;
  /** Day of making, as on the label. */
  madeOn: string;
  notes: string;
  /** Null while it is in the log. What is deleted stays, so that its number never comes again. */
  deletedAt: string | null;
}

/** A blend as it was when it was made, or when the maker kept it. */
export interface DraftRecord {
  id: string;
  blendId: string;
  /** Counts up from 1 within a blend. */
  number: number;
  name: string;
  /** What was good about it, in the maker's words. */
  good: string;
  recipe: Recipe;
  at: string;
  /** The batch that was made of it; null where it was kept without one. */
  batchId: string | null;
}

/** Somebody in the house. */
export interface PersonRecord extends Kept {
  person: Person;
}

/** A material or a figure of the house's own. */
export interface MaterialRecord extends Kept {
  own: OwnMaterial;
}

/** A bottle on the shelf. */
export interface BottleRecord extends Kept {
  bottle: Bottle;
}

/** A container of the house's own. */
export interface ContainerRecord extends Kept {
  vessel: OwnContainer;
}

/** All data as it was before something large was done to it. */
interface SnapshotRecord {
  id: string;
  at: string;
  why: string;
  house: House;
}

/** Everything that the house holds, table by table. */
export interface House {
  blends: BlendRecord[];
  batches: BatchRecord[];
  events: EventRecord[];
  people: PersonRecord[];
  drafts: DraftRecord[];
  materials: MaterialRecord[];
  bottles: BottleRecord[];
  vessels: ContainerRecord[];
  settings: SettingRecord[];
}

/** What happened at the bench, in order. Only ever added to. */
export interface EventRecord {
  seq: number;
  batchId: string;
  at: string;
  event: BenchEvent;
}

interface SettingRecord {
  key: string;
  value: unknown;
}

export type Database = Dexie & {
  blends: EntityTable<BlendRecord, 'id'>;
  batches: EntityTable<BatchRecord, 'id'>;
  events: EntityTable<EventRecord, 'seq'>;
  settings: EntityTable<SettingRecord, 'key'>;
  people: EntityTable<PersonRecord, 'id'>;
  drafts: EntityTable<DraftRecord, 'id'>;
  materials: EntityTable<MaterialRecord, 'id'>;
  bottles: EntityTable<BottleRecord, 'id'>;
  vessels: EntityTable<ContainerRecord, 'id'>;
  snapshots: EntityTable<SnapshotRecord, 'id'>;
};

/** What records of older versions had in place of a recipe. */
interface WithDraft {
  draft: { brief: { personId: string | null; forSale: boolean } };
}

/** All data of a snapshot before its materials and bottles were in it. */
interface OlderHouse {
  blends: WithDraft[];
  drafts: WithDraft[];
  materials: unknown[];
  bottles: unknown[];
}

/** Opens the store. Each change of form is a version of its own, and is tested on the older form. */
export const openDatabase = (name = 'jubbet'): Database => {
  // Strict: a drop that the screen shows is on the disk, not only on its way there.
  const db = new Dexie(name, { chromeTransactionDurability: 'strict' }) as Database;
  db.version(1).stores({
    blends: 'id, updatedAt',
    batches: 'id, &number, blendId, startedAt',
    events: '++seq, batchId',
    settings: 'key',
  });
  // Blends learn to count their writes.
  db.version(2).upgrade((transaction) =>
    transaction
      .table<BlendRecord>('blends')
      .toCollection()
      .modify((blend) => {
        blend.revision = 1;
      }),
  );
  // People move in; a blend may be for one of them. Large acts leave a way back.
  db.version(3)
    .stores({ people: 'id', snapshots: 'id' })
    .upgrade((transaction) =>
      transaction
        .table<WithDraft>('blends')
        .toCollection()
        .modify((blend) => {
          blend.draft.brief.personId = null;
        }),
    );
  // Drafts: a blend as it was each time it was made.
  db.version(4).stores({ drafts: 'id, blendId' });
  // Materials of one's own, and a shelf. A blend says whether it is for sale.
  db.version(5)
    .stores({ materials: 'id', bottles: 'id' })
    .upgrade(async (transaction) => {
      const notForSale = ({ draft }: WithDraft): void => {
        draft.brief.forSale = false;
      };
      await transaction.table<WithDraft>('blends').toCollection().modify(notForSale);
      await transaction.table<WithDraft>('drafts').toCollection().modify(notForSale);
      await transaction
        .table<{ house: OlderHouse }>('snapshots')
        .toCollection()
        .modify(({ house }) => {
          house.blends.forEach(notForSale);
          house.drafts.forEach(notForSale);
          house.materials = [];
          house.bottles = [];
        });
    });
  // Bottles say whether they are measured in ml or in g. Vessels of one's own.
  db.version(6)
    .stores({ vessels: 'id' })
    .upgrade(async (transaction) => {
      await transaction
        .table<BottleRecord>('bottles')
        .toCollection()
        .modify((record, context: { value: unknown }) => {
          context.value = bottleWithUnit(record);
        });
      await transaction
        .table<SnapshotRecord>('snapshots')
        .toCollection()
        .modify((snapshot) => {
          snapshot.house = { ...(houseWithUnits(snapshot.house) as House), vessels: [] };
        });
    });
  // A batch carries what it was made of, what came of it, and whether it may be used. What is
  // deleted stays as a stone.
  db.version(7).upgrade(async (transaction) => {
    const materials: unknown[] = await transaction.table('materials').toArray();
    const drafts: unknown[] = await transaction.table('drafts').toArray();
    const ofItsOwn = batchOfItsOwn(materials, drafts);
    await transaction
      .table<BatchRecord>('batches')
      .toCollection()
      .modify((record, context: { value: unknown }) => {
        context.value = ofItsOwn(record);
      });
    await transaction
      .table<SnapshotRecord>('snapshots')
      .toCollection()
      .modify((snapshot) => {
        snapshot.house = withBatchesOfTheirOwn(snapshot.house) as House;
      });
  });
  // A blend holds a recipe, and the terms are the field's: breastfeeding, within, caution.
  db.version(8).upgrade(async (transaction) => {
    const lift = async (table: string, to: (record: unknown) => unknown): Promise<void> => {
      await transaction
        .table(table)
        .toCollection()
        .modify((record, context: { value: unknown }) => {
          context.value = to(record);
        });
    };
    await lift('blends', recordWithRecipe);
    await lift('drafts', recordWithRecipe);
    await lift('people', personInTerms);
    await lift('batches', batchInTerms);
    await transaction
      .table<SnapshotRecord>('snapshots')
      .toCollection()
      .modify((snapshot) => {
        snapshot.house = houseInTerms(snapshot.house) as House;
      });
  });
  return db;
};

export const db = openDatabase();
