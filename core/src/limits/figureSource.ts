import type { FigureId, Oil } from '../catalog';

/** Who says what is known of a material: the maker of one of their own, else the library. */
export const materialSource = ({ own }: Pick<Oil, 'own'>, library: string): string =>
  (own?.material && own.source) || library;

/**
 * Who says so: the maker's own source where a figure is theirs, the last that was set; that of
 * the material where all of it is theirs; else the library's.
 */
export const figureSource = (
  { own }: Pick<Oil, 'own'>,
  figure: FigureId,
  library: string,
): string =>
  own?.figures.findLast((entry) => entry.figure === figure)?.source ??
  materialSource({ ...(own ? { own } : {}) }, library);

/** Sources of several materials, each once: `EOS2; my notes`. */
export const sourcesOf = (sources: readonly string[]): string => [...new Set(sources)].join('; ');
