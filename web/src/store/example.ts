import { asSettled, settleMade, workOut } from '@jubbet/core/drops';
import { fileOf } from '@jubbet/core/exchange';
import { shippedCatalog } from '@jubbet/core/catalog';
import { emptyRecipe, type Recipe } from '@jubbet/core/recipe';
import { madeOf, summaryOf, usageOf, type Taken } from '@jubbet/core/batch';
import {
  doneAt,
  dropAt,
  packLog,
  stepsOf,
  type BenchEvent,
  type LogEntry,
} from '@jubbet/core/making';

import type {
  BatchRecord,
  BlendRecord,
  BottleRecord,
  DraftRecord,
  EventRecord,
  ContainerRecord,
  MovementRecord,
} from './database';
import { daysBefore, exampleBlends, startOf } from './exampleBlends';
import { examplePlans } from './examplePlan';
import { exampleMoved } from './exampleIds';
import { recipientsOf, testsOf } from './exampleLife';
import { batchIdOf, makings, ownContainers } from './exampleMakings';
import { parts } from './exampleEntries';

/** Each batch was made of a draft; the prompt desk's first was another. */
const exampleDrafts = (
  blends: readonly BlendRecord[],
  batches: readonly BatchRecord[],
): DraftRecord[] =>
  batches.flatMap((batch) => {
    const blend = blends.find(({ id }) => id === batch.blendId);
    if (!blend) return [];
    const kept = (number: number, recipe: Recipe, rest: Partial<DraftRecord>): DraftRecord => ({
      id: `draft-${batch.blendId}-${number}`,
      blendId: batch.blendId,
      number,
      name: '',
      good: '',
      recipe,
      at: batch.startedAt,
      updatedAt: batch.startedAt,
      batchId: null,
      ...rest,
    });
    if (batch.blendId !== 'prompt-desk') {
      const alike = batches.filter(({ blendId }) => blendId === batch.blendId);
      return [kept(alike.indexOf(batch) + 1, blend.recipe, { batchId: batch.id })];
    }
    const louder = parts({ petitgrain: 2, 'ylang-ylang': 1, patchouli: 1 });
    return [
      kept(
        1,
        { ...blend.recipe, oils: louder, target: { percent: 2 } },
        {
          name: 'The loud one',
          good: 'The ylang lasts to the bows. Patchouli takes over after act one.',
        },
      ),
      kept(2, blend.recipe, { batchId: batch.id, name: 'Greener' }),
    ];
  });

/** A bottle of each material that was open on a day: the one opened first. */
const bottlesOn = (
  day: string,
  shelf: readonly BottleRecord[],
  entries: readonly { readonly id: string }[],
): BatchRecord['bottles'] =>
  Object.fromEntries(
    entries.flatMap(({ id: materialId }) => {
      const [found] = shelf
        .filter(
          ({ bottle: { materialId: of, openedOn, finishedOn } }) =>
            of === materialId &&
            openedOn !== null &&
            openedOn <= day &&
            (finishedOn === null || day < finishedOn),
        )
        .sort((a, b) => (a.bottle.openedOn ?? '').localeCompare(b.bottle.openedOn ?? ''));
      return found ? [[materialId, { id: found.id, lot: found.bottle.lot }]] : [];
    }),
  );

/** What a batch took, as it is in the ledgers. */
const movementsOf = (
  { id: batchId, number, startedAt: at }: BatchRecord,
  taken: readonly Taken[],
  shelf: readonly BottleRecord[],
): MovementRecord[] =>
  taken.flatMap(({ bottleId, ml, g }) => {
    const found = shelf.find(({ id }) => id === bottleId);
    if (!found) return [];
    const amount = Math.round(10_000 * (found.bottle.unit === 'ml' ? ml : g)) / 10_000;
    return [
      {
        id: `${exampleMoved}${batchId}-${found.id}`,
        bottleId: found.id,
        ...{ at, updatedAt: at },
        movement: { kind: 'used', batchId, batchNumber: number, amount },
      },
    ];
  });

/** What the example house has made of its blends, with the drops as they fell. */
const exampleBatches = (
  day: string,
  blends: readonly BlendRecord[],
  shelf: readonly BottleRecord[],
) => {
  const serials = new Map<string, number>();
  const made = makings.map((making) => {
    const recipe = blends.find(({ id }) => id === making.blend)?.recipe ?? emptyRecipe();
    const worked = workOut(shippedCatalog, recipe);
    if (worked.state !== 'done') throw new Error(`the example ${making.blend} does not work out`);
    const madeOn = daysBefore(day, making.daysAgo);
    const year = madeOn.slice(0, 4);
    const serial = (serials.get(year) ?? 0) + 1;
    serials.set(year, serial);
    const steps = stepsOf(worked.blend, worked.evaluation.mixture);
    const all = steps.flatMap((step): BenchEvent[] => {
      const fell =
        step.kind === 'count'
          ? step.drops + (step.oilId === making.extra && step.container === 0 ? 1 : 0)
          : 0;
      return [
        ...(step.kind === 'count'
          ? Array.from({ length: fell }, () => dropAt(step, { source: 'tap', bottleId: null }))
          : []),
        doneAt(step.id, 'tap'),
      ];
    });
    const events = all.slice(0, making.stopAfter ?? all.length);
    const finished = making.stopAfter === undefined;
    const at = startOf(madeOn);
    const log = events.map((event, n): LogEntry => ({ seq: n + 1, at, event }));
    const recipeMade = asSettled(recipe, worked.blend, worked.evaluation);
    const made = finished ? madeOf(settleMade(shippedCatalog, recipeMade), events) : null;
    const bottles = bottlesOn(madeOn, shelf, [...recipe.oils, ...recipe.bases]);
    const batch: BatchRecord = {
      id: batchIdOf(making),
      number: `${year}-${String(serial).padStart(3, '0')}`,
      blendId: making.blend,
      file: fileOf(recipeMade),
      targetPercent: recipe.target?.percent ?? null,
      verdict: worked.evaluation.verdict,
      personId: recipe.brief.personId,
      materials: [],
      analyses: {},
      bottles,
      reason: '',
      startedAt: at,
      finishedAt: finished ? at : null,
      updatedAt: at,
      made: made && summaryOf(made, madeOn, madeOn),
      log: finished ? packLog(log) : null,
      notToBeUsed: false,
      madeOn,
      notes: making.notes ?? '',
      review: making.review
        ? { mark: making.review[0], words: making.review[1], at: startOf(daysBefore(madeOn, -7)) }
        : null,
      deletedAt: null,
    };
    const taken = made ? usageOf(made, events, bottles) : [];
    return { batch, log: finished ? [] : log, taken };
  });

  const batches = made.map(({ batch }) => batch);
  return {
    batches,
    drafts: exampleDrafts(blends, batches),
    movements: made.flatMap(({ batch, taken }) => movementsOf(batch, taken, shelf)),
    recipients: recipientsOf(day),
    patchTests: testsOf(
      day,
      batches.map(({ id, number, file }) => ({ id, number, name: file.name })),
    ),
    benchEvents: made.flatMap(({ batch, log }) =>
      log.map((entry): EventRecord => ({ batchId: batch.id, ...entry })),
    ),
  };
};

/** The containers that the example house has measured. */
const exampleContainers = (day: string): ContainerRecord[] => {
  const at = startOf(daysBefore(day, 60));
  return ownContainers.map(({ id, ...container }) => ({
    id,
    container,
    createdAt: at,
    updatedAt: at,
    deletedAt: null,
  }));
};

/** All records of the example house, dated back from a day. */
export const exampleHouse = (day: string) => {
  const first = exampleBlends(day);
  return {
    ...first,
    ...exampleBatches(day, first.blends, first.bottles),
    materials: [],
    containers: exampleContainers(day),
    plans: examplePlans(day, startOf(daysBefore(day, 2))),
  };
};
