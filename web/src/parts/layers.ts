import { looksOf, type Base, type ScentFamily } from '@jubbet/core/catalog';
import type { Mixture } from '@jubbet/core/mixture';

/** Colours of what carries, by kind; carriers are one liquid. */
const baseColours: Partial<Record<Base['kind'], string>> = {
  wax: 'var(--wax)',
  butter: 'var(--butter)',
  dry: 'var(--grain)',
};

/** One layer of what is in a container. */
export interface Layer {
  readonly id: string;
  readonly ml: number;
  /** What lies below it, in ml. */
  readonly fromMl: number;
  readonly colour: string;
  /** Of an oil, its family of smell: drawn as a pattern where the layer is thick enough. */
  readonly family: ScentFamily | null;
}

/**
 * What is in a container, in layers from the bottom, in true proportion.
 *
 * @param fillMl what of the mixture this container takes; all of it where null
 */
export const layersOf = (mixture: Mixture | null, fillMl: number | null): Layer[] => {
  if (!mixture) return [];
  const share = fillMl === null ? 1 : fillMl / mixture.fillMl;
  const kinds = new Map<string, number>();
  for (const { base, ml } of mixture.bases) {
    const colour = baseColours[base.kind] ?? 'var(--carrier)';
    kinds.set(colour, (kinds.get(colour) ?? 0) + ml.likely);
  }
  const layers = [
    ...mixture.oils.map(({ oil, ml }) => ({ id: oil.id, ml: ml.likely * share, ...looksOf(oil) })),
    ...[...kinds].map(([colour, ml]) => ({ id: colour, ml: ml * share, colour, family: null })),
  ];
  return layers.map((layer, index) => ({
    ...layer,
    fromMl: layers.slice(0, index).reduce((total, { ml }) => total + ml, 0),
  }));
};
