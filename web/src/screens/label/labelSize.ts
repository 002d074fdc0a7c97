/** A label in mm. */
export interface LabelSize {
  readonly height: number;
  readonly width: number;
}

/** What it is printed on. */
export type Paper = 'A4' | 'Letter' | 'single';

/** Pages in mm; a single label is a page of its own. */
export const papers: Record<Exclude<Paper, 'single'>, LabelSize> = {
  A4: { width: 210, height: 297 },
  Letter: { width: 215.9, height: 279.4 },
};
