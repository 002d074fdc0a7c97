import { agrees, checkSource, libraryFigure, type FigureCheck } from '@jubbet/core/catalog';
import type { OwnMaterial } from '@jubbet/core/catalog';
import { db, type Database, type MaterialRecord } from './database';
import { materialsStore } from './materials';
import { now } from './now';

/** The figure of the maker's own that a check comes to where it says something else; null where none. */
const figureFrom = (check: FigureCheck): OwnMaterial | null => {
  const figure = libraryFigure(check.figureId);
  if (!figure || agrees(figure, check) || check.percent === 0) return null;
  if (figure.kind !== 'maximum' && figure.kind !== 'light') return null;
  return {
    kind: 'figure',
    id: `figure-${figure.subject}-${figure.kind}`,
    oilId: figure.subject,
    figure: figure.kind,
    value: check.percent,
    source: checkSource(check),
  };
};

/** Checks of the library's figures. */
export const figureChecksStore = (store: Database = db) => {
  const materials = materialsStore(store);
  const bringBack = (
    ids: readonly string[],
    before: readonly (MaterialRecord | undefined)[],
  ): Promise<void> =>
    store.transaction('rw', store.materials, async () => {
      for (const [n, id] of ids.entries()) {
        const record = before[n];
        if (record) await store.materials.put({ ...record, updatedAt: now() });
        else await materials.remove(id);
      }
    });
  return {
    list: async (): Promise<FigureCheck[]> =>
      (await materials.list()).flatMap(({ own }) => (own.kind === 'check' ? [own] : [])),
    /**
     * Writes a check down; one that says something else of an oil counts as the maker's own figure.
     *
     * @returns what takes it back
     */
    save: (check: FigureCheck): Promise<() => Promise<void>> =>
      store.transaction('rw', store.materials, async () => {
        const figure = figureFrom(check);
        const written = figure ? [check, figure] : [check];
        const ids = written.map(({ id }) => id);
        const before = await store.materials.bulkGet(ids);
        for (const own of written) await materials.put(own);
        return () => bringBack(ids, before);
      }),
    /**
     * Adds the checks of somebody else: of two by the same person the later stays. A figure that
     * they found to be lower counts, where the maker has none of their own.
     */
    addAll: (
      checks: readonly FigureCheck[],
    ): Promise<{ readonly added: number; readonly here: number }> =>
      store.transaction('rw', store.materials, async () => {
        let added = 0;
        for (const check of checks) {
          const before = await store.materials.get(check.id);
          const own = before?.deletedAt === null ? before.own : undefined;
          if (own?.kind === 'check' && own.checkedOn >= check.checkedOn) continue;
          await materials.put(check);
          added += 1;
          const figure = figureFrom(check);
          const library = libraryFigure(check.figureId)?.percent ?? 0;
          if (figure && check.percent < library) await materials.addOnce(figure);
        }
        return { added, here: checks.length - added };
      }),
  };
};

export const figureChecks = figureChecksStore();
