import { nameIn, type Catalog } from '../catalog';
import { fillingsOf } from '../drops';
import { catalogOfRecipe, type Mixture } from '../mixture';
import { preDilutionsIn, usualDropsPerMl, type Recipe } from '../recipe';
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

/** One row of a formula as a table. */
export type FormulaRow = readonly [
  kind: string,
  id: string,
  name: string,
  value: string,
  unit: string,
];

/** What is above the columns. */
const formulaHead: FormulaRow = ['kind', 'id', 'name', 'amount', 'unit'];

const containerRow = ({ container, count }: Recipe['containers'][number]): FormulaRow =>
  'id' in container
    ? ['container', container.id, '', String(count), '']
    : // One of the maker's own: its kind, what it is sold as, and how full it is filled.
      [
        'container',
        '',
        container.kind,
        String(count),
        `${container.nominalMl} ml at ${container.workingFillPercent} %`,
      ];

/** `15`, or of a range `10 to 15`. */
const figures = (low: number, high: number | undefined): string =>
  high === undefined ? String(low) : `${low} to ${high}`;

const amountFigures = (amount: {
  readonly value: number;
  readonly from?: number | undefined;
}): string =>
  amount.from === undefined ? String(amount.value) : figures(amount.from, amount.value);

/** Both numbers of `10 to 15`; of one number that alone. */
const numbersIn = (text: string): readonly [number, number?] => {
  const [low = '', high] = text.trim().split(' to ');
  return high === undefined ? [Number(low)] : [Number(low), Number(high)];
};

const kindsOfRow = [
  ...['blend', 'measured by', 'drop', 'guideline', 'target', 'container', 'oil', 'base'],
  'not understood',
  'pre-dilution',
];

/** A quote comes before what a spreadsheet would take for a formula. */
const unquoted = (text: string): string => text.replace(/^'(?=[=+\-@\t\r])/, '');

/** What a pre-dilution is mixed from: its id, and that of the material behind a stroke. */
const mixedRow = (
  catalog: Catalog,
  mixedId: string,
  id: string,
  value: number,
  unit: 'drops' | 'ml',
): FormulaRow => ['pre-dilution', `${mixedId}/${id}`, nameIn(catalog, id), String(value), unit];

/** The pre-dilutions that a table holds. */
const mixedIn = (rows: readonly (readonly string[])[]): readonly unknown[] => {
  const ids = [...new Set(rows.map(([, id = '']) => id.trim().split('/')[0] ?? ''))];
  return ids.map((mixedId) => {
    const of = (unit: string) =>
      rows.flatMap(([, id = '', , value = '', its = '']) => {
        const [mixed, ...rest] = id.trim().split('/');
        return mixed === mixedId && its.trim().toLowerCase() === unit
          ? [{ id: rest.join('/'), amount: Number(value) }]
          : [];
      });
    const carrier = of('ml')[0];
    return {
      id: mixedId,
      oils: of('drops').map(({ id, amount }) => ({ id, drops: amount })),
      carrier: { id: carrier?.id, ml: carrier?.amount },
    };
  });
};

/** The formula of a blend as a table: what its strength hangs on, and no more of it. */
export const formulaRows = (catalog: Catalog, recipe: Recipe): readonly FormulaRow[] => [
  formulaHead,
  ['blend', '', recipe.name, '', ''],
  ['measured by', recipe.by, '', '', ''],
  ['drop', '', '', String(recipe.dropsPerMl), 'drops per ml'],
  ['guideline', recipe.guideline, '', '', ''],
  ...(recipe.target
    ? [['target', '', '', figures(recipe.target.percent, recipe.target.upTo), 'percent'] as const]
    : []),
  ...recipe.containers.map(containerRow),
  ...(['bases', 'oils'] as const).flatMap((kind) =>
    recipe[kind].map(({ id, amount }): FormulaRow => [
      kind === 'oils' ? 'oil' : 'base',
      id,
      nameIn(catalog, id),
      amount && amount.unit !== 'loose' ? amountFigures(amount) : '',
      amount && amount.unit !== 'loose' ? amount.unit : '',
    ]),
  ),
  ...preDilutionsIn(recipe).flatMap(({ id, oils, carrier }) => [
    ...oils.map((oil) => mixedRow(catalog, id, oil.id, oil.drops, 'drops')),
    mixedRow(catalog, id, carrier.id, carrier.ml, 'ml'),
  ]),
  ...recipe.notUnderstood.map((text): FormulaRow => ['not understood', '', text, '', '']),
];

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const carriedIn = (json: unknown): string | null => {
  if (!isRecord(json)) return null;
  const { encoding } = json;
  return isRecord(encoding) && encoding['name'] === mark && typeof encoding['text'] === 'string'
    ? encoding['text']
    : null;
};

const amountIn = (unit: string, text: string): unknown => {
  const [low, high] = numbersIn(text);
  return high === undefined ? { unit, value: low } : { unit, value: high, from: low };
};

const targetIn = (text: string): unknown => {
  const [percent, upTo] = numbersIn(text);
  return { percent, ...(upTo !== undefined && { upTo }) };
};

/** The blend that a table of a formula holds; null where the table is none. */
export const blendOfRows = (rows: readonly (readonly string[])[]): ReadBlend | null => {
  const [head, ...rest] = rows;
  if (!head || formulaHead.some((name, n) => head[n]?.trim().toLowerCase() !== name)) return null;
  const body = rest.map(([kind = '', ...cells]) => [kind.trim().toLowerCase(), ...cells]);
  const odd = body.findIndex(
    ([kind = '', ...cells]) =>
      !kindsOfRow.includes(kind) && (kind !== '' || cells.some((cell) => cell.trim() !== '')),
  );
  if (odd >= 0) {
    const text = rest[odd]?.[0]?.trim() ?? '';
    return { ok: false, problem: { code: 'wrong-row', path: ['row', odd + 2], text } };
  }
  const of = (kind: string) =>
    body
      .filter(([first]) => first === kind)
      .slice(0, 100)
      .map(([, id = '', , value = '', unit = '']) => ({
        id: id.trim(),
        ...(value.trim() !== '' && { amount: amountIn(unit.trim().toLowerCase(), value) }),
      }));
  const row = (kind: string): readonly string[] | undefined =>
    body.find(([first]) => first === kind);
  const containers = body
    .filter(([first]) => first === 'container')
    .map(([, id = '', kind = '', count = '', size = '']) => {
      const own = /^([\d.]+) ml at ([\d.]+) %$/.exec(size.trim());
      return {
        container: own
          ? {
              kind: kind.trim(),
              nominalMl: Number(own[1]),
              workingFillPercent: Number(own[2]),
            }
          : { id: id.trim() },
        count: Number(count),
      };
    });
  const target = row('target')?.[3];
  const mixed = mixedIn(body.filter(([first]) => first === 'pre-dilution'));
  const unread = body
    .filter(([first]) => first === 'not understood')
    .map((entry) => unquoted(entry[2] ?? ''));
  return readBlend({
    format: 'jubbet-blend',
    version: 3,
    name: unquoted(row('blend')?.[2] ?? '').slice(0, 120),
    brief: { use: 'leave-on', sun: 'exposed', asked: [] },
    containers,
    by: row('measured by')?.[1]?.trim() ?? 'volume',
    guideline: row('guideline')?.[1]?.trim() ?? 'clinical',
    dropsPerMl: Number(row('drop')?.[3] ?? usualDropsPerMl),
    ...(target !== undefined && { target: targetIn(target) }),
    ...(unread.length > 0 && { notUnderstood: unread }),
    oils: of('oil'),
    ...(mixed.length > 0 && { preDilutions: mixed }),
    bases: of('base'),
  });
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
