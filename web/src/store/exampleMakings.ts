import type { OwnContainer } from '@jubbet/core/catalog';

// What Wardrobe Lane has made, and into what.

export interface Making {
  readonly blend: string;
  readonly daysAgo: number;
  /** An oil of which one drop too many fell into the first bottle. */
  readonly extra?: string;
  /** Stops after so many events: a batch that is still on the bench. */
  readonly stopAfter?: number;
  readonly notes?: string;
}

export const makings: readonly Making[] = [
  { blend: 'encore', daysAgo: 56 },
  { blend: 'cold-cream', daysAgo: 55 },
  { blend: 'opening-night', daysAgo: 54 },
  { blend: 'prop-room', daysAgo: 53 },
  { blend: 'keepsake', daysAgo: 51, notes: 'Six lockets and a scraping for the pot.' },
  { blend: 'greasepaint', daysAgo: 50 },
  { blend: 'bare-boards', daysAgo: 48 },
  { blend: 'stage-left', daysAgo: 47, notes: 'Firm at the window, soft in the bag.' },
  { blend: 'house-full', daysAgo: 46, notes: 'Whipped twice. Three jars and a lick.' },
  { blend: 'row-g-chest', daysAgo: 45 },
  { blend: 'understudy', daysAgo: 44 },
  { blend: 'leading-lady', daysAgo: 39, notes: 'Bettina: nothing after 48 hours. She likes it.' },
  { blend: 'row-g', daysAgo: 32 },
  { blend: 'raffle-table', daysAgo: 25, notes: 'All six went at the raffle.' },
  { blend: 'interval', daysAgo: 21 },
  { blend: 'get-out', daysAgo: 17 },
  { blend: 'third-mouse', daysAgo: 13 },
  { blend: 'curtain-call', daysAgo: 10, notes: 'Sweated in the fridge. Wiped, and fine.' },
  {
    blend: 'after-the-lift',
    daysAgo: 8,
    extra: 'black-pepper',
    notes: 'One pepper too many. Kept it.',
  },
  { blend: 'prompt-desk', daysAgo: 0, stopAfter: 5 },
];

/** Measured with water on the kitchen scale of the lane. */
export const ownContainers: readonly (OwnContainer & { readonly id: string })[] = [
  {
    id: 'frost',
    name: 'Raffle frost',
    kind: 'roll-on',
    nominalMl: 12,
    workingFillPercent: 95,
    brimfulMl: 13.1,
  },
  {
    id: 'heirloom',
    name: 'Bettina’s locket',
    kind: 'locket',
    nominalMl: 0.6,
    workingFillPercent: 80,
    brimfulMl: 0.62,
  },
];
