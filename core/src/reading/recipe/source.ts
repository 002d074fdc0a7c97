import { z } from 'zod';
import { plainFigures } from '../../quantity';
import { htmlLines } from './html';
import { line, textLines, type SourceLine } from './sourceLine';

/** More than this no one pastes: a book of recipes, in letters. */
export const mostLetters = 400_000;
const mostLines = 20_000;

const words = z.union([z.string(), z.number()]).transform(String);
const named = z.looseObject({
  name: words.optional(),
  text: words.optional(),
  '@type': z.unknown().optional(),
});
const things = z.union([words, named, z.array(z.union([words, named, z.array(z.unknown())]))]);

const recipeJson = z.looseObject({
  '@type': z.unknown().optional(),
  name: words.optional().catch(undefined),
  description: words.optional().catch(undefined),
  recipeYield: z
    .union([words, z.array(words)])
    .optional()
    .catch(undefined),
  recipeIngredient: things.optional().catch(undefined),
  ingredients: things.optional().catch(undefined),
  supply: things.optional().catch(undefined),
  recipeInstructions: z.unknown().optional(),
  step: z.unknown().optional(),
});

/** Everything in a piece of JSON that calls itself a recipe or a how-to; not deeper than a page nests them. */
const recipesIn = (value: unknown, depth = 0): z.infer<typeof recipeJson>[] => {
  if (depth > 6 || typeof value !== 'object' || value === null) return [];
  if (Array.isArray(value))
    return value.slice(0, 500).flatMap((entry) => recipesIn(entry, depth + 1));
  const read = recipeJson.safeParse(value);
  const types = read.success ? JSON.stringify(read.data['@type'] ?? '') : '';
  if (read.success && /"(?:https?:\/\/schema\.org\/)?(?:Recipe|HowTo)"/.test(types))
    return [read.data];
  return Object.values(value).flatMap((entry) => recipesIn(entry, depth + 1));
};

/** The texts of supplies or of steps, however deep they lie. */
const textsIn = (value: unknown, depth = 0): string[] => {
  if (depth > 6) return [];
  if (typeof value === 'string') return value.split(/\n+/);
  if (typeof value === 'number') return [String(value)];
  if (Array.isArray(value))
    return value.slice(0, 500).flatMap((entry) => textsIn(entry, depth + 1));
  if (typeof value !== 'object' || value === null) return [];
  const { itemListElement, text, name, requiredQuantity } = value as Record<string, unknown>;
  if (itemListElement !== undefined) return textsIn(itemListElement, depth + 1);
  const [quantity] = textsIn(requiredQuantityText(requiredQuantity), depth + 1);
  if (quantity !== undefined && typeof name === 'string') return [`${quantity} ${name}`];
  return textsIn(text ?? name, depth + 1);
};

/** `{ value: 10, unitText: 'drops' }` as it would be written. */
const requiredQuantityText = (quantity: unknown): unknown => {
  if (typeof quantity !== 'object' || quantity === null) return quantity;
  const { value, unitText, unitCode } = quantity as Record<string, unknown>;
  return typeof value === 'number' || typeof value === 'string'
    ? `${value} ${typeof unitText === 'string' ? unitText : typeof unitCode === 'string' ? unitCode : ''}`.trim()
    : undefined;
};

/** Tags within a text of JSON are no words. */
const bare = (text: string): string =>
  /<\w/.test(text)
    ? htmlLines(text)
        .lines.map((sourceLine) => sourceLine.text)
        .join(' ')
    : text;

const jsonLines = (json: string): SourceLine[] => {
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch {
    return [];
  }
  return recipesIn(value).flatMap((recipe) => [
    line(bare(recipe.name ?? ''), { heading: 1 }),
    ...(recipe.description ? [line(bare(recipe.description))] : []),
    ...textsIn(recipe.recipeYield).map((text) => line(text)),
    ...textsIn(recipe.recipeIngredient ?? recipe.ingredients ?? recipe.supply).map((text) =>
      line(bare(text), { isItem: true, isIngredient: true }),
    ),
    ...textsIn(recipe.recipeInstructions ?? recipe.step).map((text) =>
      line(bare(text), { isStep: true }),
    ),
  ]);
};

/** A source as lines: plain text, Markdown, a page of HTML, or a recipe in JSON-LD. */
export const sourceLines = (source: string): readonly SourceLine[] => {
  const text = plainFigures(source.slice(0, mostLetters).replace(/^\ufeff/, ''));
  const start = text.trimStart();
  if (/^[[{]/.test(start)) {
    const lines = jsonLines(start);
    if (lines.length > 0) return lines.slice(0, mostLines);
    if (isJson(start)) return [];
  }
  if (
    /<(?:html|body|div|p|ul|ol|li|table|h[1-6]|script|br|article|section|!doctype)\b/i.test(text)
  ) {
    const { lines, json } = htmlLines(text);
    const fromJson = json.flatMap(jsonLines);
    return (fromJson.some(({ isIngredient }) => isIngredient) ? fromJson : lines).slice(
      0,
      mostLines,
    );
  }
  return textLines(text).slice(0, mostLines);
};

const isJson = (text: string): boolean => {
  try {
    JSON.parse(text);
    return true;
  } catch {
    return false;
  }
};
