import type { LabelSize } from '@jubbet/core/label';
import type { LabelText } from '@jubbet/core/words';

/** A label, and how many of it are printed. */
export interface LabelToPrint {
  readonly label: LabelText;
  readonly count: number;
}

/** A sheet has labels of one size: the largest that any of them needs, in mm. */
export const largestSize = (first: LabelSize, others: readonly LabelSize[]): LabelSize =>
  others.reduce(
    (largest, { width, height }) => ({
      width: Math.max(largest.width, width),
      height: Math.max(largest.height, height),
    }),
    first,
  );
