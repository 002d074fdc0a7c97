import { nameIn, type Catalog } from '../catalog';
import { fillingsOf } from '../drops';
import { catalogOfRecipe, type Mixture } from '../mixture';
import type { Recipe } from '../recipe';
import {
  fillingsWords,
  formatDrops,
  formatG,
  formatMl,
  nameOrNone,
  preDilutionLines,
  recipeAmountWords,
  strengthWords,
} from '../words';
import type { BlendFile3 } from './blendFile2';
import { readBlend, readBlendText, type ReadBlend } from './readBlend';
import { writeBlend } from './writeBlend';

// A blend in forms that people and other programs read. Each carries the blend file itself, so that
// what goes out comes in again as it was.

const fence = '```';
const mark = 'jubbet-blend';

/** A blend on its way out. */
export interface BlendOut {
  readonly recipe: Recipe;
  /** Its file: with the wearer or without, as the maker ticked. */
  readonly file: BlendFile3;
  /** How it is made, in sentences; none where it cannot be worked out yet. */
  readonly steps: readonly string[];
  /** What it comes to; null where it cannot be worked out yet. */
  readonly mixture?: Mixture | null;
}

/** What goes in, line by line: `Lavender: 6 drops`. */
const ingredientLines = (
  house: Catalog,
  recipe: Recipe,
  mixture: Mixture | null,
): readonly string[] => {
  const catalog = catalogOfRecipe(house, recipe);
  return [
    ...[...recipe.bases, ...recipe.oils].map(
      ({ id }) => `${nameIn(catalog, id)}: ${realAmountWords(recipe, mixture, id)}`,
    ),
    ...preDilutionLines(house, recipe),
    ...(mixture && mixture.oils.length > 0
      ? [`Essential oil in all: ${strengthWords(mixture, recipe.by)}`]
      : []),
  ];
};

/**
 * How much of a material goes in, as it can be read alone: drops, ml and g. A part of oil beside a
 * part of carrier would read as half essential oil.
 */
const realAmountWords = (recipe: Recipe, mixture: Mixture | null, id: string): string => {
  const oil = mixture?.oils.find((entry) => entry.oil.id === id);
  const base = mixture?.bases.find((entry) => entry.base.id === id);
  const written = [...recipe.oils, ...recipe.bases].find((entry) => entry.id === id)?.amount;
  if (oil) {
    const measured = `${formatMl(oil.ml.likely)}, ${formatG(oil.g.likely)}`;
    return oil.drops === null ? measured : `${formatDrops(oil.drops)} (${measured})`;
  }
  if (base) {
    const measured = `${formatMl(base.ml.likely)}, ${formatG(base.g.likely)}`;
    return written?.unit === 'loose' ? `${recipeAmountWords(written)} (${measured})` : measured;
  }
  return recipeAmountWords(written ?? null);
};

/** Marks of Markdown in a maker’s own words are words. */
const tame = (text: string): string => text.replace(/([\\`*_{}[\]<>#|])/g, '\\$1');

/** A blend as Markdown: to be read, with the blend file in a block at its end. */
export const blendMarkdown = (
  catalog: Catalog,
  { recipe, file, steps, mixture = null }: BlendOut,
): string =>
  [
    `# ${tame(nameOrNone(recipe.name))}`,
    ...(recipe.purpose ? [tame(recipe.purpose)] : []),
    tame(fillingsWords(fillingsOf(recipe))),
    '## Ingredients',
    ingredientLines(catalog, recipe, mixture)
      .map((line) => `- ${tame(line)}`)
      .join('\n'),
    ...(steps.length > 0
      ? ['## Steps', steps.map((step, n) => `${n + 1}. ${tame(step)}`).join('\n')]
      : []),
    ...(recipe.notes ? ['## Notes', tame(recipe.notes)] : []),
    'Published guidance, not medical advice.',
    `${fence}${mark}\n${writeBlend(file).trim()}\n${fence}`,
  ].join('\n\n') + '\n';

/** A blend as JSON-LD of schema.org: a how-to with its supplies, and the blend file as its encoding. */
export const blendHowTo = (
  house: Catalog,
  { recipe, file, steps, mixture = null }: BlendOut,
): string =>
  `${JSON.stringify(
    {
      '@context': 'https://schema.org',
      '@type': 'HowTo',
      name: nameOrNone(recipe.name),
      ...(recipe.purpose && { description: recipe.purpose }),
      yield: fillingsWords(fillingsOf(recipe)),
      supply: [...recipe.bases, ...recipe.oils].map(({ id, amount }) => ({
        '@type': 'HowToSupply',
        name: nameIn(catalogOfRecipe(house, recipe), id),
        ...(amount && { requiredQuantity: realAmountWords(recipe, mixture, id) }),
      })),
      step: steps.map((text) => ({ '@type': 'HowToStep', text })),
      encoding: {
        '@type': 'MediaObject',
        encodingFormat: 'application/json',
        name: mark,
        text: writeBlend(file),
      },
    },
    null,
    2,
  )}\n`;

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const carriedIn = (json: unknown): string | null => {
  if (!isRecord(json)) return null;
  const { encoding } = json;
  return isRecord(encoding) && encoding['name'] === mark && typeof encoding['text'] === 'string'
    ? encoding['text']
    : null;
};

/**
 * A blend out of any form that carries it: a blend file, Markdown or JSON-LD with one in it. Null
 * where the text carries none: it may be a recipe still.
 */
export const readAnyBlend = (text: string): ReadBlend | null => {
  const start = text.replace(/^\uFEFF/, '').trimStart();
  const block = new RegExp(`${fence}${mark}\\r?\\n([\\s\\S]*?)\\r?\\n${fence}`).exec(text);
  if (block) return readBlendText(block[1] ?? '');
  if (!start.startsWith('{')) return null;
  let json: unknown;
  try {
    json = JSON.parse(start);
  } catch {
    return readBlendText(text);
  }
  const carried = carriedIn(json);
  if (carried !== null) return readBlendText(carried);
  return isRecord(json) && '@context' in json ? null : readBlend(json);
};
