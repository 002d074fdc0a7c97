import { catalogCarrying, shippedCatalog, type Base, type Catalog, type Oil } from '../catalog';
import { assumedDensity } from '../mixture';
import { unique } from '../quantity';
import {
  type Effort,
  type GiftPlan,
  type Pace,
  type PlannedLine,
  type ShelfRow,
  type Supply,
  type WorkedPlan,
  workOutPlan,
} from '../planning';
import {
  containerProblems,
  fieldName,
  fileProblemWords,
  formProblemWords,
  lateWords,
  lineProblemWords,
  plannedTaskWords,
  supplyProblems,
  tooMuchWords,
} from '../words';
import { firstFormProblem } from './formProblem';
import { type PlanFile, planFileSchema } from './planFile';
import { readBlend } from './readBlend';

/** In ml or in g, as the row is. */
type InUnit = { readonly ml: number } | { readonly g: number };

/** A plan worked out, as `npm run plan` prints it. */
export interface PlanReport {
  readonly feasible: boolean;
  readonly problems: readonly { readonly code: string; readonly text: string }[];
  readonly materials: readonly {
    readonly id: string;
    /** Null where not all of it is counted. */
    readonly drops: number | null;
    readonly ml: number;
    readonly g: number;
    readonly fromShelf: readonly ({ readonly bottle: string } & InUnit)[];
    readonly buy: readonly (InUnit & { readonly count: number; readonly price: number | null })[];
    readonly over: InUnit | null;
  }[];
  readonly containers: readonly {
    readonly id: string;
    readonly need: number;
    readonly have: number;
    readonly packs: number;
    readonly price: number | null;
  }[];
  readonly cost: {
    readonly buy: number | null;
    readonly used: number | null;
    readonly perPiece: Readonly<Record<string, number | null>>;
  };
  readonly batches: readonly {
    readonly id: string;
    readonly line: string;
    readonly pieces: number;
    readonly ml: number;
  }[];
  readonly tasks: readonly {
    readonly batch: string;
    readonly step: string;
    readonly what: string;
    readonly start: string;
    readonly end: string;
    readonly hands: 0 | 1;
    readonly pan: boolean;
    readonly fridge: boolean;
  }[];
  readonly finish: string;
  readonly lastStart: string | null;
  readonly tookMinutes: number;
  readonly boundMinutes: number;
  readonly handsMinutes: number;
  readonly proved: boolean;
}

/** A plan read and worked out, or one sentence that names the line or the field. */
export type PlanRead =
  | {
      readonly ok: true;
      readonly report: PlanReport;
      /** Lines that are over a limit, by their id. */
      readonly over: readonly string[];
    }
  | NotRead;

interface NotRead {
  readonly ok: false;
  readonly sentence: string;
  /** The line that keeps it from being worked out, and why, in words; null where it is none alone. */
  readonly line: { readonly id: string; readonly why: string } | null;
}

type Read<T> = { readonly ok: true; readonly value: T } | NotRead;

const no = (sentence: string): NotRead => ({ ok: false, sentence, line: null });

const noLine = (id: string, why: string): NotRead => ({
  ok: false,
  sentence: `line ${id}: ${why}`,
  line: { id, why },
});

/** To a ten-thousandth: what is beyond that is arithmetic, not measure. */
const rounded = (value: number): number => Math.round(10_000 * value) / 10_000;
const money = (value: number | null): number | null => (value === null ? null : rounded(value));

const lineOf = (line: PlanFile['lines'][number], today: string): Read<PlannedLine> => {
  const read = readBlend(line.blend);
  if (!read.ok) return noLine(line.id, `blend.${fileProblemWords(read.problem)}`);
  const catalog = catalogCarrying(shippedCatalog, read.materials, { today });
  const { id, pieces, patchTest } = line;
  return { ok: true, value: { id, pieces, patchTest, catalog, recipe: read.recipe } };
};

/** The form of a plan: whatever else is in the text is said. */
const fileOf = (text: string): Read<PlanFile> => {
  let json: unknown;
  try {
    json = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    return no('file: this is not JSON, or it is cut off.');
  }
  const format =
    typeof json === 'object' && json !== null ? (json as { format?: unknown }).format : null;
  if (format !== 'jubbet-plan') {
    return no('format: this is not a plan; it should say "format": "jubbet-plan".');
  }
  const parsed = planFileSchema.safeParse(json);
  if (parsed.success) return { ok: true, value: parsed.data };
  const form = firstFormProblem(parsed.error, json);
  return no(`${fieldName(form.path)}: ${formProblemWords(form)}.`);
};

/** A row of the shelf in its own unit. */
const rowOf = (row: PlanFile['shelf'][number], densityGPerMl: number): ShelfRow => {
  const unit = row.ml === undefined ? 'g' : 'ml';
  const size =
    unit === 'ml'
      ? (row.sizeMl ?? (row.sizeG ? row.sizeG / densityGPerMl : null))
      : (row.sizeG ?? (row.sizeMl ? row.sizeMl * densityGPerMl : null));
  const { id, material, opened = null, bestBefore = null, price = null, dropMl = null } = row;
  return {
    ...{ id, material, unit, amount: row.ml ?? row.g ?? 0, size },
    ...{ opened, bestBefore, price, dropMl },
  };
};

const materialIn = (catalogs: readonly Catalog[], id: string): Oil | Base | undefined => {
  for (const catalog of catalogs) {
    const found = catalog.oil(id) ?? catalog.base(id);
    if (found) return found;
  }
  return undefined;
};

const planOfFile = (file: PlanFile, pace: Pace): Read<GiftPlan> => {
  const lines: PlannedLine[] = [];
  for (const line of file.lines) {
    const read = lineOf(line, file.from.slice(0, 10));
    if (!read.ok) return read;
    lines.push(read.value);
  }
  const catalogs = [...lines.map(({ catalog }) => catalog), shippedCatalog];
  const shelf: ShelfRow[] = [];
  for (const [n, row] of file.shelf.entries()) {
    const material = materialIn(catalogs, row.material);
    if (!material) return no(`shelf.${n}.material: “${row.material}” is not known.`);
    shelf.push(rowOf(row, material.densityGPerMl ?? assumedDensity.likely));
  }
  const unknown = file.sold.findIndex(({ material }) => !materialIn(catalogs, material));
  if (unknown >= 0) {
    return no(`sold.${unknown}.material: “${file.sold[unknown]?.material}” is not known.`);
  }
  const { from, ready, hours, hands, pans, fridges, largestJugMl } = file;
  return {
    ok: true,
    value: {
      ...{ from, ready, lines, shelf, largestJugMl },
      hours: hours ?? null,
      capacity: { hands, pans, fridges },
      sold: file.sold.flatMap(({ material, sizes }) =>
        sizes.map(({ ml, g, price = null }) => ({
          ...{ material, price },
          unit: ml === undefined ? ('g' as const) : ('ml' as const),
          amount: ml ?? g ?? 0,
        })),
      ),
      containers: file.containers.map(({ id, have, pack, price = null }) => ({
        ...{ id, have, pack, price },
      })),
      pace,
    },
  };
};

const inUnit = (unit: 'ml' | 'g', amount: number): InUnit =>
  unit === 'ml' ? { ml: rounded(amount) } : { g: rounded(amount) };

const materialOut = ({ id, drops, ml, g, fromShelf, buy, over }: Supply) => ({
  ...{ id, drops, ml: rounded(ml), g: rounded(g) },
  fromShelf: fromShelf.map(({ row, amount }) => ({
    bottle: row.id,
    ...inUnit(row.unit, amount),
  })),
  buy: buy.map(({ size, count }) => ({
    ...inUnit(size.unit, size.amount),
    count,
    price: size.price,
  })),
  over: over && inUnit(over.unit, over.amount),
});

/** The lines of which any batch is over a limit. */
const overLines = ({ batches }: WorkedPlan): readonly string[] =>
  unique(
    batches.flatMap(({ line, calculated: { evaluation } }) =>
      evaluation.verdict === 'over' ? [line] : [],
    ),
  );

/** What stands in a report of a plan that was worked out. */
export const planReport = (plan: GiftPlan, worked: WorkedPlan): PlanReport => {
  const catalogOf = (batch: string): Catalog =>
    plan.lines.find(({ id }) => worked.batches.some((b) => b.id === batch && b.line === id))
      ?.catalog ?? shippedCatalog;
  const anyCatalog = (id: string): Catalog =>
    plan.lines.find(({ catalog }) => materialIn([catalog], id))?.catalog ?? shippedCatalog;
  return {
    feasible: worked.isInTime,
    problems: [
      ...(worked.isInTime
        ? []
        : [{ code: 'too-late', text: lateWords(worked.finish, plan.ready) }]),
      ...overLines(worked).map((line) => ({
        code: 'over-limit',
        text: `Line ${line} is over a limit: read its verdict before you make it.`,
      })),
      ...worked.supplies.flatMap((supply) => supplyProblems(anyCatalog(supply.id), supply)),
      ...worked.containers.flatMap(containerProblems),
    ],
    materials: worked.supplies.map(materialOut),
    containers: worked.containers.map(({ id, need, have, packs, price }) => ({
      ...{ id, need, have, packs, price: money(price) },
    })),
    cost: {
      buy: money(worked.buyCost),
      used: money(worked.usedCost),
      perPiece: Object.fromEntries([...worked.perPiece].map(([id, cost]) => [id, money(cost)])),
    },
    batches: worked.batches.map(({ id, line, pieces, ml }) => ({
      ...{ id, line, pieces, ml: rounded(ml) },
    })),
    tasks: worked.tasks.map(({ batch, task, start, end, hands, pan, fridge }) => ({
      batch,
      step: task === 'patch-test' ? task : task.steps[0].kind,
      what: plannedTaskWords(catalogOf(batch), { task }),
      ...{ start, end, hands: hands ? (1 as const) : (0 as const), pan, fridge },
    })),
    finish: worked.finish,
    lastStart: worked.lastStart,
    tookMinutes: worked.tookMinutes,
    boundMinutes: worked.boundMinutes,
    handsMinutes: worked.handsMinutes,
    proved: worked.tookMinutes === worked.boundMinutes,
  };
};

/**
 * Reads a plan of gifts from the text of a file and works it out.
 *
 * @param pace how the house works, where its own batches say so
 */
export const planOf = (text: string, effort: Effort, pace: Pace = new Map()): PlanRead => {
  const file = fileOf(text);
  if (!file.ok) return file;
  const plan = planOfFile(file.value, pace);
  if (!plan.ok) return plan;
  const worked = workOutPlan(plan.value, effort);
  if (worked.ok) {
    return {
      ok: true,
      report: planReport(plan.value, worked.plan),
      over: overLines(worked.plan),
    };
  }
  if (worked.problem.line === null) return no(tooMuchWords(worked.problem.problem));
  const { line, problem } = worked.problem;
  const catalog = plan.value.lines.find(({ id }) => id === line)?.catalog ?? shippedCatalog;
  return noLine(line, lineProblemWords(catalog, problem));
};
