import type { FigureId, Oil } from '../library/schema';

/** Who says so: the maker's own source where a figure is theirs, else the library's. */
export const figureSource = ({ own }: Oil, figure: FigureId, library: string): string =>
  own?.figures.find((entry) => entry.figure === figure)?.source ?? library;
