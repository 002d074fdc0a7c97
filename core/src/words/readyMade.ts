import type { MadeOf } from '../catalog';
import { inSentence } from './inSentence';
import { formatList, formatNumber, formatPercent } from './numbers';

/** Shares as they are reported: in percent of the essential oil in it. */
const shares = (oils: MadeOf['oils']): string => {
  const all = oils.reduce((total, { share }) => total + share, 0);
  return formatList(
    oils.map(
      ({ oil, share }) => `${inSentence(oil.name)} ${formatNumber((100 * share) / all, 2)} %`,
    ),
  );
};

/** What a ready-made blend is made of: `lavender 60 % and sweet orange 40 %, 10 % in jojoba`. */
export const madeOfWords = ({ oils, carriers, isShareKnown }: MadeOf): string => {
  const essential = oils.reduce((total, { share }) => total + share, 0);
  const carrier =
    carriers.length > 0
      ? ` in ${formatList(carriers.map(({ base }) => inSentence(base.name)))}`
      : '';
  const named = isShareKnown
    ? shares(oils)
    : `${formatList(oils.map(({ oil }) => inSentence(oil.name)))}, how much of each is not known`;
  return `${named}${
    essential < 0.999
      ? `: ${formatPercent(100 * essential)} essential oil${carrier || ', carrier not known'}`
      : ''
  }`;
};
