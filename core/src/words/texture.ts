import type { PasteFeel, Texture } from '../mixture';
import { formatNumber, formatPercent } from './numbers';
import { temperatureWords, type Units } from './units';

/** Wax counted as beeswax: one figure, or a range where waxes differ. */
export const waxShareWords = ({ low, likely, high }: Texture['waxPercent']): string =>
  high - low < 0.5
    ? formatPercent(likely)
    : `${formatNumber(low)} to ${formatPercent(high)}, likely ${formatNumber(likely)}`;

/** How it sets, in a word or two: `soft balm`, `firmer than soft balm`, `a butter`, `liquid`. */
export const textureName = ({ band, firmerThan, butters }: Texture): string =>
  band
    ? band.texture
    : firmerThan
      ? `firmer than ${firmerThan.texture}`
      : butters.length > 0
        ? 'a butter'
        : 'liquid';

/** Where it sets, and how far that can be relied on. */
export const setPointWords = (
  { setPointC, band, firmerThan, butters }: Texture,
  units: Units,
): string => {
  if (setPointC) {
    const low = Math.floor(setPointC.low);
    const high = Math.ceil(setPointC.high);
    return `Sets at about ${temperatureWords([low, high], units)} by calculation; a real melt may stay liquid a few degrees lower. Test a drop on a cold spoon.`;
  }
  if (band === null && firmerThan === null && butters.length === 0) {
    return 'Too little wax to set: it stays liquid, perhaps hazy.';
  }
  if (band !== null) {
    return 'Setting point not known: there are no figures for waxes harder than beeswax. Test a drop on a cold spoon.';
  }
  const melts = butters.flatMap(({ base }) => (base.meltRangeC ? [base.meltRangeC] : []));
  return melts.length > 0
    ? `Its butters melt from ${temperatureWords([Math.min(...melts.map(([from]) => from)), Math.max(...melts.map(([, to]) => to))], units)}; oil lowers that, but by how much is not known. Test a drop on a cold spoon.`
    : 'Setting point not known. Test a drop on a cold spoon.';
};

/** What grains and oil feel like together, for the maker. */
export const pasteFeelWords = (feel: PasteFeel): string =>
  ({
    dry: 'Dry: hardly coated, and loose in the hand',
    damp: 'Damp, like wet sand: it holds together',
    thick: 'A thick paste',
    soft: 'A soft paste',
    runny: 'Runny: oil stands above the grains',
  })[feel];

/** A press that makes it so. */
export const pasteAimWords = {
  damp: 'Make it damp',
  thick: 'Make it a thick paste',
  soft: 'Make it a soft paste',
} as const;
