import { Parser } from 'htmlparser2';
import { z } from 'zod';
import { plainFigures } from '../../quantity';
import { withoutTables } from './tables';

/** One line of a source, as far as its markup tells what it is. */
export interface SourceLine {
  readonly text: string;
  /** 0 for no heading, else its level. */
  readonly heading: number;
  /** In a list. */
  readonly isItem: boolean;
  /** In a numbered list, or a step of a recipe in JSON. */
  readonly isStep: boolean;
  /** Certain to be something to do: `Step 2: …`. */
  readonly isDeed: boolean;
  /** Certain to be an ingredient: a recipe in JSON says so. */
  readonly isIngredient: boolean;
}

/** More than this no one pastes: a book of recipes, in letters. */
export const mostLetters = 400_000;
const mostLines = 20_000;
/** A line is cut here: what is longer is no recipe. */
const mostInLine = 2_000;

const line = (text: string, more: Partial<SourceLine> = {}): SourceLine => ({
  text: text.replace(/\s+/g, ' ').trim().slice(0, mostInLine),
  heading: 0,
  isItem: false,
  isStep: false,
  isDeed: false,
  isIngredient: false,
  ...more,
});

/** Marks of Markdown around words say nothing here. */
const withoutMarks = (text: string): string =>
  text
    .replace(/!\[[^\]]*\]\([^)]*\)/g, '')
    .replace(/\[([^\]]+)\]\([^)]*\)/g, '$1')
    .replace(/(\*\*|__)(?=\S)(.*?\S)\1/g, '$2')
    .replace(/(?<!\w)[*_](?=\S)([^*_]*\S)[*_](?!\w)/g, '$1')
    .replace(/`([^`]*)`/g, '$1')
    .replace(/\\([\\`*_{}[\]()#+\-.!|])/g, '$1');

const tableRule = /^\s*\|?\s*:?-{2,}:?\s*(?:\|\s*:?-{2,}:?\s*)*\|?\s*$/;

/** Plain text and Markdown, line by line. */
const textLines = (text: string): SourceLine[] =>
  withoutTables(text.split(/\r\n|\r|\n|\u2028|\u2029/)).flatMap(
    ({ text: raw, isRow }, n, all): SourceLine[] => {
      if (isRow) return [line(withoutMarks(raw), { isItem: true })];
      if (
        tableRule.test(raw) &&
        raw.includes('-') &&
        (raw.includes('|') || /^\s*-{3,}\s*$/.test(raw))
      ) {
        return raw.includes('|') ? [] : [line('')];
      }
      if (/^\s*={3,}\s*$/.test(raw)) return [];
      if (/^\s*(?:```|~~~)/.test(raw)) return [];
      const heading = /^\s{0,3}(#{1,6})\s+(.*?)\s*#*$/.exec(raw);
      if (heading) {
        return [line(withoutMarks(heading[2] ?? ''), { heading: heading[1]?.length ?? 1 })];
      }
      const isUnderlined = /^\s*={3,}\s*$/.test(all[n + 1]?.text ?? '') && raw.trim() !== '';
      if (isUnderlined) return [line(withoutMarks(raw), { heading: 1 })];
      const bold = /^\s*(\*\*|__)([^*_]{2,80})\1:?\s*$/.exec(raw);
      if (bold) return [line(bold[2] ?? '', { heading: 4 })];
      const unquoted = raw.replace(/^\s*>+\s?/, '');
      if (/^\s*\|.*\|/.test(unquoted) || (unquoted.match(/\|/g) ?? []).length >= 2) {
        return [line(cells(unquoted), { isItem: true })];
      }
      if (/\S\t+\S/.test(unquoted))
        return [line(unquoted.trim().replace(/\t+/g, ' : '), { isItem: true })];
      const item = /^\s*(?:[-*+•·▪◦‣●✓✔☐]|\[[ x]?\]|[-*] \[[ x]?\])\s+(.*)$/u.exec(unquoted);
      if (item) {
        return [line(withoutMarks((item[1] ?? '').replace(/^\[[ x]?\]\s*/, '')), { isItem: true })];
      }
      const numbered = /^\s*step\s*\d{1,2}\s*[.):-]\s+(.*)$/i.exec(unquoted);
      if (numbered) return [line(withoutMarks(numbered[1] ?? ''), { isStep: true, isDeed: true })];
      const step = /^\s*(?:step\s*)?(\d{1,2})\s*[.):]\s+(\D.*)$/i.exec(unquoted);
      if (step) return [line(withoutMarks(step[2] ?? ''), { isStep: true })];
      return [line(withoutMarks(unquoted))];
    },
  );

/** The cells of a row of a table, with a colon between them. */
const cells = (row: string): string =>
  row
    .split('|')
    .map((cell) => withoutMarks(cell).trim())
    .filter(Boolean)
    .join(' : ');

const skipped = new Set([
  'script',
  'style',
  'noscript',
  'template',
  'svg',
  'nav',
  'footer',
  'head',
]);
const blocks = new Set(
  'p,div,section,article,header,ul,ol,li,table,tr,h1,h2,h3,h4,h5,h6,br,hr,blockquote,main,dl,dt,dd,figure,figcaption,pre,form'.split(
    ',',
  ),
);

/** Blocks that a cell of a table may hold, and is one cell still. */
const withinCell = new Set(['p', 'div', 'br']);
/** Where a cell ends: a sign that no text holds. */
const cellEnd = '\u0001';

/** The words of a page, block by block, and what recipes it holds in JSON. */
const htmlLines = (
  html: string,
): { readonly lines: SourceLine[]; readonly json: readonly string[] } => {
  const lines: SourceLine[] = [];
  const json: string[] = [];
  let text = '';
  let heading = 0;
  let isItem = false;
  let isStep = false;
  let hidden = 0;
  let script: string | null = null;
  const lists: string[] = [];
  /** Rows of a table, until it is over: what its columns are stands in the first of them. */
  let rows: string[] = [];
  const drain = (): void => {
    if (rows.length > 0) lines.push(...textLines(rows.join('\n')));
    rows = [];
  };
  const flush = (): void => {
    if (text.includes(cellEnd)) {
      const row = text.replace(/\s+/g, ' ').replaceAll('|', '/').replaceAll(cellEnd, '|');
      if (/[^| ]/.test(row)) rows.push(`|${row}`);
    } else if (text.trim() !== '') {
      drain();
      lines.push(line(text, { heading, isItem, isStep }));
    }
    text = '';
  };
  let isInRow = false;
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        if (name === 'script' && /ld\+json/i.test(attributes['type'] ?? '')) script = '';
        if (skipped.has(name)) hidden += 1;
        if (isInRow && withinCell.has(name)) text += ' ';
        else if (blocks.has(name)) flush();
        if (name === 'tr') isInRow = true;
        if (/^h[1-6]$/.test(name)) heading = Number(name.charAt(1));
        if (name === 'ul' || name === 'ol') lists.push(name);
        if (name === 'li') {
          isItem = true;
          isStep = lists[lists.length - 1] === 'ol';
        }
        if (name === 'tr' || name === 'dd') isItem = true;
      },
      ontext(part) {
        if (script !== null) script += part;
        if (hidden === 0) text += part;
      },
      onclosetag(name) {
        if (name === 'script' && script !== null) {
          json.push(script);
          script = null;
        }
        if (skipped.has(name)) hidden = Math.max(0, hidden - 1);
        if (name === 'td' || name === 'th') text += cellEnd;
        if (isInRow && withinCell.has(name)) text += ' ';
        else if (blocks.has(name)) flush();
        if (name === 'tr') isInRow = false;
        if (name === 'table') drain();
        if (/^h[1-6]$/.test(name)) heading = 0;
        if (name === 'ul' || name === 'ol') lists.pop();
        if (name === 'li' || name === 'tr' || name === 'dd') {
          isItem = false;
          isStep = false;
        }
        if (name === 'p' || name === 'ul' || name === 'ol' || name === 'table')
          lines.push(line(''));
      },
    },
    { decodeEntities: true, lowerCaseTags: true },
  );
  parser.write(html);
  parser.end();
  flush();
  drain();
  return { lines, json };
};

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
