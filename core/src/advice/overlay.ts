import type { Calculated } from '../drops';
import { shareOfLimit, type Finding } from '../limits';
import { textureOf, type Texture } from '../mixture';

/** A figure of each version; null where a version has none. */
type Each<T> = readonly (T | null)[];

/** Versions of a blend laid over each other. */
export interface Overlay {
  /** Every oil of any version; in drops where each version counts them, else in ml. */
  readonly oils: readonly {
    readonly id: string;
    readonly drops: Each<number>;
    readonly ml: Each<number>;
  }[];
  /** Limits with a figure, each with how much of it is taken up, in percent; the closest first. */
  readonly limits: readonly {
    readonly limit: Pick<Finding, 'rule' | 'reason' | 'subject'>;
    readonly shares: Each<number>;
  }[];
  /** Null of what is no melt. */
  readonly textures: Each<Texture>;
}

const keyOf = ({ rule, subject, reason }: Finding): string =>
  `${rule}/${subject}/${reason.code === 'whole-blend' ? reason.because : ''}`;

/** @param versions null of one that is not worked out, as it has gaps */
export const overlayOf = (versions: readonly (Calculated | null)[]): Overlay => {
  const mixtures = versions.map((version) => version?.evaluation.mixture ?? null);
  const ids = [
    ...new Set(mixtures.flatMap((mixture) => mixture?.oils.map(({ oil }) => oil.id) ?? [])),
  ];
  const oilOf = (id: string) =>
    mixtures.map((mixture) => mixture?.oils.find(({ oil }) => oil.id === id) ?? null);
  const limits = new Map<string, { limit: Finding; shares: (number | null)[] }>();
  versions.forEach((version, n) => {
    for (const found of version?.evaluation.findings ?? []) {
      const share = shareOfLimit(found.value, found.limit);
      if (share === null) continue;
      const key = keyOf(found);
      const entry = limits.get(key) ?? { limit: found, shares: versions.map(() => null) };
      entry.shares[n] = share.likely;
      limits.set(key, entry);
    }
  });
  const most = (shares: Each<number>): number => Math.max(...shares.map((share) => share ?? 0));
  return {
    oils: ids.map((id) => ({
      id,
      drops: oilOf(id).map((oil) => oil?.drops ?? null),
      ml: oilOf(id).map((oil) => oil?.ml.likely ?? null),
    })),
    limits: [...limits.values()].sort((a, b) => most(b.shares) - most(a.shares)),
    textures: mixtures.map((mixture) => mixture && textureOf(mixture)),
  };
};
