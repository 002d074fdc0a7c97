import type { House } from './database';
import { exampleMaker } from './exampleBlends';
import { exampleIds, exampleMoved, exampleNotes } from './exampleIds';

/** The same house without what the example put in and no one has touched. */
export const withoutExample = (here: House): House => {
  const isExample = (record: { readonly id: string }) => exampleIds.has(record.id);
  const began = new Map(here.batches.map(({ id, startedAt }) => [id, startedAt]));
  const touched = new Set([
    ...here.benchEvents
      .filter(({ batchId, at }) => began.get(batchId) !== at)
      .map(({ batchId }) => batchId),
    ...here.batches
      .filter(({ log, startedAt }) => log?.some(({ at }) => at.some((text) => text !== startedAt)))
      .map(({ id }) => id),
  ]);
  // What was photographed is theirs by now.
  const pictured = new Set(here.photos.map(({ photo }) => photo.of.id));
  const blends = here.blends.filter(
    (blend) => !isExample(blend) || blend.revision > 1 || pictured.has(blend.id),
  );
  // Who gave a piece away, or tests one, has made it theirs.
  const given = new Set([
    ...here.recipients
      .filter((entry) => !isExample(entry))
      .map(({ recipient }) => recipient.batchId),
    ...here.patchTests
      .filter((patchTest) => !isExample(patchTest))
      .flatMap(({ test: { of } }) => (of.kind === 'batch' ? [of.batchId] : [])),
  ]);
  const batches = here.batches.filter(
    (batch) =>
      !isExample(batch) ||
      touched.has(batch.id) ||
      pictured.has(batch.id) ||
      batch.notes !== exampleNotes(batch.id) ||
      given.has(batch.id),
  );
  const wearers = new Set([
    ...blends.map(({ recipe }) => recipe.brief.personId),
    ...batches.map(({ personId }) => personId),
  ]);
  const isTheirs = (entry: { id: string; createdAt: string; updatedAt: string }) =>
    !isExample(entry) || entry.updatedAt !== entry.createdAt;
  const blendIds = new Set(
    [...blends, ...batches.map(({ blendId: id }) => ({ id }))].map(({ id }) => id),
  );
  // A bottle that a visitor took from is theirs by now.
  const moved = new Set(
    here.movements.filter(({ id }) => !id.startsWith(exampleMoved)).map(({ bottleId }) => bottleId),
  );
  const batchIds = new Set(batches.map(({ id: one }) => one));
  const bottles = here.bottles.filter((bottle) => isTheirs(bottle) || moved.has(bottle.id));
  const bottleIds = new Set(bottles.map(({ id }) => id));
  return {
    blends,
    batches,
    benchEvents: here.benchEvents.filter(({ batchId }) => batchIds.has(batchId)),
    people: here.people.filter((entry) => isTheirs(entry) || wearers.has(entry.id)),
    drafts: here.drafts.filter(
      (draft) =>
        !isExample(draft) ||
        (blendIds.has(draft.blendId) && (draft.batchId === null || batchIds.has(draft.batchId))),
    ),
    materials: here.materials,
    bottles,
    containers: here.containers.filter(isTheirs),
    // What hangs on a bottle goes with it, and what a visitor wrote down stays.
    movements: here.movements.filter((movement) => bottleIds.has(movement.bottleId)),
    recipients: here.recipients.filter(isTheirs),
    patchTests: here.patchTests.filter(isTheirs),
    photos: here.photos,
    plans: here.plans.filter(isTheirs),
    settings: [
      // Nothing in a house of one's own is signed by the example's maker.
      ...here.settings.filter(
        ({ key, value }) => key !== 'exampleHere' && !(key === 'maker' && value === exampleMaker),
      ),
    ],
  };
};
