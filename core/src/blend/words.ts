import type { By } from './bases';
import type { LooseAmount } from './formula';
import type { Filling } from './fillings';
import type { Mixture } from './mixture';
import { countedVessels } from '../brief/vesselKinds';
import { carrierWords, vesselWords } from '../brief/words';
import { findBase } from '../library/library';
import { formatList, formatNumber, formatPercent } from '../quantity/format';
import type { Range } from '../quantity/range';

/** A base as it is written: one of its amounts is there. */
export interface WrittenBase {
  readonly id: string;
  readonly parts?: number | undefined;
  readonly percent?: number | undefined;
  readonly ml?: number | undefined;
  readonly g?: number | undefined;
  readonly loose?: LooseAmount | undefined;
}

const looseUnitWords: Record<LooseAmount['unit'], readonly [string, string]> = {
  ml: ['ml', 'ml'],
  teaspoon: ['teaspoon', 'teaspoons'],
  tablespoon: ['tablespoon', 'tablespoons'],
  dessertspoon: ['dessertspoon', 'dessertspoons'],
  cup: ['cup', 'cups'],
};

const formWords: Record<LooseAmount['form'], string> = {
  pellets: 'of pellets',
  grated: 'grated',
  soft: 'soft',
  loose: 'loosely filled',
};

/** `2 tablespoons of pellets`, `1 cup loosely filled`. */
export const looseWords = ({ value, unit, form }: LooseAmount): string =>
  `${formatNumber(value, 4)} ${looseUnitWords[unit][value > 1 ? 1 : 0]} ${formWords[form]}`;

/** `10 ml roll-on`, `2 roll-ons of 10 ml`, `9 tins of 15 ml and 4 sticks of 5 ml`. */
export const fillingsWords = (fillings: readonly Filling[]): string => {
  const [first] = fillings;
  return first && fillings.length === 1 && first.count === 1
    ? vesselWords(first.vessel)
    : formatList(
        fillings.map(
          ({ vessel, count }) =>
            `${countedVessels(count, vessel.kind)} of ${formatNumber(vessel.nominalMl, 4)} ml`,
        ),
      );
};

const nameOf = (id: string): string => {
  const base = findBase(id);
  return base ? carrierWords(base) : id;
};

const amountWords = ({ percent, ml, g, loose }: WrittenBase): string => {
  if (loose !== undefined) return looseWords(loose);
  if (percent !== undefined) return `${formatNumber(percent, 3)} %`;
  if (ml !== undefined) return `${formatNumber(ml, 4)} ml`;
  return `${formatNumber(g ?? 0, 4)} g`;
};

/** `jojoba`, `7 jojoba : 3 camellia`, `25 % beeswax and jojoba`, `30 g shea and 15 ml jojoba`. */
export const basesWords = (bases: readonly WrittenBase[]): string => {
  const [first] = bases;
  if (!first) return '';
  if (bases.length === 1 && [first.ml, first.g, first.loose].every((one) => one === undefined)) {
    return nameOf(first.id);
  }
  if (bases.every(({ parts }) => parts !== undefined)) {
    return bases.map(({ id, parts = 0 }) => `${formatNumber(parts, 3)} ${nameOf(id)}`).join(' : ');
  }
  const rest = bases.filter(({ parts }) => parts !== undefined);
  return formatList(
    [...bases.filter(({ parts }) => parts === undefined), ...rest].map((base) =>
      base.parts === undefined
        ? `${amountWords(base)} ${nameOf(base.id)}`
        : `${rest.length > 1 ? `${formatNumber(base.parts, 3)} ` : ''}${nameOf(base.id)}`,
    ),
  );
};

/** What percents can be told of: of the weight only where all of it is known. */
export const toldBy = ({ totalG }: Pick<Mixture, 'totalG'>, by: By | undefined): By =>
  by === 'weight' && totalG !== null ? 'weight' : 'volume';

/** Strength by what the blend is measured by; by volume where its weight is not known. */
export const strengthBy = ({ strength }: Pick<Mixture, 'strength'>, by: By | undefined): Range =>
  (by === 'weight' && strength.byWeight) || strength.byVolume;

/** `3.2 %`; of a blend by weight `3.2 % by weight`, or `by volume` where that is not known. */
export const strengthWords = (mixture: Pick<Mixture, 'strength'>, by: By | undefined): string =>
  `${formatPercent(strengthBy(mixture, by).likely)}${
    by !== 'weight' ? '' : mixture.strength.byWeight ? ' by weight' : ' by volume'
  }`;
