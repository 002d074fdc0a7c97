import { exampleRecipients, exampleTests } from './exampleLife';
import { batchIdOf, makings, ownContainers } from './exampleMakings';
import { melts } from './exampleMelts';
import { people, pouring, exampleEntries } from './exampleEntries';
import { examplePlanId } from './examplePlan';
import { shelved } from './exampleShelf';

const blends = [...exampleEntries, ...pouring, ...melts].map(({ id }) => id);

/** Ids of everything that the example house puts in, and no one else does. */
export const exampleIds: ReadonlySet<string> = new Set([
  ...blends,
  ...Object.keys(people),
  ...shelved.map(({ id }) => id),
  examplePlanId,
  ...ownContainers.map(({ id }) => id),
  ...makings.map(batchIdOf),
  ...exampleRecipients.map(({ id }) => id),
  ...exampleTests.map(({ id }) => id),
  ...makings.flatMap(({ blend }) => [1, 2].map((number) => `draft-${blend}-${number}`)),
]);

/** The notes of a batch as the example has them; empty where it has none. */
export const exampleNotes = (batchId: string): string =>
  makings.find((making) => batchIdOf(making) === batchId)?.notes ?? '';

/** Movements of the example's own batches begin with this. */
export const exampleMoved = 'example-';
