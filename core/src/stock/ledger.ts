import type { Bottle } from './bottle';
import type { Movement } from './movement';

/** A movement with its id and when it was written down. */
export interface Moved {
  readonly id: string;
  readonly at: string;
  readonly movement: Movement;
}

/** By how much a movement changes what is in the bottle, in its unit. */
export const effectOf = (movement: Movement): number => {
  switch (movement.kind) {
    case 'used':
    case 'spilled':
    case 'given-away':
    case 'thrown-away':
    case 'finished':
    case 'decanted':
      return -movement.amount;
    case 'counted':
      // The difference, not the number: whatever is undone before it, the sum stays right.
      return movement.found - movement.reckoned;
    case 'undone':
      return 0;
  }
};

/** The movements that count: not undone, or undone and brought back. */
export const inForce = <M extends Moved>(moved: readonly M[]): readonly M[] => {
  const undoing = new Map<string, M[]>();
  for (const entry of moved) {
    if (entry.movement.kind !== 'undone') continue;
    const { undoes } = entry.movement;
    undoing.set(undoes, [...(undoing.get(undoes) ?? []), entry]);
  }
  const known = new Map<string, boolean>();
  const counts = (entry: M, asking: ReadonlySet<string>): boolean => {
    const before = known.get(entry.id);
    if (before !== undefined) return before;
    // A ring of undoings comes only out of a broken file: what is in it undoes nothing.
    if (asking.has(entry.id)) return false;
    const deeper = new Set(asking).add(entry.id);
    const answer = !(undoing.get(entry.id) ?? []).some((undo) => counts(undo, deeper));
    known.set(entry.id, answer);
    return answer;
  };
  // Asked from the last to the first, a chain of undoings is never climbed far.
  for (const entry of [...moved].reverse()) counts(entry, new Set());
  return moved.filter((entry) => counts(entry, new Set()) && entry.movement.kind !== 'undone');
};

/** The dust of floating point, in ml or g. */
const dust = 1e-6;

/**
 * What the movements of a bottle come to, in its unit: less than nothing where more was taken out
 * of it than it held on paper.
 */
export const balanceOf = (
  { atStart }: Pick<Bottle, 'atStart'>,
  moved: readonly Moved[],
): number => {
  const sum = inForce(moved).reduce((total, { movement }) => total + effectOf(movement), atStart);
  return Math.round(sum / dust) * dust;
};

/**
 * What the ledger says is in a bottle, in its unit: never less than nothing, as no bottle holds that,
 * however much was taken out of it on paper.
 */
export const leftIn = (
  bottle: Pick<Bottle, 'atStart' | 'finishedOn'>,
  moved: readonly Moved[],
): number => (bottle.finishedOn !== null ? 0 : Math.max(0, balanceOf(bottle, moved)));

/** A bottle with what is left in it by its ledger. */
export type ShelvedBottle = Bottle & { readonly left: number };
