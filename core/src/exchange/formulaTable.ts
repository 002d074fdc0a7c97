import { nameIn, type Catalog } from '../catalog';
import { preDilutionsIn, usualDropsPerMl, type Recipe } from '../recipe';
import { readBlend, type ReadBlend } from './readBlend';

// The formula of a blend as a table, for spreadsheets: what its strength hangs on.

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
