import { strengthBy, type Mixture } from '../mixture';
import type { Recipe } from '../recipe';
import { strengthWords } from './blend';
import { capitalised, formatPercent } from './numbers';

/** What oils that were written in another way come to: `By parts: 2 %, as asked for.` */
export const rewrittenWords = (
  way: string,
  mixture: Pick<Mixture, 'strength'>,
  { by, target }: Pick<Recipe, 'by' | 'target'>,
): string => {
  const strength = strengthWords(mixture, by);
  const asked = target
    ? `${formatPercent(target.percent, 3)}${target.upTo === undefined ? '' : ` to ${formatPercent(target.upTo, 3)}`}`
    : null;
  const { likely } = strengthBy(mixture, by);
  const isMet =
    target !== null &&
    (formatPercent(likely) === formatPercent(target.percent) ||
      (likely >= target.percent && likely <= (target.upTo ?? target.percent)));
  return `${capitalised(way)}: ${strength}${asked === null ? '' : isMet ? ', as asked for' : `, where ${asked} is asked for`}.`;
};
