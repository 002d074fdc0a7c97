import type { House } from './database';
import { exampleMaker } from './exampleBlends';
import { exampleIds, exampleNotes } from './exampleIds';

/** The same house without what the example put in and nobody has touched. */
export const withoutExample = (here: House): House => {
  const isExample = (record: { readonly id: string }) => exampleIds.has(record.id);
  const began = new Map(here.batches.map(({ id, startedAt }) => [id, startedAt]));
  const touched = new Set([
    ...here.benchEvents
      .filter(({ batchId, at }) => began.get(batchId) !== at)
      .map(({ batchId }) => batchId),
    ...here.batches
      .filter(({ log, startedAt }) => log?.some(({ at }) => at.some((one) => one !== startedAt)))
      .map(({ id }) => id),
  ]);
  const blends = here.blends.filter((one) => !isExample(one) || one.revision > 1);
  const batches = here.batches.filter(
    (one) => !isExample(one) || touched.has(one.id) || one.notes !== exampleNotes(one.id),
  );
  const wearers = new Set([
    ...blends.map(({ recipe }) => recipe.brief.personId),
    ...batches.map(({ personId }) => personId),
  ]);
  const isTheirs = (one: { id: string; createdAt: string; updatedAt: string }) =>
    !isExample(one) || one.updatedAt !== one.createdAt;
  const blendIds = new Set(
    [...blends, ...batches.map(({ blendId: id }) => ({ id }))].map(({ id }) => id),
  );
  const batchIds = new Set(batches.map(({ id: one }) => one));
  return {
    blends,
    batches,
    benchEvents: here.benchEvents.filter(({ batchId }) => batchIds.has(batchId)),
    people: here.people.filter((one) => isTheirs(one) || wearers.has(one.id)),
    drafts: here.drafts.filter(
      (one) =>
        !isExample(one) ||
        (blendIds.has(one.blendId) && (one.batchId === null || batchIds.has(one.batchId))),
    ),
    materials: here.materials,
    bottles: here.bottles.filter(isTheirs),
    vessels: here.vessels.filter(isTheirs),
    settings: [
      // Nothing in a house of one's own is signed by the example's maker.
      ...here.settings.filter(
        ({ key, value }) => key !== 'seeded' && !(key === 'maker' && value === exampleMaker),
      ),
      // What the example has made may still have been on its way.
      { key: 'seeded', value: true },
    ],
  };
};
