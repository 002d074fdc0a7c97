import type { Oil } from '../catalog';
import type { BaseInBlend, Mixture, OilInBlend, Weights } from '../mixture';
import { exactly, larger, scale, sum } from '../quantity';

/**
 * Oils as rules see them: a ready-made blend of known oils counts as those oils, so that what is in it
 * counts together with the same oil beside it.
 */
export interface Seen {
  /** Each oil once. */
  readonly oils: readonly Oil[];
  /** For each oil that is poured, its share of each oil that is seen, 0 to 1. */
  readonly shares: readonly (readonly number[])[];
}

/** Worked out once for each list of oils. */
const known = new WeakMap<readonly Oil[], Seen>();

/** Of oils that are poured, the oils that rules see; null where those are the same. */
export const seenIn = (poured: readonly Oil[]): Seen | null => {
  if (poured.every(({ madeOf }) => madeOf === undefined)) return null;
  const before = known.get(poured);
  if (before) return before;
  const at = new Map<string, number>();
  const oils: Oil[] = [];
  const indexOf = (oil: Oil): number => {
    const found = at.get(oil.id);
    if (found !== undefined) return found;
    at.set(oil.id, oils.length);
    oils.push(oil);
    return oils.length - 1;
  };
  // Oils that are poured as such come first: an analysis of their bottle is of that bottle.
  for (const oil of poured) if (oil.madeOf === undefined) indexOf(oil);
  const contents = poured.map(
    (oil): readonly (readonly [number, number])[] =>
      oil.madeOf?.oils.map(({ oil: inner, share }) => [indexOf(inner), share] as const) ?? [
        [indexOf(oil), 1],
      ],
  );
  const shares = contents.map((entries) => {
    const row = Array<number>(oils.length).fill(0);
    for (const [index, share] of entries) row[index] = (row[index] ?? 0) + share;
    return row;
  });
  const seen = { oils, shares };
  known.set(poured, seen);
  return seen;
};

/** Weights of oils that are seen as weights of the oils that are poured. */
export const weightsPoured = ({ shares }: Seen, weights: Weights): Weights => {
  const poured = (of: readonly number[]): number[] =>
    shares.map((row) => row.reduce((total, share, j) => total + share * (of[j] ?? 0), 0));
  const likely = poured(weights.likely);
  const sure = weights.low === weights.likely && weights.high === weights.likely;
  return sure
    ? { low: likely, likely, high: likely }
    : { low: poured(weights.low), likely, high: poured(weights.high) };
};

/** What all oils that are poured bring of one that is seen. */
const seenOil = (oil: Oil, j: number, seen: Seen, mixture: Mixture): OilInBlend => {
  const from = mixture.oils.flatMap((entry, i) => {
    const share = seen.shares[i]?.[j] ?? 0;
    return share > 0 ? [{ entry, share }] : [];
  });
  const add = (of: (entry: OilInBlend) => OilInBlend['ml']) =>
    from.length === 0 ? exactly(0) : sum(from.map(({ entry, share }) => scale(of(entry), share)));
  const byVolume = add((entry) => entry.byVolume);
  const byWeight = add((entry) => entry.byWeight);
  const itself = from.find(({ entry }) => entry.oil.id === oil.id)?.entry;
  return {
    oil,
    ...(itself?.bottle ? { bottle: itself.bottle } : {}),
    drops: from.length === 1 && itself ? itself.drops : null,
    ml: add((entry) => entry.ml),
    g: add((entry) => entry.g),
    byVolume,
    byWeight,
    percent: larger(byVolume, byWeight),
  };
};

/** The carriers of ready-made blends beside the bases that are poured. */
const seenBases = ({ oils, bases }: Mixture): BaseInBlend[] => {
  const all = new Map(bases.map((entry) => [entry.base.id, entry]));
  for (const { oil, ml, g } of oils) {
    for (const { base, share } of oil.madeOf?.carriers ?? []) {
      const more = { ml: scale(ml, share), g: scale(g, share) };
      const here = all.get(base.id);
      all.set(
        base.id,
        here
          ? { ...here, ml: sum([here.ml, more.ml]), g: sum([here.g, more.g]) }
          : { base, ...more },
      );
    }
  }
  return [...all.values()];
};

/** Bases that are an essential oil or an active by their name. */
const basesAsOils = ({ bases, fillMl, totalG }: Mixture): OilInBlend[] =>
  bases.flatMap(({ base, ml, g }): OilInBlend[] => {
    if (!base.judgedAs) return [];
    const byVolume = scale(ml, 100 / fillMl);
    const byWeight = scale(g, 100 / totalG.likely);
    return [
      {
        oil: base.judgedAs,
        drops: null,
        ml,
        g,
        byVolume,
        byWeight,
        percent: larger(byVolume, byWeight),
      },
    ];
  });

/** A mixture as rules see it. */
export const mixtureSeen = (mixture: Mixture): Mixture => {
  const seen = seenIn(mixture.oils.map(({ oil }) => oil));
  const unfolded =
    seen === null
      ? mixture
      : {
          ...mixture,
          oils: seen.oils.map((oil, j) => seenOil(oil, j, seen, mixture)),
          bases: seenBases(mixture),
        };
  const named = basesAsOils(mixture);
  return named.length === 0 ? unfolded : { ...unfolded, oils: [...unfolded.oils, ...named] };
};
