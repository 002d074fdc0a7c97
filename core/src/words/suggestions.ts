import type { SuggestedChange, Variant } from '../advice';
import { nameIn, usualContainer, type Catalog } from '../catalog';
import { isIn, type OilAmount, type Recipe } from '../recipe';
import { containerWords } from './brief';
import { countedContainers } from './containers';
import { mixedWords } from './preDilution';
import {
  capitalised,
  formatDrops,
  formatG,
  formatList,
  formatMl,
  formatPercent,
  uncapitalised,
} from './numbers';
import { nameInSentence } from './inSentence';

const amountWords = ({ unit, value }: OilAmount): string => {
  switch (unit) {
    case 'drops':
      return formatDrops(value);
    case 'ml':
      return formatMl(value);
    case 'g':
      return formatG(value);
    case 'percent':
      return formatPercent(value);
    case 'parts':
      return `${value} parts`;
  }
};

/** `Ylang ylang: 2 drops to 1 drop`. */
const lessOf = (catalog: Catalog, id: string, amount: OilAmount, recipe: Recipe): string => {
  const before = recipe.oils.find((oil) => oil.id === id)?.amount ?? null;
  return `${nameIn(catalog, id)}: ${before ? `${amountWords(before)} to ` : ''}${amountWords(amount)}`;
};

/** One change that would bring a blend within its limits, in a few words. */
export const suggestionWords = (
  catalog: Catalog,
  change: SuggestedChange,
  recipe: Recipe,
): string => {
  switch (change.kind) {
    case 'target':
      return `The same blend at ${formatPercent(change.percent)}`;
    case 'amounts': {
      const changed = Object.entries(change.amounts);
      const isAll = changed.length === recipe.oils.length && changed.length > 1;
      const list = formatList(changed.map(([id, amount]) => lessOf(catalog, id, amount, recipe)));
      return isAll ? `The same blend, weaker: ${list}` : list;
    }
    case 'cover':
      return 'Cover that skin for 24 hours';
    case 'container': {
      const container = usualContainer(change.id);
      if (!container) return 'Use a bigger bottle';
      return change.count > 1
        ? `Use ${countedContainers(change.count, container.kind)} of ${formatMl(container.nominalMl)}`
        : `Use a ${containerWords(container)}`;
    }
    case 'count': {
      const kind = recipe.containers[0]?.container;
      const many = kind && 'id' in kind ? usualContainer(kind.id)?.kind : kind?.kind;
      return many ? `Fill ${countedContainers(change.count, many)}` : `Fill ${change.count}`;
    }
    case 'spare': {
      const spare = usualContainer(change.id);
      return spare ? `Take a ${containerWords(spare)} for what is left` : 'Take a spare one';
    }
    case 'swap':
      return `${nameIn(catalog, change.to)} instead of ${nameInSentence(catalog, change.from)}`;
    case 'swap-base':
      return `${nameIn(catalog, change.to)} instead of ${nameInSentence(catalog, change.from)}`;
    case 'remove':
      return `Without ${formatList(change.ids.map((id) => nameInSentence(catalog, id)))}`;
    case 'unscented':
      return 'Use the carrier alone, without essential oil';
    case 'predilute':
      return `Pre-dilute it: mix ${mixedWords(catalog, change.mixed)}, use ${formatDrops(change.drops)} of that${change.containers > 1 ? ' in each' : ''}`;
    case 'solubilise':
      return `Add ${formatPercent(change.percent)} of ${nameInSentence(catalog, change.id)}, which takes the oils up in water`;
    case 'feet':
      return 'Use it on hands or feet instead';
    case 'guideline':
      return 'Use the clinical guideline';
    case 'fit':
      return change.recipe.oils.some(({ amount }) => isIn(amount, 'parts'))
        ? 'Make only what fits'
        : 'Make only what fits, oils in proportion';
    case 'several':
      return change.changes
        .map((suggestedChange, index) => {
          const words = suggestionWords(catalog, suggestedChange, recipe);
          return index === 0 ? words : uncapitalised(words);
        })
        .join(', and ');
  }
};

/** Why someone gets no variant of a blend. */
const variantRefusedWords = (why: Extract<Variant, { ok: false }>['why']): string =>
  ({
    none: 'No essential oils at this age and place.',
    'too-coarse':
      'One drop of each oil is too much. The blend’s own page, set for them, offers a pre-dilution.',
    'no-way': 'No change brings it within their limits. Start another blend for them.',
    'not-worked-out': 'Fill in the sentence of the blend first.',
  })[why];

/** What was changed for someone, in a few words: `Weaker, in a 30 ml roll-on`. */
export const variantWords = (catalog: Catalog, variant: Variant, own: Recipe): string => {
  if (!variant.ok) return variantRefusedWords(variant.why);
  if (variant.changed === null) {
    return variant.recipe.oils === own.oils
      ? 'Nothing: it suits them as it is'
      : 'Weaker, in the same proportions';
  }
  const { change, of } = variant.changed;
  const parts = (change.kind === 'several' ? change.changes : [change]).map((suggestedChange) => {
    const container =
      suggestedChange.kind === 'container' ? usualContainer(suggestedChange.id) : undefined;
    return container
      ? `in a ${containerWords(container)}`
      : suggestionWords(catalog, suggestedChange, of);
  });
  const words = change.kind === 'container' ? ['weaker', ...parts] : parts;
  return capitalised(words.map((part, n) => (n === 0 ? part : uncapitalised(part))).join(', '));
};
