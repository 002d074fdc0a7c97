import type { Movement } from '../stock';
import { formatNumber } from './numbers';

const because = (why: string): string => (why.trim() === '' ? '' : `: ${why.trim()}`);

/** What happened to what is in a bottle: `2 ml spilled: the cat`. */
export const movementWords = (movement: Movement, unit: 'ml' | 'g'): string => {
  const of = (amount: number): string => `${formatNumber(amount, 3)} ${unit}`;
  switch (movement.kind) {
    case 'used':
      return `${of(movement.amount)} used`;
    case 'spilled':
      return `${of(movement.amount)} spilled${because(movement.why)}`;
    case 'given-away':
      return `${of(movement.amount)} given away${because(movement.why)}`;
    case 'thrown-away':
      return `${of(movement.amount)} thrown away${because(movement.why)}`;
    case 'counted':
      return `Recounted: ${of(movement.found)} found, ${of(movement.reckoned)} expected${because(movement.why)}`;
    case 'finished':
      return `Finished with ${of(movement.amount)} still in it`;
    case 'decanted':
      return `${of(movement.amount)} decanted`;
    case 'undone':
      return 'Undone';
  }
};
