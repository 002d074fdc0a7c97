import type { Day } from '../quantity';

/** What is asked of a batch to follow it: what it was made of, and for whom. */
export interface TrailBatch {
  readonly id: string;
  readonly number: string;
  readonly name: string;
  readonly madeOn: Day;
  readonly personId: string | null;
  /** The bottles it was made from, with the material and the lot as they were. */
  readonly from: readonly {
    readonly materialId: string;
    /** Null where it came out of no bottle of the shelf. */
    readonly bottleId: string | null;
    readonly lot: string;
  }[];
  /** Numbers of the batches that went into it as an ingredient. */
  readonly madeOf: readonly string[];
}

/** What a recall begins with. */
export type Suspect =
  | { readonly kind: 'bottle'; readonly bottleId: string }
  | { readonly kind: 'lot'; readonly materialId: string; readonly lot: string }
  | { readonly kind: 'batch'; readonly batchId: string };

const has = (batch: TrailBatch, suspect: Suspect): boolean => {
  switch (suspect.kind) {
    case 'bottle':
      return batch.from.some(({ bottleId }) => bottleId === suspect.bottleId);
    case 'lot':
      return batch.from.some(
        ({ materialId, lot }) => materialId === suspect.materialId && lot === suspect.lot,
      );
    case 'batch':
      return batch.id === suspect.batchId;
  }
};

/** All batches that something went into, by itself or inside another batch, in the order given. */
export const batchesWith = (
  batches: readonly TrailBatch[],
  suspects: readonly Suspect[],
): readonly TrailBatch[] => {
  const found = new Set(batches.filter((batch) => suspects.some((suspect) => has(batch, suspect))));
  // What went into another batch is in that one too, however often it was passed on.
  const byNumber = new Map(batches.map((batch) => [batch.number, batch]));
  const into = new Map<TrailBatch, TrailBatch[]>();
  for (const batch of batches) {
    for (const number of batch.madeOf) {
      const source = byNumber.get(number);
      if (source) into.set(source, [...(into.get(source) ?? []), batch]);
    }
  }
  const waiting = [...found];
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
    for (const further of into.get(next) ?? []) {
      if (found.has(further)) continue;
      found.add(further);
      waiting.push(further);
    }
  }
  return batches.filter((batch) => found.has(batch));
};

/** A bottle as it is reported: which, by what name of lot. */
export interface TrailBottle {
  readonly materialId: string;
  readonly bottleId: string | null;
  readonly lot: string;
}

const keyOf = ({ materialId, bottleId, lot }: TrailBottle): string =>
  JSON.stringify([materialId, bottleId, lot]);

/** Every bottle and lot that a batch goes back to, through the batches that went into it. */
export const bottlesOf = (
  batches: readonly TrailBatch[],
  batch: TrailBatch,
): readonly TrailBottle[] => {
  const byNumber = new Map(batches.map((trailBatch) => [trailBatch.number, trailBatch]));
  const seen = new Set<TrailBatch>();
  const bottles = new Map<string, TrailBottle>();
  const waiting = [batch];
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop()) {
    if (seen.has(next)) continue;
    seen.add(next);
    for (const bottle of next.from) bottles.set(keyOf(bottle), bottle);
    for (const number of next.madeOf) {
      const source = byNumber.get(number);
      if (source) waiting.push(source);
    }
  }
  return [...bottles.values()];
};

/** What a batch that is suspect shares with others: itself, and everything it was made from. */
export const suspectsOf = (
  batches: readonly TrailBatch[],
  batch: TrailBatch,
): readonly Suspect[] => [
  { kind: 'batch', batchId: batch.id },
  ...bottlesOf(batches, batch).flatMap(({ bottleId, materialId, lot }): Suspect[] => [
    ...(bottleId === null ? [] : [{ kind: 'bottle', bottleId } as const]),
    ...(lot === '' ? [] : [{ kind: 'lot', materialId, lot } as const]),
  ]),
];
