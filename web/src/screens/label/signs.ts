import type { LabelSign } from '@jubbet/core/words';

/** Strokes of each sign, on a field of 24 by 24. */
export const signPaths: Readonly<Record<LabelSign, string>> = {
  sun: 'M8 12a4 4 0 1 0 8 0a4 4 0 1 0 -8 0M12 2v3M12 19v3M2 12h3M19 12h3M5 5l2 2M17 17l2 2M19 5l-2 2M3 21L21 3',
  child:
    'M9.2 6a2.8 2.8 0 1 0 5.6 0a2.8 2.8 0 1 0 -5.6 0M12 9v6.5M7.5 12h9M12 15.5l-3.5 6M12 15.5l3.5 6M3 21L21 3',
};

/** Said of a sign to who does not see it. */
export const signWords: Readonly<Record<LabelSign, string>> = {
  sun: 'Keep out of the sun',
  child: 'Not for young children',
};

/** How thick its strokes are, of 24. */
export const signStroke = 1.8;
