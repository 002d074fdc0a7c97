import type { Catalog } from '@jubbet/core/catalog';
import { botanicalOf, materialFinder, nameIn, type MaterialFinder } from '@jubbet/core/catalog';
import { nameOrNone, verdictWords, wearerWords } from '@jubbet/core/words';
import type { ShelvedRecord } from './bottles';
import type { BatchRecord } from './database';
import { plannedRecipe } from './madeBlend';
import { trailOf } from './trail';

/** The columns of the log as a table. */
export const logFields = [
  ...[
    'batch',
    'blend',
    'for',
    'made',
    'containers planned',
    'weakest %',
    'strongest %',
    'best before',
  ],
  ...['verdict', 'lots', 'notes'],
];

const rounded = (value: number): number => Math.round(1000 * value) / 1000;

/** One batch as a line of that table: what came of it, never what was planned of its strength. */
export const logRow = (catalog: Catalog, batch: BatchRecord): (string | number)[] => {
  const { made } = batch;
  const { brief, containers } = plannedRecipe(batch);
  const [weakest, strongest] = made?.percent ?? [null, null];
  const verdict =
    batch.notToBeUsed || made?.blocking
      ? 'do not use'
      : made === null
        ? batch.finishedAt === null
          ? 'on the bench'
          : 'not judged yet'
        : verdictWords(made.verdict);
  return [
    batch.number,
    nameOrNone(batch.file.name),
    wearerWords(brief.wearer ?? 'anyone'),
    batch.madeOn,
    containers.reduce((total, { count }) => total + count, 0),
    weakest === null ? '' : rounded(weakest),
    strongest === null ? '' : rounded(strongest),
    made?.bestBefore ?? '',
    verdict,
    trailOf(batch)
      .from.flatMap(({ materialId, lot }) => (lot ? [`${nameIn(catalog, materialId)} ${lot}`] : []))
      .join('; '),
    batch.notes,
  ];
};

/** What a material is called where it can be told from all others: `Lavender` may be several. */
const nameAlone = (catalog: Catalog, { named }: MaterialFinder, id: string): string => {
  const material = catalog.oil(id) ?? catalog.base(id);
  if (!material) return nameIn(catalog, id);
  const isAlone = (name: string): boolean => {
    const { oils, bases } = named(name);
    return oils.length + bases.length === 1;
  };
  return [material.name, botanicalOf(material)].find(isAlone) ?? material.name;
};

/** The columns of the shelf as a table: the same that can be imported again. */
export const shelfFields = [
  ...['material', 'size', 'unit', 'left', 'lot', 'supplier', 'bought', 'opened', 'best before'],
  'price',
];

/** Bottles as lines of that table, each with what is left of it by its ledger. */
export const shelfRows = (
  catalog: Catalog,
  records: readonly ShelvedRecord[],
): (string | number)[][] => {
  const finder = materialFinder(catalog);
  return records.map(({ bottle }) => [
    nameAlone(catalog, finder, bottle.materialId),
    bottle.size,
    bottle.unit,
    rounded(bottle.left),
    bottle.lot,
    bottle.supplier,
    bottle.boughtOn ?? '',
    bottle.openedOn ?? '',
    bottle.printedDate ?? '',
    bottle.price ?? '',
  ]);
};
