import type { Catalog } from '../catalog';
import { shownName } from '../quantity';
import { strengthBy, type Filling, type Mixture } from '../mixture';
import type { BaseAmount, By, LooseAmount, OilAmount, RecipeBase } from '../recipe';
import { carrierWords, containerWords } from './brief';
import { countedContainers } from './containers';
import { nameFromId } from './names';
import { formatList, formatNumber, formatPercent, formatWantedDrops } from './numbers';

const looseUnitWords: Record<LooseAmount['measure'], readonly [string, string]> = {
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
export const looseWords = ({ value, measure, form }: LooseAmount): string =>
  `${formatNumber(value, 4)} ${looseUnitWords[measure][value > 1 ? 1 : 0]} ${formWords[form]}`;

/** `10 ml roll-on`, `2 roll-ons of 10 ml`, `9 tins of 15 ml and 4 sticks of 5 ml`. */
export const fillingsWords = (fillings: readonly Filling[]): string => {
  const [first] = fillings;
  return first && fillings.length === 1 && first.count === 1
    ? containerWords(first.container)
    : formatList(
        fillings.map(
          ({ container, count }) =>
            `${countedContainers(count, container.kind)} of ${formatNumber(container.nominalMl, 4)} ml`,
        ),
      );
};

const nameOf = (catalog: Catalog, id: string): string => {
  const base = catalog.base(id);
  return base ? carrierWords(base) : nameFromId(id);
};

const amountWords = (amount: RecipeBase['amount']): string => {
  switch (amount?.unit) {
    case 'loose':
      return looseWords(amount);
    case 'percent':
      return `${formatNumber(amount.value, 3)} %`;
    case 'ml':
      return `${formatNumber(amount.value, 4)} ml`;
    case 'g':
      return `${formatNumber(amount.value, 4)} g`;
    case 'parts':
      return formatNumber(amount.value, 3);
    case undefined:
      return '…';
  }
};

/** `jojoba`, `7 jojoba : 3 camellia`, `25 % beeswax and jojoba`, `30 g shea and 15 ml jojoba`. */
export const basesWords = (catalog: Catalog, bases: readonly RecipeBase[]): string => {
  const [first] = bases;
  if (!first) return '';
  const isShare = ({ amount }: RecipeBase) =>
    amount === null || amount.unit === 'parts' || amount.unit === 'percent';
  if (bases.length === 1 && isShare(first)) return nameOf(catalog, first.id);
  const isParts = ({ amount }: RecipeBase) => amount?.unit === 'parts';
  const written = (base: RecipeBase) => `${amountWords(base.amount)} ${nameOf(catalog, base.id)}`;
  if (bases.every(isParts)) return bases.map(written).join(' : ');
  const rest = bases.filter(isParts);
  return formatList(
    [...bases.filter((base) => !isParts(base)), ...rest].map((base) =>
      !isParts(base) || rest.length > 1 ? written(base) : nameOf(catalog, base.id),
    ),
  );
};

/** `3.2 %`; of a blend by weight `3.2 % by weight`. */
export const strengthWords = (mixture: Pick<Mixture, 'strength'>, by: By): string =>
  `${formatPercent(strengthBy(mixture, by).likely)}${by === 'weight' ? ' by weight' : ''}`;

/** An amount as a recipe has it: `6 drops`, `3 parts`, `2 tbsp grated`; without one, that. */
export const recipeAmountWords = (amount: OilAmount | BaseAmount | null): string => {
  if (amount === null) return 'no amount yet';
  switch (amount.unit) {
    case 'loose':
      return looseWords(amount);
    case 'percent':
      return `${amount.value} %`;
    case 'drops':
      return formatWantedDrops({ drops: amount.value, atLeast: amount.from ?? amount.value });
    case 'parts':
      return `${amount.value} ${amount.value === 1 ? amount.unit.slice(0, -1) : amount.unit}`;
    default:
      return `${amount.value} ${amount.unit}`;
  }
};

/** The name of a blend, or that it has none. */
export const nameOrNone = (name: string): string => shownName(name) || 'Without a name';
