import { isObject } from './fields';
import type { Rows } from './recordKind';

// Up to version 8 of the store, and 4 of the house file, every event stood in one table, with its
// step alone. Read by migrations of the store and by the reader of files; never changed.

type Fields = Readonly<Record<string, unknown>>;

/** `count/0/lavender`: a drop of lavender into the first container. */
const pouredAt = (step: unknown): Fields => {
  const [, container, ...ingredient] = String(step).split('/');
  return {
    step,
    container: Number.parseInt(container ?? '0', 10) || 0,
    ingredient: ingredient.join('/') || String(step),
    bottleId: null,
    source: null,
  };
};

const eventNow = (event: unknown): unknown => {
  if (!isObject(event)) return event;
  const { kind, step, vessel, vesselId, ...rest } = event;
  switch (kind) {
    case 'drop':
      return { kind, ...pouredAt(step), drops: 1 };
    case 'take-back':
      return { kind, ...pouredAt(step), drops: 1, undoes: null };
    case 'done':
      return { kind, step, source: null };
    case 'reopened':
      return { kind, step, source: null, undoes: null };
    case 'moved':
      return { kind, container: vessel, containerId: vesselId };
    case 'filled':
    case 'discarded':
      return { kind, container: vessel, ...rest };
    default:
      return event;
  }
};

const seqOf = (row: unknown): number =>
  isObject(row) && typeof row['seq'] === 'number' ? row['seq'] : 0;

/** Events by batch, in order. */
const byBatch = (events: readonly unknown[]): ReadonlyMap<unknown, Fields[]> => {
  const found = new Map<unknown, Fields[]>();
  for (const row of events) {
    if (!isObject(row)) continue;
    const rows = found.get(row['batchId']);
    if (rows) rows.push(row);
    else found.set(row['batchId'], [row]);
  }
  for (const rows of found.values()) rows.sort((a, b) => seqOf(a) - seqOf(b));
  return found;
};

const isFinished = (batch: Fields): boolean => typeof batch['finishedAt'] === 'string';

/** Runs of events that are alike, with the moment of each. */
const packed = (rows: readonly Fields[]): unknown[] => {
  const runs: { event: unknown; at: unknown[] }[] = [];
  let last = '';
  for (const row of rows) {
    const event = eventNow(row['event']);
    const key = JSON.stringify(event);
    const run = runs[runs.length - 1];
    if (run && key === last) run.at.push(row['at']);
    else runs.push({ event, at: [row['at']] });
    last = key;
  }
  return runs;
};

/** A batch with its log, where it is finished, and without what came in later. */
export const withLog = ({ events = [] }: Rows): ((batch: unknown) => unknown) => {
  const logs = byBatch(events);
  return (batch) => {
    if (!isObject(batch)) return batch;
    const finished = batch['finishedAt'];
    const judgedOn = typeof finished === 'string' ? finished.slice(0, 10) : batch['madeOn'];
    const made = isObject(batch['made']) ? { ...batch['made'], judgedOn, contents: null } : null;
    return {
      ...batch,
      bottles: {},
      updatedAt: finished ?? batch['startedAt'],
      made,
      log: isFinished(batch) ? packed(logs.get(batch['id']) ?? []) : null,
    };
  };
};

/** The events of batches that are on the bench; those of finished ones stand in their batch. */
export const openLog = ({ batches = [], events = [] }: Rows): ((row: unknown) => unknown) => {
  const finished = new Set(
    batches.flatMap((batch) => (isObject(batch) && isFinished(batch) ? [batch['id']] : [])),
  );
  const numbers = new Map<unknown, number>();
  for (const rows of byBatch(events).values()) {
    rows.forEach((row, n) => numbers.set(row, n + 1));
  }
  return (row) => {
    if (!isObject(row)) return row;
    if (finished.has(row['batchId'])) return undefined;
    return {
      batchId: row['batchId'],
      seq: numbers.get(row) ?? seqOf(row),
      at: row['at'],
      event: eventNow(row['event']),
    };
  };
};
