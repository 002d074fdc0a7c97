import type { Measures, Range } from '../quantity';
import measuresJson from './data/measures.json';

/** What spoons, cups and ounces hold, by country. */
export const measures: Measures = measuresJson;

/** How a solid lies in a spoon or a cup. */
export const forms = ['pellets', 'grated', 'soft', 'loose'] as const;
export type Form = (typeof forms)[number];

/** In what a solid is measured by volume. */
export const looseUnits = ['ml', 'teaspoon', 'tablespoon', 'dessertspoon', 'cup'] as const;

/**
 * What a solid weighs as it lies, in g to the ml; undefined where that is not known.
 *
 * @param form as it was said; the first that is known where nothing was
 */
export const looseDensity = (baseId: string, form?: Form): Range | undefined => {
  const found = measuresJson.loose.find(
    ({ bases, form: is }) => bases.includes(baseId) && (form === undefined || is === form),
  );
  if (!found) return undefined;
  const [low = 0, likely = 0, high = 0] = found.gPerMl;
  return { low, likely, high };
};

/** How a solid usually lies: the first way that is known; undefined where none is. */
export const usualForm = (baseId: string): Form | undefined => {
  const found = measuresJson.loose.find(({ bases }) => bases.includes(baseId));
  return forms.find((form) => form === found?.form);
};
