import type { SuggestedChange } from '../advice';
import { nameIn, usualContainer, type Catalog } from '../catalog';
import { valueIn, type Recipe } from '../recipe';
import { containerWords } from './brief';
import { formatList, formatPercent } from './numbers';

/** One change that would bring a blend within its limits, in a few words. */
export const suggestionWords = (
  catalog: Catalog,
  change: SuggestedChange,
  recipe: Recipe,
): string => {
  switch (change.kind) {
    case 'target':
      return `Ask for ${formatPercent(change.percent)}`;
    case 'cover':
      return 'Keep that skin under clothes for 24 hours';
    case 'container': {
      const container = usualContainer(change.id);
      return container ? `Take a ${containerWords(container)}` : 'Take a bigger bottle';
    }
    case 'drops':
      return formatList(
        Object.entries(change.drops).map(([id, drops]) => {
          const before = recipe.oils.find((oil) => oil.id === id)?.amount ?? null;
          return `${nameIn(catalog, id)}: ${valueIn(before, 'drops') ?? '?'} to ${drops}`;
        }),
      );
    case 'swap':
      return `${nameIn(catalog, change.to)} in place of ${nameIn(catalog, change.from)}`;
    case 'remove':
      return `Take out ${nameIn(catalog, change.id)}`;
    case 'feet':
      return 'Wear it on hands or feet instead';
    case 'guideline':
      return 'Go by the clinical figures';
  }
};
