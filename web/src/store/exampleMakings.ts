import type { OwnContainer } from '@jubbet/core/catalog';

// What Wardrobe Lane has made, and into what.

export interface Making {
  readonly blend: string;
  /** Where it was made more than once: what tells this making from the others. */
  readonly again?: string;
  readonly daysAgo: number;
  /** An oil of which one drop too many fell into the first bottle. */
  readonly extra?: string;
  /** Stops after so many events: a batch that is still on the bench. */
  readonly stopAfter?: number;
  readonly notes?: string;
  /** How it was: a mark from 1 to 5, and words. */
  readonly review?: readonly [number, string];
}

/** The id of the batch of a making. */
export const batchIdOf = ({ blend, again }: Making): string =>
  `batch-${blend}${again ? `-${again}` : ''}`;

export const makings: readonly Making[] = [
  {
    blend: 'row-g',
    again: 'first',
    daysAgo: 352,
    review: [3, 'A little faint by the second act.'],
  },
  { blend: 'interval', again: 'winter', daysAgo: 318 },
  {
    blend: 'curtain-call',
    again: 'spring',
    daysAgo: 263,
    review: [2, 'Sweated. Cooler next time.'],
  },
  { blend: 'get-out', again: 'spring', daysAgo: 214, review: [5, 'Rufus asked for more.'] },
  { blend: 'raffle-table', again: 'fete', daysAgo: 171 },
  { blend: 'leading-lady', again: 'summer', daysAgo: 128, review: [4, 'Soft, and not too sweet.'] },
  { blend: 'third-mouse', again: 'term', daysAgo: 86 },
  { blend: 'encore', daysAgo: 56, review: [5, 'Twice asked what it is.'] },
  { blend: 'cold-cream', daysAgo: 55 },
  { blend: 'opening-night', daysAgo: 54 },
  { blend: 'prop-room', daysAgo: 53 },
  {
    blend: 'keepsake',
    daysAgo: 51,
    review: [4, 'Sets well.'],
    notes: 'Six lockets and a scraping for the pot.',
  },
  { blend: 'greasepaint', daysAgo: 50 },
  { blend: 'bare-boards', daysAgo: 48 },
  { blend: 'stage-left', daysAgo: 47, notes: 'Firm at the window, soft in the bag.' },
  { blend: 'house-full', daysAgo: 46, notes: 'Whipped twice. Three jars and a lick.' },
  { blend: 'row-g-chest', daysAgo: 45 },
  { blend: 'understudy', daysAgo: 44 },
  { blend: 'leading-lady', daysAgo: 39, notes: 'Bettina: nothing after 48 hours. She likes it.' },
  { blend: 'row-g', daysAgo: 32, review: [4, 'Holds until the bows now.'] },
  {
    blend: 'raffle-table',
    daysAgo: 25,
    notes: 'All six went at the raffle.',
    review: [5, 'Gone in ten minutes.'],
  },
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
