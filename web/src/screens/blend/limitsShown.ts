import { shareOfLimit, type Finding } from '@jubbet/core/limits';

/** Tracks that are shown at once, whatever they come to. */
const shownTracks = 2;

/** From this share of its limit on, in percent, a check is always shown. */
const nearPercent = 40;

/** How the findings of a blend are shown: what a verdict needs first, and the rest folded. */
export interface LimitsShown {
  /** Without a track, over the limit. */
  readonly over: readonly Finding[];
  /** As tracks, the closest to its limit first. */
  readonly tracks: readonly Finding[];
  /** Without a track, less than over, and neither within limits nor a note. */
  readonly raised: readonly Finding[];
  /** Folded: with a track, far from its limit. */
  readonly far: readonly Finding[];
  /** Folded: within limits, without a number to show. */
  readonly passed: readonly Finding[];
}

/** True where a finding has a value and a limit that a track can show. */
export const hasTrack = ({ value, limit, reason }: Finding): boolean =>
  value !== null && limit !== null && limit > 0 && reason.code !== 'light-none';

const closeness = ({ value, limit }: Finding): number => shareOfLimit(value, limit)?.likely ?? 0;

/**
 * What of the findings is shown at once: all that is not within limits, the whole blend, and of
 * the rest the two that are closest. Notes are outside the verdict and none of these.
 */
export const limitsShown = (findings: readonly Finding[]): LimitsShown => {
  const all = findings.filter(hasTrack).sort((a, b) => closeness(b) - closeness(a));
  const tracks = all.filter(
    (entry, index) =>
      entry.verdict !== 'within' ||
      entry.rule === 'whole-blend' ||
      index < shownTracks ||
      closeness(entry) > nearPercent,
  );
  const rest = findings.filter((entry) => !hasTrack(entry));
  return {
    over: rest.filter(({ verdict }) => verdict === 'over'),
    tracks,
    raised: rest.filter(({ verdict }) => verdict === 'caution' || verdict === 'unknown'),
    far: all.filter((entry) => !tracks.includes(entry)),
    passed: rest.filter(({ verdict }) => verdict === 'within'),
  };
};
